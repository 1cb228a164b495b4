import type { PartPlace } from '../contract/family';
import type { Sliding } from './schema';

const mm = (value: number) => ({ mm: value });

/** Usual numbers to start from. Top groove about twice the bottom one, 0.5 to 1 mm free in it: common practice, no single source. */
export const USUAL_WAY: {
  readonly [Kind in Sliding['way']['kind']]: Extract<Sliding['way'], { kind: Kind }>;
} = {
  grooves: {
    kind: 'grooves',
    panels: 2,
    tracks: 2,
    front: 'left',
    rails: { top: mm(25), bottom: mm(18) },
    top: mm(18),
    bottom: mm(8),
    wide: mm(7),
    fin: mm(6),
    setback: mm(6),
    bite: mm(6),
    overlap: mm(40),
    lap: mm(0),
    width: null,
    height: null,
    stations: [],
    sag: { top: mm(0), bottom: mm(0) },
  },
  hung: {
    kind: 'hung',
    panels: 'to the left',
    gap: mm(6),
    sides: mm(30),
    over: mm(30),
    below: mm(10),
    track: { height: mm(40), out: mm(45) },
    hanger: mm(6),
    rating: 60,
  },
};
export const USUAL_SLIDING_PULL: NonNullable<Sliding['pull']> = { kind: 'let in', width: mm(35), projection: mm(0), fromEdge: mm(30), up: mm(350), at: 'outward' }; // prettier-ignore

export const freshSliding = (
  id: string,
  name: string,
  { carcass, stock }: Pick<PartPlace, 'carcass' | 'stock'>,
  bay: string,
): Sliding => ({
  id,
  family: 'sliding',
  name,
  mount: { on: 'bay', carcass: carcass.id, bay },
  material: stock.has('ply-6') ? 'ply-6' : carcass.sheet,
  way: USUAL_WAY.grooves,
  pull: USUAL_SLIDING_PULL,
});

const TURNED_WAY = {
  'to the left': 'to the right',
  'to the right': 'to the left',
  'a pair': 'a pair',
} as const;
const TURNED_PULL = { left: 'right', right: 'left', outward: 'outward', both: 'both' } as const;

export function mirrorSliding(sliding: Sliding): Sliding {
  const { way, pull } = sliding;
  return {
    ...sliding,
    way:
      way.kind === 'hung'
        ? { ...way, panels: TURNED_WAY[way.panels] }
        : { ...way, front: way.front === 'left' ? 'right' : 'left' },
    pull: pull && { ...pull, at: TURNED_PULL[pull.at] },
  };
}
