import type { Field } from '../../../card/field';
import { lengthOf } from '../lengthFields';
import type { BoxSpec } from './schema';
import { bottomOf, USUAL_BOTTOM, USUAL_JOINT, USUAL_NOTCH } from './usual';

const COUNTS = ['none', '1', '2', '3', '4', '5', '6'];
const counted = (key: 'across' | 'along') => ({
  words: COUNTS,
  word: ({ box }: { readonly box: BoxSpec }) => COUNTS[box.dividers[key]] ?? String(box.dividers[key]),
  value: (word: string) => Math.max(0, COUNTS.indexOf(word)),
});

type Boxed = { readonly box: BoxSpec };
/** Whether a part's box is one that is cut. */
type Made<Part> = (part: Part) => boolean;
const group = 'Box';

/** What a card shows of a part's box. */
export const boxFields = <Part extends Boxed>(made: Made<Part>): Field<Part>[] => [
  ...sizeFields(made),
  ...jointFields(made),
  ...dividerFields(made),
  ...notchFields(made),
];

function sizeFields<Part extends Boxed>(made: Made<Part>): Field<Part>[] {
  const length = lengthOf<Part>(group);
  return [
    {
      group,
      label: 'Sides and ends of',
      path: ['box', 'material'],
      input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
      when: made,
    },
    { group, label: 'Height', path: ['box', 'height'], input: 'length or none', when: made },
    { group, label: 'Depth', path: ['box', 'depth'], input: 'length or none', when: made },
    length('Free beneath it', ['box', 'under']),
    length('Free above it', ['box', 'above']),
    length('Kept clear on its left', ['box', 'aside', 'left']),
    length('Kept clear on its right', ['box', 'aside', 'right']),
  ];
}

function jointFields<Part extends Boxed>(made: Made<Part>): Field<Part>[] {
  const length = lengthOf<Part>(group);
  const grooved = (part: Part) =>
    made(part) && (part.box.bottom.kind === 'groove' || part.box.bottom.kind === 'let in');
  return [
    {
      group,
      label: 'Joints',
      path: ['box', 'joint'],
      input: {
        words: Object.keys(USUAL_JOINT),
        word: ({ box }) => box.joint.kind,
        value: (word) => USUAL_JOINT[word as keyof typeof USUAL_JOINT],
      },
      when: made,
    },
    length('Joint, deep', ['box', 'joint', 'deep'], (part) => made(part) && part.box.joint.kind !== 'butt'),
    length('Joint, lip', ['box', 'joint', 'lip'], (part) => made(part) && part.box.joint.kind === 'lock'),
    {
      group,
      label: 'Bottom',
      path: ['box', 'bottom'],
      input: {
        words: Object.keys(USUAL_BOTTOM),
        word: ({ box }) => box.bottom.kind,
        value: (word, { box }, materials) => bottomOf(word as keyof typeof USUAL_BOTTOM, box, materials),
      },
      when: made,
    },
    {
      group,
      label: 'Bottom of',
      path: ['box', 'bottom', 'material'],
      input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
      when: (part) => made(part) && part.box.bottom.kind !== 'none',
    },
    length('Goes in', ['box', 'bottom', 'deep'], grooved),
    length(
      'Groove above the foot',
      ['box', 'bottom', 'up'],
      (part) => made(part) && part.box.bottom.kind === 'groove',
    ),
    {
      group,
      label: 'Bars under it',
      path: ['box', 'bottom', 'muntins'],
      input: 'count',
      when: (part) => made(part) && part.box.bottom.kind === 'groove',
    },
    length('Rails, high', ['box', 'bottom', 'rail'], (part) => made(part) && part.box.bottom.kind === 'none'),
  ];
}

const dividerFields = <Part extends Boxed>(made: Made<Part>): Field<Part>[] => [
  {
    group,
    label: 'Dividers, side to side',
    path: ['box', 'dividers', 'across'],
    input: counted('across'),
    when: made,
  },
  {
    group,
    label: 'Dividers, front to back',
    path: ['box', 'dividers', 'along'],
    input: counted('along'),
    when: made,
  },
  {
    group,
    label: 'Dividers of',
    path: ['box', 'dividers', 'material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
    when: (part) => made(part) && part.box.dividers.across + part.box.dividers.along > 0,
  },
];

function notchFields<Part extends Boxed>(made: Made<Part>): Field<Part>[] {
  const length = lengthOf<Part>(group);
  return [
    {
      group,
      label: 'Notch for pipes',
      path: ['box', 'notch'],
      input: {
        words: ['none', 'cut out'],
        word: ({ box }) => (box.notch ? 'cut out' : 'none'),
        value: (word) => (word === 'none' ? null : USUAL_NOTCH),
      },
      when: made,
    },
    length('Notch, wide', ['box', 'notch', 'width'], (part) => made(part) && part.box.notch !== null),
    length('Notch, deep', ['box', 'notch', 'depth'], (part) => made(part) && part.box.notch !== null),
    length('Notch, from the left', ['box', 'notch', 'left'], (part) => made(part) && part.box.notch !== null),
  ];
}
