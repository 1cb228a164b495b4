import { capitalised } from '@tarnpass/core';
import { browserStore } from '../../browser/browserStore';

/** Everything that can be done by name or by key: the page of keys, the search and the board read this one table. */
export const COMMANDS = {
  find: { words: 'Find a command or a thing', keys: 'w', group: 'Finding' },
  keys: { words: 'All keys', keys: 'h', group: 'Finding' },
  nextFinding: { words: 'Next finding', keys: 'n', group: 'Finding' },
  previousFinding: { words: 'Finding before', keys: 'shift+n', group: 'Finding' },
  measure: { words: 'Go to Measure', keys: '1', group: 'Stages' },
  plan: { words: 'Go to Plan', keys: '2', group: 'Stages' },
  check: { words: 'Go to Check', keys: '3', group: 'Stages' },
  make: { words: 'Go to Make', keys: '4', group: 'Stages' },
  jobs: { words: 'All jobs', keys: 'j', group: 'Stages' },
  undo: { words: 'Undo', keys: 'mod+z', group: 'Changing' },
  redo: { words: 'Redo', keys: 'mod+shift+z', group: 'Changing' },
  duplicate: { words: 'Duplicate', keys: 'd', group: 'Changing' },
  duplicateMirrored: { words: 'Duplicate mirrored', keys: 'shift+d', group: 'Changing' },
  mirror: { words: 'Mirror left and right', keys: 'm', group: 'Changing' },
  copy: { words: 'Copy', keys: 'mod+c', group: 'Changing' },
  paste: { words: 'Paste', keys: 'mod+v', group: 'Changing' },
  group: { words: 'Group what is selected', keys: 'g', group: 'Changing' },
  ungroup: { words: 'Take the group apart', keys: 'shift+g', group: 'Changing' },
  takeOut: { words: 'Take out', keys: 'delete', group: 'Changing' },
  play: { words: 'Play the selected part', keys: 'p', group: 'Moving' },
  openAll: { words: 'Open all', keys: 'o', group: 'Moving' },
  shutAll: { words: 'Shut all', keys: 's', group: 'Moving' },
  openInOrder: { words: 'Open in order', keys: 'i', group: 'Moving' },
  orderHere: { words: 'In order to where all stand', keys: 'shift+i', group: 'Moving' },
  view: { words: 'Next view in the large pane', keys: 'v', group: 'Sheet' },
  units: { words: 'Change mm and inches', keys: 'u', group: 'Sheet' },
  light: { words: 'Change light and dark sheet', keys: 'l', group: 'Sheet' },
  print: { words: 'Print the sheet', keys: 'shift+p', group: 'Sheet' },
  saveSvg: { words: 'Save the sheet as SVG', keys: '', group: 'Sheet' },
  savePng: { words: 'Save the sheet as PNG', keys: '', group: 'Sheet' },
} as const;

export type CommandId = keyof typeof COMMANDS;
export const COMMAND_IDS = Object.keys(COMMANDS) as CommandId[];

/** Keys that only count where they are pressed: on what has the focus. */
export const PLACE_KEYS: readonly (readonly [place: string, keys: string, words: string])[] = [
  ['On a strip', 'Arrow keys', 'move the part by a degree or a millimetre'],
  ['On a strip', 'Page up, Page down', 'move it by ten'],
  ['On a strip', 'Home, End', 'shut it, open it fully'],
  ['On a strip', 'Enter or Space', 'play it open, and shut again'],
  [
    'On a selected thing on the sheet',
    'Arrow keys',
    'shift it by a millimetre or a sixteenth; with Shift by ten',
  ],
  ['On a selected thing on the sheet', 'Shift and press', 'select another with it'],
  ['In a number while measuring', 'F2', 'take what the meter or the angle gauge reads'],
  ['On a corner of the walls', 'Arrow keys', 'shift it; with Shift by ten'],
  ['On an upright or a fixed shelf', 'Arrow keys', 'give one bay to the other; with Shift by ten'],
  ['On a dimension', 'Enter', 'type over it; Escape leaves it as it was'],
  ['In a view', '+ and −', 'enlarge and reduce'],
  ['In a view', '0', 'show the whole'],
  ['In a view', 'Alt and arrow keys', 'shift the view'],
  ['On the mark of the section', 'Arrow keys', 'move the cut'],
  ['On the pass', 'Arrow keys', 'move the one part and the other; with Shift by ten'],
];

/** A key as it reads on a keyboard. */
export function keyText(keys: string): string {
  const mac = /mac/i.test(navigator.platform);
  return keys
    .split('+')
    .map((pressed) => (pressed === 'mod' ? (mac ? '⌘' : 'Ctrl') : capitalised(pressed)))
    .join(' + ');
}

const KEPT = 'tarnpass-single-keys';
/** Of this page: it holds where the browser keeps nothing. */
let chosen: boolean | undefined;

/** Whether keys without Ctrl count: who speaks to the computer, or rests a hand on the keys, can turn them off. */
export const singleKeys = {
  on: (): boolean => chosen ?? browserStore.get(KEPT) !== 'off',
  set: (on: boolean): void => {
    chosen = on;
    browserStore.set(KEPT, on ? 'on' : 'off');
  },
};
