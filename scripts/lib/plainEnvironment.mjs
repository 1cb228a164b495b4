import { constants, createContext } from 'node:vm';
import { TestEnvironment } from 'jest-environment-node';

/**
 * Jest's environment for Node with a global object without traps. Jest lays its own behind a proxy, where each `Math`, `Map` or `Infinity`
 * costs a call: what is counted in millions, as everything here is, took five to two hundred times as long as it does outside.
 */
export default class PlainEnvironment extends TestEnvironment {
  constructor(config, context) {
    super(config, context);
    const plain = createContext(constants.DONT_CONTEXTIFY);
    const trapped = Object.getOwnPropertyDescriptors(this.global);
    for (const name of Reflect.ownKeys(trapped))
      if (!(name in plain)) Object.defineProperty(plain, name, trapped[name]);
    // What passes between a test and Node's own modules is of Node's classes.
    for (const name of ['ArrayBuffer', 'Uint8Array']) plain[name] = this.global[name];
    plain.global = plain;
    this.global = plain;
    this.context = plain;
  }
}
