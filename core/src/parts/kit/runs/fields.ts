import { wordChoice, type Field } from '../../../card/field';
import { lengthOf } from '../lengthFields';
import { slideKind } from './runs';
import { CLOSINGS, type Closing, type Runs } from './schema';
import { USUAL_RUNS } from './usual';

/** What a card shows of what a part runs on. */
export function runFields<Part extends { readonly runs: Runs; readonly closing: Closing }>(): Field<Part>[] {
  const group = 'Runs on';
  const length = lengthOf<Part>(group);
  const on =
    (...kinds: Runs['kind'][]) =>
    ({ runs }: Part) =>
      kinds.includes(runs.kind);
  return [
    {
      group,
      label: 'Runs on',
      path: ['runs'],
      input: {
        words: Object.keys(USUAL_RUNS),
        word: ({ runs }) => runs.kind,
        value: (word) => USUAL_RUNS[word as keyof typeof USUAL_RUNS],
      },
    },
    {
      group,
      label: 'Which',
      path: ['runs', 'hardware'],
      input: { pick: 'hardware', kinds: ({ runs }) => [slideKind(runs)] },
      when: on('side slides', 'under slides'),
    },
    {
      group,
      label: 'Length',
      path: ['runs', 'length'],
      input: 'length or none',
      when: on('side slides', 'under slides'),
    },
    length('Screws, long', ['runs', 'screw'], on('side slides')),
    length('Free at each side', ['runs', 'play'], on('wooden runners')),
    length('Runners, wide', ['runs', 'wide'], on('wooden runners')),
    length('Runners, thick', ['runs', 'thick'], on('wooden runners')),
    length('Comes out', ['runs', 'out'], on('wooden runners')),
    {
      group,
      label: 'Strip over the tail',
      path: ['runs', 'kicker'],
      input: {
        words: ['none', 'a strip'],
        word: ({ runs }) => (runs.kind === 'wooden runners' && runs.kicker ? 'a strip' : 'none'),
        value: (word) => (word === 'none' ? null : USUAL_RUNS['wooden runners'].kicker),
      },
      when: on('wooden runners'),
    },
    length(
      'Play above the tail',
      ['runs', 'kicker', 'gap'],
      ({ runs }) => runs.kind === 'wooden runners' && runs.kicker !== null,
    ),
    { group, label: 'Closing', path: ['closing'], input: wordChoice(['closing'], CLOSINGS) },
  ];
}

/** How high its slides stand on the box: set once that is made. */
export function slideHeightFields<Part extends { readonly runs: Runs }>(): Field<Part>[] {
  const group = 'Slide height';
  const length = lengthOf<Part>(group);
  const on =
    (...kinds: Runs['kind'][]) =>
    ({ runs }: Part) =>
      kinds.includes(runs.kind);
  return [
    length('Slide above the box’s foot', ['runs', 'up'], on('side slides')),
    {
      group,
      label: 'Slides at its top too',
      path: ['runs', 'upper'],
      input: {
        words: ['no', 'yes'],
        word: ({ runs }) => (runs.kind === 'side slides' && runs.upper ? 'yes' : 'no'),
        value: (word) => (word === 'yes' ? { mm: 0 } : null),
      },
      when: on('side slides'),
    },
    length(
      'Upper slide below the rim',
      ['runs', 'upper'],
      ({ runs }) => runs.kind === 'side slides' && runs.upper !== null,
    ),
  ];
}
