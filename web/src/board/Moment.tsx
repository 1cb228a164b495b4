import { NearestProbe, type Mover, type Nearest, type Scene } from '@tarnpass/core';
import { createContext, useContext, useMemo } from 'react';
import { useApp } from '../store';

/** Where everything stands just now, and what is nearest to the selected part there. */
export interface Moment {
  readonly travels: Readonly<Record<string, number>>;
  readonly nearest: Nearest | undefined;
}

const MomentContext = createContext<Moment>({ travels: {}, nearest: undefined });

/** Only what draws the moment asks for it: the rest of the board is left alone by a drag along a strip. */
export const useMoment = (): Moment => useContext(MomentContext);

interface Props {
  readonly scene: Scene;
  readonly mover: Mover | undefined;
  readonly children: React.ReactNode;
}

/** Keeps the moment of a scene: every part's travel within what it has, and what is nearest to one of them. */
export function MomentProvider({ scene, mover, children }: Props) {
  const kept = useApp(({ view }) => view.travels);
  const travels = useMemo(
    () => Object.fromEntries(scene.movers.map(({ id, from, to }) => [id, Math.min(kept[id] ?? from, to)])),
    [scene, kept],
  );
  // The other parts count where they stand now: text, so that a drag of the one part alone changes nothing here.
  const standing = JSON.stringify(
    scene.movers.filter((other) => other !== mover).map(({ id }) => travels[id]),
  );
  const probe = useMemo(() => {
    if (!mover) return undefined;
    const at = JSON.parse(standing) as number[];
    const others = scene.movers.filter((other) => other !== mover);
    return new NearestProbe(
      mover,
      scene.still,
      others.map((other, i) => [other, at[i]!] as const),
    );
  }, [mover, scene, standing]);
  const moment = useMemo(() => {
    const travel = mover ? travels[mover.id]! : 0;
    return { travels, nearest: mover && travel > mover.from ? probe?.at(travel) : undefined };
  }, [travels, mover, probe]);
  return <MomentContext value={moment}>{children}</MomentContext>;
}
