import { buildScene, type Plan, type Scene } from '@tarnpass/core';
import { useMemo } from 'react';
import { useSame } from '../../hooks/useSame';

/** The scene of a plan; where an edit left all that stands, or all that moves, as it was, the same list as before. */
export function useScene(plan: Plan): Scene {
  const built = useMemo(() => buildScene(plan), [plan]);
  const still = useSame(built.still, sameList)!;
  const movers = useSame(built.movers, sameList)!;
  const gone = useSame(built.gone ?? [], sameList)!;
  const air = useSame(built.air ?? [], sameList)!;
  return useMemo(() => ({ still, movers, gone, air }), [still, movers, gone, air]);
}

function sameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a.length === b.length && a.every((item, i) => item === b[i]);
}
