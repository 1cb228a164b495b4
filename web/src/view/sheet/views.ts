import {
  carcassIdOf,
  extentOf,
  formatLength,
  itemsOf,
  type Item,
  type Plan,
  type Side,
} from '@tarnpass/core';
import type { SectionCut, ViewKind } from '../../state/slices/viewSlice';
import { axisOf, FROM_ABOVE, LOOKING, type Projection } from './projection';

/** A flat view of the sheet: the way it looks, where it is cut, and its words. */
export interface FlatSight {
  readonly kind: Extract<ViewKind, 'plan' | 'front' | 'section'>;
  readonly projection: Projection;
  /** mm towards the eye at which the space is cut; what is nearer is dashed or left out. */
  readonly cut: number;
  readonly words: string;
  /** The side it looks towards; absent from above. */
  readonly look?: Side;
}

/** Plans are cut at about the height of a worktop, or half way up a lower space, mm: a round figure in either unit. */
const CUT = { mm: 1000, in: 1016 };

const OPPOSITE: Record<Side, Side> = { north: 'south', south: 'north', east: 'west', west: 'east' };
/** Across the way a front faces: a section looks along its width. */
const ACROSS: Record<Side, Side> = { north: 'east', south: 'east', east: 'north', west: 'north' };

/** The carcass that an item is, or hangs on; the first one where it is neither. */
function carcassOf(plan: Plan, item: Item | undefined): Plan['carcasses'][number] | undefined {
  const id =
    item?.list === 'carcasses' ? item.id : item?.list === 'parts' ? carcassIdOf(item.value) : undefined;
  return plan.carcasses.find((carcass) => carcass.id === id) ?? plan.carcasses[0];
}

export function planSight(plan: Plan): FlatSight {
  const cut = Math.min(CUT[plan.units.system], plan.space.height.mm / 2);
  return {
    kind: 'plan',
    projection: FROM_ABOVE,
    cut,
    words: `cut at ${formatLength(cut, plan.units, true)}`,
  };
}

/** The space from before what is selected, nothing of it cut away. */
export function frontSight(plan: Plan, item: Item | undefined): FlatSight {
  const look = OPPOSITE[carcassOf(plan, item)?.faces ?? 'north'];
  const projection = LOOKING[look];
  return {
    kind: 'front',
    projection,
    cut: nearWall(plan, projection) - 1e-3,
    words: `looking ${look}`,
    look,
  };
}

/** Where the section is cut: where the person put it, else through the middle of what is selected. */
export function cutOf(plan: Plan, item: Item | undefined, chosen: SectionCut | null): SectionCut {
  if (chosen) return chosen;
  const carcass = carcassOf(plan, item);
  const look = ACROSS[carcass?.faces ?? 'north'];
  const axis = axisOf(LOOKING[look].w);
  const about =
    item?.list === 'things' || item?.list === 'existing'
      ? item
      : itemsOf(plan).find(({ id }) => id === carcass?.id);
  const extent = (about && extentOf(about)) ?? extentOf(itemsOf(plan)[0]!)!;
  return { look, at: (extent.least[axis] + extent.greatest[axis]) / 2 };
}

export function sectionSight(plan: Plan, { look, at }: SectionCut): FlatSight {
  const projection = LOOKING[look];
  const axis = axisOf(projection.w);
  return {
    kind: 'section',
    projection,
    cut: at * projection.w[axis],
    words: `looking ${look}, ${formatLength(at, plan.units, true)} from the ${axis === 0 ? 'west' : 'south'}`,
    look,
  };
}

/** How far the space's near wall is towards the eye. */
function nearWall({ space }: Plan, { w }: Projection): number {
  const size = [space.width.mm, space.depth.mm, space.height.mm];
  const axis = axisOf(w);
  return w[axis] > 0 ? size[axis]! : 0;
}
