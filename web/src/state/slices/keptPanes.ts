import { browserStore } from '../../browser/browserStore';
import { MOST_PANES, VIEWS, type ViewKind } from './viewKinds';

const KEY = 'tarnpass-panes';
const USUAL: readonly ViewKind[] = ['plan', 'section', 'pass'];

/** The panes this browser last showed. */
export function keptPanes(): readonly ViewKind[] {
  const kept = (browserStore.get(KEY) ?? '').split(' ').filter((kind): kind is ViewKind => kind in VIEWS);
  return kept.length > 0 ? kept.slice(0, MOST_PANES) : USUAL;
}

/** Keeps them in this browser, for the next time. */
export function keepPanes(panes: readonly ViewKind[]): void {
  browserStore.set(KEY, panes.join(' '));
}
