/**
 * Which tab this is. Its name outlives a reload, and a lock under it is held as long as the page lives, so that others can
 * tell what a tab that is gone left behind from what one at work keeps for itself.
 */
const NAME = 'tarnpass-tab';
/** A page that is being reloaded lets go of its lock within this, ms. */
const LETS_GO = 300;

const session = (): Storage | undefined => {
  try {
    return sessionStorage;
  } catch {
    return undefined;
  }
};
const named = (name: string): string => {
  try {
    session()?.setItem(NAME, name);
  } catch {
    // A full store: the tab then has another name after a reload, and finds what it left as another's.
  }
  return name;
};

let mine = session()?.getItem(NAME) ?? named(crypto.randomUUID());

export const tabName = (): string => mine;

const locks: LockManager | undefined = navigator.locks;
const lockOf = (tab: string) => `${NAME}-${tab}`;

/** Hold the lock of a name until the page is gone; false where another page holds it. */
const hold = (tab: string): Promise<boolean> =>
  new Promise((resolve) => {
    void locks!.request(lockOf(tab), { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock ? new Promise(() => undefined) : undefined;
    });
  });

/** Resolves once this tab's name is its own: a copied tab brings the name of the one it was copied from, and takes another. */
export const tabClaimed: Promise<void> = (async () => {
  if (!locks || (await hold(mine))) return;
  await new Promise((resolve) => setTimeout(resolve, LETS_GO));
  if (await hold(mine)) return;
  mine = named(crypto.randomUUID());
  await hold(mine);
})();

/** Whether a tab of a name is open in this browser; where that cannot be known, none is taken to be. */
export async function isOpenTab(tab: string): Promise<boolean> {
  const held = (await locks?.query())?.held ?? [];
  return held.some(({ name }) => name === lockOf(tab));
}
