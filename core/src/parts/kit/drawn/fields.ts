import type { Field } from '../../../card/field';
import { lengthOf } from '../lengthFields';
import type { DrawnFit, DrawnOut } from './schema';
import { USUAL_DRAWN_FIT, USUAL_PULL } from './usual';

const FIT_WORDS = { 'even gaps': 'even', overlay: 'overlay', inset: 'inset', 'no front': 'none' } as const;
const keyOf = <T extends Record<string, string>>(words: T, value: string) =>
  Object.keys(words).find((key) => words[key] === value)!;

type Fronted = Pick<DrawnOut, 'fit' | 'front' | 'handle'>;

/** What a card shows of the front of a drawer or pull-out, and of its handle. */
export const frontFields = <Part extends Fronted>(
  several: (part: Part) => boolean = () => false,
): Field<Part>[] => [...fitFields(several), ...madeFields<Part>(), ...handleFields<Part>()];

const fitted =
  (...kinds: DrawnFit['kind'][]) =>
  ({ fit }: Pick<DrawnOut, 'fit'>) =>
    kinds.includes(fit.kind);

function fitFields<Part extends Fronted>(several: (part: Part) => boolean): Field<Part>[] {
  const front = lengthOf<Part>('Front');
  const edge = (words: string, path: string): Field<Part> =>
    front(
      ({ fit }) => `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`,
      ['fit', path],
      fitted('inset', 'overlay'),
    );
  return [
    {
      group: 'Front',
      label: 'Fit',
      path: ['fit'],
      input: {
        words: Object.keys(FIT_WORDS),
        word: ({ fit }) => keyOf(FIT_WORDS, fit.kind),
        value: (word) => USUAL_DRAWN_FIT[FIT_WORDS[word as keyof typeof FIT_WORDS]],
      },
    },
    front('Gap between neighbours', ['fit', 'gap'], fitted('even')),
    edge('Side', 'sides'),
    edge('Top', 'top'),
    edge('Bottom', 'bottom'),
    front('Gap between fronts', ['fit', 'between'], (one) => fitted('inset', 'overlay')(one) && several(one)),
    front('Behind the case’s front', ['fit', 'setback'], fitted('inset', 'none')),
  ];
}

function madeFields<Part extends Fronted>(): Field<Part>[] {
  const front = lengthOf<Part>('Front');
  const closed = ({ fit }: Part) => fit.kind !== 'none';
  return [
    {
      group: 'Front',
      label: 'Front is',
      path: ['front', 'made'],
      input: { words: ['applied', 'the box’s own'], word: (one) => one.front.made, value: (word) => word },
      when: closed,
    },
    {
      group: 'Front',
      label: 'Made of',
      path: ['front', 'material'],
      input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
      when: closed,
    },
    front('Edge banding', ['front', 'banding'], closed),
    front('Screws from inside', ['front', 'screw'], (one) => closed(one) && one.front.made === 'applied'),
  ];
}

function handleFields<Part extends Fronted>(): Field<Part>[] {
  const handle = lengthOf<Part>('Handle');
  const handled = (one: Part) => one.handle !== null;
  return [
    {
      group: 'Handle',
      label: 'Handle',
      path: ['handle'],
      input: {
        words: ['none', 'bar', 'knob'],
        word: (one) => one.handle?.kind ?? 'none',
        value: (word) => (word === 'none' ? null : USUAL_PULL[word as 'bar' | 'knob']),
      },
    },
    handle('Stands out', ['handle', 'projection'], handled),
    handle('Width', ['handle', 'width'], handled),
    handle('Height', ['handle', 'height'], handled),
    handle('Holes apart', ['handle', 'holes'], (one) => one.handle?.kind === 'bar'),
  ];
}
