import {
  extentChanges,
  extentOf,
  itemsOf,
  shiftChanges,
  shifted,
  type Change,
  type Extent,
  type Issue,
  type Item,
  type Length,
  type Plan,
} from '@tarnpass/core';
import { useMemo, useState } from 'react';
import { editNow, setSpaceSize } from '../../state/job/edits';
import { useApp, useAppDispatch } from '../../state/slices/app';
import type { Sets } from './dimensions';
import type { SheetFrame } from './frame';
import { axisOf } from './projection';
import { rounded, snapped, stepOf, type Axis, type SnapTo, type Tie } from './snap';

/** What is under way by hand: where the item is to lie, and what it caught on. */
export interface UnderWay {
  readonly item: Item;
  readonly extent: Extent;
  readonly ties: readonly Tie[];
  /** One face is moved, not the whole. */
  readonly resized: boolean;
}

interface Grip {
  readonly item: Item;
  readonly start: readonly [number, number];
  readonly extent: Extent;
  /** One face of the box, where it is resized. */
  readonly face?: { readonly axis: Axis; readonly end: 'least' | 'greatest' };
}

/** How near a face must come to catch, px. */
const CATCH = 8;
/** Less than this is a press, not a drag, px. */
const STILL = 4;
/** No box is made thinner than this by hand, mm. */
const THINNEST = 10;

/** Moving, resizing and nudging the selected item on a flat view. The plan changes once, when it is let go. */
export function useByHand(plan: Plan, selected: Item | undefined, frame: SheetFrame) {
  const dispatch = useAppDispatch();
  const also = useApp(({ view }) => view.also);
  const [grip, setGrip] = useState<Grip>();
  const [underWay, setUnderWay] = useState<UnderWay>();
  const [wrong, setWrong] = useState<string>();
  const snapTo = useMemo((): SnapTo => {
    const [space, ...others] = itemsOf(plan);
    return {
      space: extentOf(space!)!,
      neighbours: others.flatMap((item) => {
        const extent = item.id === selected?.id ? undefined : extentOf(item);
        return extent ? [{ name: item.name, extent }] : [];
      }),
      gap: plan.gaps.around.mm,
      units: plan.units,
      reach: CATCH / frame.scale,
    };
  }, [plan, selected?.id, frame.scale]);

  const tell = (issues: readonly Issue[]) => setWrong(issues[0]?.message);
  const change = (name: string, changes: (plan: Plan) => readonly Change[]) =>
    tell(dispatch(editNow(name, changes)));

  /** Take hold of the item, or of one of its faces. */
  const take = (start: readonly [number, number], face?: Grip['face']): boolean => {
    const extent = selected && selected.list !== 'space' ? extentOf(selected) : undefined;
    if (!selected || !extent) return false;
    setWrong(undefined);
    setGrip({ item: selected, start, extent, ...(face && { face }) });
    return true;
  };

  const drag = ([px, py]: readonly [number, number]): void => {
    if (!grip) return;
    const [dx, dy] = [px - grip.start[0], py - grip.start[1]];
    if (!underWay && Math.hypot(dx, dy) < STILL) return;
    const { u, v } = frame.projection;
    const [across, up] = [axisOf(u), axisOf(v)];
    const by = [0, 0, 0];
    by[across]! += (u[across] * dx) / frame.scale;
    by[up]! -= (v[up] * dy) / frame.scale;
    const resized = grip.face !== undefined;
    setUnderWay({ item: grip.item, resized, ...taken(grip, by, [across, up], snapTo) });
  };

  const letGo = (): void => {
    if (grip && underWay) {
      const name = `${grip.face ? 'Resize' : 'Move'} ${grip.item.name}`;
      const by = underWay.extent.least.map((x, axis) => x - grip.extent.least[axis]!);
      const { item, face } = grip;
      const { extent } = underWay;
      change(name, (now) =>
        face ? extentChanges(now, itemOf(now, item), extent) : shiftChanges(now, [item.id, ...also], by),
      );
    }
    setGrip(undefined);
    setUnderWay(undefined);
  };

  const drop = (): void => {
    setGrip(undefined);
    setUnderWay(undefined);
  };

  /** Shift the selected item by steps along the view's own axes. */
  const nudge = (right: number, upwards: number): void => {
    const extent = selected && extentOf(selected);
    if (!selected || !extent) return;
    const { u, v } = frame.projection;
    const by: [number, number, number] = [0, 0, 0];
    by[axisOf(u)] += right * u[axisOf(u)] * stepOf(plan.units);
    by[axisOf(v)] += upwards * v[axisOf(v)] * stepOf(plan.units);
    change(`Nudge ${selected.name}`, (now) => shiftChanges(now, [selected.id, ...also], by));
  };

  /** Set what a dimension measures; what is wrong with it. */
  const setDimension = (sets: Sets, length: Length, name: string): readonly Issue[] => {
    if (sets.kind === 'space') return dispatch(setSpaceSize(name, sets.field, length));
    const { axis } = sets;
    return dispatch(
      editNow(name, (now) => {
        const item = itemOf(now, sets.item);
        const extent = extentOf(item)!;
        const by: [number, number, number] = [0, 0, 0];
        by[axis] = length.mm - extent.least[axis];
        const greatest = [...extent.greatest] as [number, number, number];
        greatest[axis] = extent.least[axis] + length.mm;
        const to = sets.kind === 'offset' ? shifted(extent, by) : { ...extent, greatest };
        return extentChanges(now, item, to).map((one) => asTyped(one, length));
      }),
    );
  };

  return { underWay, wrong, holding: grip !== undefined, take, drag, letGo, drop, nudge, setDimension };
}

/** An item as a plan has it now. */
const itemOf = (plan: Plan, { id }: Item): Item => itemsOf(plan).find((item) => item.id === id)!;

/** A change to the very length that was typed keeps it as typed. */
function asTyped(change: Change, length: Length): Change {
  const after = change.after as Length;
  return Math.abs(after.mm - length.mm) < 1e-9 ? { ...change, after: length } : change;
}

function taken(
  { extent, face }: Grip,
  by: readonly number[],
  axes: readonly [Axis, Axis],
  to: SnapTo,
): { extent: Extent; ties: readonly Tie[] } {
  if (!face) return snapped(shifted(extent, by), axes, 'both', to);
  const { axis, end } = face;
  const ends = { least: [...extent.least], greatest: [...extent.greatest] } as Record<
    'least' | 'greatest',
    [number, number, number]
  >;
  const other = ends[end === 'least' ? 'greatest' : 'least'][axis];
  const moved = ends[end][axis] + by[axis]!;
  ends[end][axis] =
    end === 'least'
      ? Math.min(moved, other - THINNEST)
      : Math.max(moved, rounded(other, to.units) + THINNEST);
  return snapped(ends, [axis], end, to);
}
