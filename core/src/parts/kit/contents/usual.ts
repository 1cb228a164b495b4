import type { Cable, Content } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_CABLE: Cable = {
  what: 'cable',
  length: mm(1200),
  thick: mm(7),
  bend: mm(15),
  wall: { left: mm(100), up: mm(60) },
  box: { left: mm(100), up: mm(40) },
  plug: null,
};

export const USUAL_CONTENT: Content = {
  id: 'thing-1',
  name: 'Bottle',
  count: 1,
  width: mm(90),
  depth: mm(90),
  height: mm(120),
  base: null,
  air: mm(10),
  load: 1,
  tier: 1,
  stands: 'on the bottom',
  opens: { kind: 'no' },
};

/** kg loose in a drawer, to start typing from. */
export const USUAL_LOAD = 5;

export const USUAL_PLUG: NonNullable<Cable['plug']> = { width: mm(38), height: mm(32), hole: mm(60) };
export const USUAL_BASE = ({ width, depth }: Content): NonNullable<Content['base']> => ({
  width: mm(Math.round(width.mm * 0.8)),
  depth: mm(Math.round(depth.mm * 0.8)),
});
export const USUAL_OPENS: {
  readonly [Kind in Content['opens']['kind']]: Extract<Content['opens'], { kind: Kind }>;
} = {
  no: { kind: 'no' },
  lid: { kind: 'lid', when: 'drawn out', hinge: 'back', to: 90 },
  tank: { kind: 'tank', when: 'drawn out', by: mm(200) },
};

/** Another thing beside those there are, with an id that none of them has. */
export function anotherContent(items: readonly Content[], content: Content = USUAL_CONTENT): Content {
  let n = 1;
  while (items.some(({ id }) => id === `thing-${n}`)) n += 1;
  return { ...content, id: `thing-${n}` };
}
