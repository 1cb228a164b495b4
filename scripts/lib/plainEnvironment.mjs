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
    const trapped = this.global;
    for (const [name, { enumerable }] of Object.entries(Object.getOwnPropertyDescriptors(trapped)))
      if (!(name in plain)) Object.defineProperty(plain, name, passedOn(plain, trapped, name, enumerable));
    for (const name of Object.getOwnPropertySymbols(trapped)) plain[name] = trapped[name];
    // What passes between a test and Node's own modules is of Node's classes.
    for (const name of ['ArrayBuffer', 'Uint8Array']) plain[name] = trapped[name];
    plain.global = plain;
    this.global = plain;
    this.context = plain;
  }
}

/** Node's own globals are read when they are first asked for; a test may put others in their place. */
const passedOn = (plain, trapped, name, enumerable) => ({
  configurable: true,
  enumerable,
  get: () => trapped[name],
  set: (value) =>
    Object.defineProperty(plain, name, { configurable: true, enumerable, writable: true, value }),
});
