import * as v from 'valibot';
import type { Field } from '../card/field';
import { wordChoice } from '../card/field';
import { SIDES, SideSchema } from '../item/schema';
import { LengthSchema, positiveLength } from '../length/length';

const kg = (most: number) =>
  v.pipe(
    v.number('A weight is a number of kg.'),
    v.minValue(0, 'A weight cannot be less than 0.'),
    v.maxValue(most, `At most ${most} kg.`),
  );

/** Where a vehicle stands on the road, or a trailer on its hitch: from the south or the west of the space, and what may still come on it. */
const AxleSchema = v.strictObject({ at: LengthSchema, spare: kg(20_000) });

/** How hard it is braked, set off, swerved and thrown up, times gravity, and how far it heels. */
const times = (what: string) =>
  v.pipe(
    v.number(`${what} is a number of g.`),
    v.minValue(0, 'It cannot be less than 0.'),
    v.maxValue(5, 'At most 5 g.'),
  );
const SwaysSchema = v.strictObject({
  forward: times('Braking'),
  back: times('Setting off'),
  side: times('A swerve'),
  up: times('A bump'),
  heel: v.pipe(
    v.number('A heel is a number of degrees.'),
    v.minValue(0, 'It cannot be less than 0.'),
    v.maxValue(80, 'At most 80 degrees.'),
  ),
});
export type Sways = v.InferOutput<typeof SwaysSchema>;

export const WATERS = ['fresh', 'salt'] as const;

/** What a space is in, where that moves: asked for what the job weighs in it. */
export const CarriesSchema = v.variant(
  'kind',
  [
    v.strictObject({
      kind: v.literal('vehicle'),
      /** A trailer or a caravan: it is thrown about more than what tows it. */
      towed: v.optional(v.boolean()),
      /** The way it goes. */
      forward: SideSchema,
      sways: v.optional(SwaysSchema),
      front: AxleSchema,
      rear: AxleSchema,
    }),
    v.strictObject({
      kind: v.literal('boat'),
      forward: SideSchema,
      sways: v.optional(SwaysSchema),
      /** Its waterline, and the middle of that: from the south and the west of the space. */
      long: positiveLength(60_000),
      broad: positiveLength(12_000),
      middle: v.strictObject({ x: LengthSchema, y: LengthSchema }),
      water: v.picklist(WATERS, 'It lies in fresh or in salt water.'),
      /** What it weighs as it lies, and what may still come into it. */
      weighs: kg(500_000),
      spare: kg(100_000),
      /** Its metacentric height, from a heeling test or its papers; left out where nobody knows. */
      stiff: v.optional(positiveLength(5000)),
    }),
  ],
  'A space that moves is in a vehicle or in a boat.',
);
export type Carries = v.InferOutput<typeof CarriesSchema>;

/** Usual numbers to start from, each to be typed over from its papers. Common practice, no single source. */
const mm = (value: number) => ({ mm: value });
const USUAL: { readonly [Kind in Carries['kind']]: Extract<Carries, { kind: Kind }> } = {
  vehicle: {
    kind: 'vehicle',
    forward: 'north',
    front: { at: mm(4200), spare: 250 },
    rear: { at: mm(900), spare: 500 },
  },
  boat: {
    kind: 'boat',
    forward: 'north',
    long: mm(15_000),
    broad: mm(2000),
    middle: { x: mm(1000), y: mm(-5000) },
    water: 'fresh',
    weighs: 15_000,
    spare: 1500,
  },
};

/**
 * What each is reckoned with until somebody says otherwise, times gravity, and degrees.
 *
 * @source forward 0.8, side and back 0.5: EN 12195-1 of loads on road vehicles, from memory; all else common practice: a bump, a trailer that
 * kicks, a boat on inland water
 */
const USUAL_SWAYS = {
  van: { forward: 0.8, back: 0.5, side: 0.5, up: 1, heel: 5 },
  trailer: { forward: 0.8, back: 0.5, side: 0.5, up: 2, heel: 5 },
  boat: { forward: 0.3, back: 0.3, side: 0.3, up: 0.3, heel: 20 },
} as const satisfies Readonly<Record<string, Sways>>;

export const usualSways = (carries: Carries): Sways =>
  USUAL_SWAYS[carries.kind === 'boat' ? 'boat' : carries.towed ? 'trailer' : 'van'];
export const swaysOf = (carries: Carries): Sways => carries.sways ?? usualSways(carries);

interface Carried {
  readonly carries?: Carries | null | undefined;
}
const WORDS = {
  house: 'in what stands still',
  vehicle: 'in a van',
  trailer: 'in a trailer',
  boat: 'in a boat',
} as const;

/** Fields of a card: what the space is in, and the numbers of that. */
export function carriesFields<Space extends Carried>(): Field<Space>[] {
  const group = 'Weight carried';
  const is =
    (kind: Carries['kind']) =>
    ({ carries }: Space) =>
      carries?.kind === kind;
  const vehicle = { group, when: is('vehicle') };
  const boat = { group, when: is('boat') };
  const in_ = (...path: string[]) => ['carries', ...path];
  return [
    {
      group,
      label: 'The space is',
      path: ['carries'],
      input: {
        words: Object.values(WORDS),
        word: ({ carries }) =>
          carries?.kind === 'vehicle' && carries.towed ? WORDS.trailer : WORDS[carries?.kind ?? 'house'],
        value: (word, { carries }) => {
          if (word === WORDS.boat) return carries?.kind === 'boat' ? carries : USUAL.boat;
          const vehicle = carries?.kind === 'vehicle' ? carries : USUAL.vehicle;
          return word === WORDS.vehicle
            ? { ...vehicle, towed: false }
            : word === WORDS.trailer
              ? { ...vehicle, towed: true }
              : null;
        },
      },
    },
    { group, label: 'Goes forward to the', path: in_('forward'), input: wordChoice(in_('forward'), SIDES), when: ({ carries }) => !!carries },
    { ...vehicle, label: 'Front axle, from the south or west', path: in_('front', 'at'), input: 'length' },
    { ...vehicle, label: 'It may still bear, kg', path: in_('front', 'spare'), input: 'count' },
    { ...vehicle, label: 'Rear axle, from the south or west', path: in_('rear', 'at'), input: 'length' },
    { ...vehicle, label: 'That may still bear, kg', path: in_('rear', 'spare'), input: 'count' },
    { ...boat, label: 'Waterline, long', path: in_('long'), input: 'length' },
    { ...boat, label: 'Waterline, broad', path: in_('broad'), input: 'length' },
    { ...boat, label: 'Middle of it, from the west', path: in_('middle', 'x'), input: 'length' },
    { ...boat, label: 'Middle of it, from the south', path: in_('middle', 'y'), input: 'length' },
    { ...boat, label: 'Water', path: in_('water'), input: wordChoice(in_('water'), WATERS) },
    { ...boat, label: 'Weighs, kg', path: in_('weighs'), input: 'count' },
    { ...boat, label: 'May still be loaded with, kg', path: in_('spare'), input: 'count' },
    ...swayFields<Space>(),
    { ...boat, label: 'Metacentric height', path: in_('stiff'), input: 'length or none' },
  ];
} // prettier-ignore

/** How it is thrown about under way: as usual, or as typed. */
function swayFields<Space extends Carried>(): Field<Space>[] {
  const group = 'Under way';
  const moves = ({ carries }: Space) => !!carries;
  const typed = ({ carries }: Space) => carries?.sways !== undefined;
  const one = (label: string, key: keyof Sways): Field<Space> => ({
    group,
    label,
    path: ['carries', 'sways', key],
    input: 'count',
    when: typed,
  });
  return [
    {
      group,
      label: 'It is thrown about',
      path: ['carries', 'sways'],
      input: {
        words: ['as usual', 'as typed'],
        word: (space) => (typed(space) ? 'as typed' : 'as usual'),
        value: (word, { carries }) => (word === 'as typed' && carries ? usualSways(carries) : undefined),
      },
      when: moves,
    },
    one('Braking, times gravity', 'forward'),
    one('Setting off, times gravity', 'back'),
    one('A swerve, times gravity', 'side'),
    one('A bump, times gravity', 'up'),
    one('Heels by, degrees', 'heel'),
  ];
}
