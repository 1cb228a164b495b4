import { NearestProbe, sameThing, standingAt, type Mover, type Nearest, type Scene } from '@tarnpass/core';
import { createContext, useContext, useMemo } from 'react';
import { useApp } from '../../state/slices/app';

/** Where everything stands just now, and what is nearest to the selected part there. */
export interface LivePose {
  readonly travels: Readonly<Record<string, number>>;
  /** Movers left out for now: their thing stands there in another way, or they are shut on what carries them. */
  readonly hidden: ReadonlySet<string>;
  /** All of them as they are to be drawn: where what carries them has taken them. */
  readonly movers: readonly Mover[];
  /** Of these the ones that something has taken along: all others stand as they are in the scene. */
  readonly carried: ReadonlySet<string>;
  readonly nearest: Nearest | undefined;
}

const LivePoseContext = createContext<LivePose>({
  travels: {},
  hidden: new Set(),
  movers: [],
  carried: new Set(),
  nearest: undefined,
});

const NONE: Readonly<Record<string, number>> = {};
const HeldContext = createContext(NONE);

/** How far a mover has gone just now: what rides on another may hold that open, or be kept shut by it. */
export function useTravel({ id, from, to }: Mover): number {
  const asked = useApp(({ view }) => view.travels[id] ?? from);
  return Math.min(useContext(HeldContext)[id] ?? asked, to);
}

/** Only what draws the moment asks for it: the rest of the board is left alone by a drag along a strip. */
export const useLivePose = (): LivePose => useContext(LivePoseContext);

interface Props {
  readonly scene: Scene;
  readonly mover: Mover | undefined;
  readonly children: React.ReactNode;
}

/** Keeps the moment of a scene: every part's travel within what it has, and what is nearest to one of them. */
export function LivePoseProvider({ scene, mover, children }: Props) {
  const kept = useApp(({ view }) => view.travels);
  const { travels, hidden, movers, carried } = useMemo(() => {
    const own = scene.movers.map(({ id, from, to }) => [id, Math.min(kept[id] ?? from, to)] as const);
    const standing = standingAt(scene.movers, Object.fromEntries(own));
    const inPlace = new Set(scene.movers);
    const carried = new Set(standing.movers.filter((one) => !inPlace.has(one)).map(({ id }) => id));
    return { ...standing, carried };
  }, [scene, kept]);
  // The other parts count where they stand now: text, so that a drag of the one part alone changes nothing here.
  const standing = JSON.stringify(
    movers
      .filter((other) => other.id !== mover?.id && !hidden.has(other.id))
      .map(({ id }) => [id, travels[id]]),
  );
  // Shut there is nothing to tell, and most edits are made shut.
  const opened = mover !== undefined && travels[mover.id]! > mover.from;
  const probe = useMemo(() => {
    if (!mover || !opened) return undefined;
    const at = new Map(JSON.parse(standing) as [string, number][]);
    const others = movers.filter((other) => at.has(other.id) && !sameThing(other, mover));
    return new NearestProbe(
      movers.find(({ id }) => id === mover.id)!,
      scene.still,
      others.map((other) => [other, at.get(other.id)!] as const),
    );
    // Without riders the movers are the scene's own, wherever they stand.
  }, [mover, movers, scene.still, standing, opened]);
  const moment = useMemo(
    () => ({ travels, hidden, movers, carried, nearest: mover && probe?.at(travels[mover.id]!) }),
    [travels, hidden, movers, carried, mover, probe],
  );
  // As text, so that a drag along one strip draws no other anew.
  const otherwise = JSON.stringify(
    Object.fromEntries(
      scene.movers
        .filter(({ id, from, to }) => travels[id] !== Math.min(kept[id] ?? from, to))
        .map(({ id }) => [id, travels[id]]),
    ),
  );
  const held = useMemo(
    () => (otherwise === '{}' ? NONE : (JSON.parse(otherwise) as Record<string, number>)),
    [otherwise],
  );
  return (
    <HeldContext value={held}>
      <LivePoseContext value={moment}>{children}</LivePoseContext>
    </HeldContext>
  );
}
