import { namedBays } from '../carcass/bayFields';
import { fieldLabel } from '../card/field';
import { get, type PathStep } from '../item/path';
import type { Length } from '../length/length';
import { fieldsOf } from '../plan/fieldsOf';
import { itemsOf, pathOf, type Item } from '../plan/items';
import { carcassOf } from '../plan/place';
import type { Plan } from '../plan/schema';
import { SIGHT_KINDS, ZONE_KINDS, type Thing } from '../things/schema';
import { cornersOf, wallsOf } from '../space/outline';
import type { GoverningRule } from '../measure/governing';
import { plumbKey } from '../measure/dimensionKey';
import { uncapitalised } from '../item/capitals';
import { dimensionKey, cornersKey } from '../measure/dimensionKey';

/** Something of the space that can be read with a tape: where it stands in the plan, and the rule it is read by. */
export interface Dimension {
  /** `item/field`, or `space/corner:corner`. */
  readonly key: string;
  readonly item: string;
  /** As a list says it: "Window sill: depth, south to north". */
  readonly name: string;
  readonly label: string;
  readonly mm: number;
  /** Where its number is in the plan; none for a length between two corners, which several numbers make. */
  readonly path: readonly PathStep[] | undefined;
  /** The rule that usually governs it, and why: what reads on behind "smallest, since". */
  readonly rule: GoverningRule;
  readonly why: string;
}

/** Which reading governs what is read, by what it does. */
type Governed = Pick<Dimension, 'rule' | 'why'>;
const GOES_IN: Governed = { rule: 'smallest', why: 'a thing goes in: the narrowest place decides' };
const COVERED: Governed = { rule: 'largest', why: 'it is built over or round: the widest place decides' };
const MOVES: Governed = { rule: 'largest', why: 'it moves: its farthest reach decides' };
const CLEAR: Governed = { rule: 'largest', why: 'it must stay clear: the most it may need decides' };
const STANDS_OUT: Governed = { rule: 'largest', why: 'it takes room: the most it takes decides' };
const PLACE: Governed = { rule: 'mean', why: 'a place is neither larger nor smaller' };
const ADJUSTED: Governed = { rule: 'mean', why: 'it is adjusted with the other lengths of the walls' };

/** Things that other things go into. */
const HOLLOW = new Set<Thing['kind']>(['recess', 'opening', 'compartment']);
const SIZES = new Set(['width', 'depth', 'height']);
/** Of what moves already, numbers that place it or its track. */
const PLACES_OF_MOVERS = new Set(['x', 'y', 'z', 'wall', 'radius', 'headroom', 'arm', 'roller']);
/** Diagonals are of use between few corners. */
const MOST_CORNERS = 8;

/**
 * All that can be read of a plan, the space first. What is decided rather than found is not among it, such as a carcass's
 * own size; its openings are, once it stands: they come out as they come out.
 */
export function dimensionsOf(plan: Plan): Dimension[] {
  const items = itemsOf(plan).filter(
    ({ list }) => list === 'space' || list === 'things' || list === 'existing',
  );
  return [
    ...items.flatMap((item) => itemDimensions(plan, item)),
    ...cornerDimensions(plan),
    ...plumbDimensions(plan),
    ...plan.carcasses.flatMap((_, i) => openingDimensions(plan, i)),
  ];
}

const OPENING = {
  bottom: 'width at the bottom',
  middle: 'width half-way up',
  top: 'width at the top',
  left: 'height at the left',
  right: 'height at the right',
} as const;

/** Widths and heights of each opening of a carcass that is not split further. */
function openingDimensions(plan: Plan, i: number): Dimension[] {
  const carcass = plan.carcasses[i]!;
  const { openings } = carcassOf(plan, carcass).layout;
  return namedBays(carcass).flatMap(({ bay, path, name }) => {
    if (bay.split) return [];
    const { inside } = openings.get(bay.id)!;
    return (Object.keys(OPENING) as (keyof typeof OPENING)[]).map((at): Dimension => {
      const label = `${name === 'Whole' ? 'Opening' : name}, ${OPENING[at]}`;
      const up = at === 'left' || at === 'right';
      return {
        key: dimensionKey(carcass.id, `${bay.id}.${at}`),
        item: carcass.id,
        name: `${carcass.name}: ${uncapitalised(label)}`,
        label,
        mm: bay.read[at]?.mm ?? (up ? inside.top - inside.bottom : inside.right - inside.left),
        path: ['carcasses', i, ...path, 'read', at],
        ...GOES_IN,
      };
    });
  });
}

function itemDimensions(plan: Plan, item: Item): Dimension[] {
  const at = pathOf(plan, item);
  return fieldsOf(item)
    .filter(({ input }) => input === 'length')
    .map((field) => {
      const label = fieldLabel(field, item.value);
      return {
        key: dimensionKey(item.id, field.path.join('.')),
        item: item.id,
        name: `${item.name}: ${uncapitalised(label)}`,
        label,
        mm: (get(item.value, field.path) as Length).mm,
        path: [...at, ...field.path],
        ...governedBy(item, field.path),
      };
    });
}

/**
 * The smallest where a thing must go in, the largest where it is covered, where it moves or where it must be kept clear of;
 * the mean of what only says where something is.
 */
function governedBy(item: Item, path: readonly PathStep[]): Governed {
  const [first] = path;
  const size = path.length === 1 && SIZES.has(String(first));
  switch (item.list) {
    case 'space':
      return size || path.includes('knee') ? GOES_IN : PLACE;
    case 'existing':
      return PLACES_OF_MOVERS.has(String(first)) || (path.at(-1) === 'height' && !size) ? PLACE : MOVES;
    case 'things': {
      if (first === 'x' || first === 'y' || first === 'z') return PLACE;
      if ([...ZONE_KINDS, ...SIGHT_KINDS].some((kind) => kind === item.value.kind)) return CLEAR;
      if (!size) return STANDS_OUT;
      return HOLLOW.has(item.value.kind) ? GOES_IN : COVERED;
    }
    default:
      return PLACE;
  }
}

/** From a plumb line hung before a wall to its foot and to its head; the plan says nothing of either. */
function plumbDimensions({ space }: Plan): Dimension[] {
  return wallsOf(space).flatMap(({ id, name }) =>
    (['foot', 'head'] as const).map((at): Dimension => {
      const label = `Plumb line to ${name}, at its ${at}`;
      return {
        key: plumbKey(id, at),
        item: 'space',
        name: label,
        label,
        mm: 0,
        path: undefined,
        ...PLACE,
      };
    }),
  );
}

/** Lengths between corners: each wall, and each diagonal where the corners are few. */
function cornerDimensions(plan: Plan): Dimension[] {
  const corners = cornersOf(plan.space);
  const walls = wallsOf(plan.space);
  const n = corners.length;
  const found: Dimension[] = [];
  corners.forEach((a, i) => {
    corners.slice(i + 1).forEach((b, k) => {
      const j = i + 1 + k;
      const beside = j === i + 1 || (i === 0 && j === n - 1);
      if (!beside && n > MOST_CORNERS) return;
      const wall = walls.find(({ id }) => id === (j === i + 1 ? a.id : b.id));
      const label = beside && wall ? `Along ${wall.name}` : `Diagonal, corner ${i + 1} to corner ${j + 1}`;
      found.push({
        key: cornersKey(a.id, b.id),
        item: 'space',
        name: label,
        label,
        mm: Math.hypot(a.x.mm - b.x.mm, a.y.mm - b.y.mm),
        path: undefined,
        ...ADJUSTED,
      });
    });
  });
  return found;
}
