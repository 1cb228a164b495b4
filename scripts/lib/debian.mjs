import { Told, run } from './run.mjs';

/**
 * Install a Debian package, when this user may; else say which one is missing and how to get it.
 *
 * @param what  what it is needed for, in a sentence
 */
export async function installDebian(name, what) {
  const byHand = `${what} Install Debian's package ${name} (apt-get install ${name}), then run this again.`;
  if (process.getuid?.() !== 0) throw new Told(byHand);
  if ((await run('apt-get', ['--version'])).code !== 0) throw new Told(byHand);
  process.stderr.write(`Installing Debian's package ${name} ...\n`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const install = () => run('apt-get', ['install', '-y', '--no-install-recommends', name], { env });
  let { code, output } = await install();
  if (code !== 0) {
    await run('apt-get', ['update'], { env });
    ({ code, output } = await install());
  }
  if (code !== 0) throw new Told(`${byHand}\n${output.trim().split('\n').slice(-3).join('\n')}`);
}
