import { dimensionKey, isOf, isBetweenCorners } from '../measure/dimensionKey';
import type { Body, Surface } from '../scene/scene';
import type { Plan } from './schema';

/** How many standard deviations of what was read a clearance must allow for: 95 percent. */
export const SIGMA_FACTOR = 2;

const kept = new WeakMap<Body, Body>();

/** Bodies with how far each may be nearer than it is drawn, for all that was read of it. */
export function withUncertainty(plan: Plan, bodies: readonly Body[]): Body[] {
  if (plan.measured.length === 0) return [...bodies];
  const sigmas = new Map(plan.measured.map(({ of, sigma }) => [of, sigma]));
  return bodies.map((body) => {
    const doubt = SIGMA_FACTOR * sigmaOf(plan, body, sigmas);
    if (!(doubt > 0)) return body;
    const known = kept.get(body);
    if (known?.doubt === doubt) return known;
    const made = { ...body, doubt };
    kept.set(body, made);
    return made;
  });
}

/** The dimensions that place a surface of a space: what is measured from, floor and the walls at 0, stands where it stands. */
function surfacePlacedBy(surface: Surface): readonly string[] {
  switch (surface.kind) {
    case 'wall':
      return surface.corner === 'east'
        ? [dimensionKey('space', 'width')]
        : surface.corner === 'north'
          ? [dimensionKey('space', 'depth')]
          : [];
    case 'ceiling':
      return [dimensionKey('space', 'height')];
    case 'slope':
      return [dimensionKey('space', `slopes.${surface.nth}.knee`)];
    case 'floor':
      return [];
  }
}

/** Names of the dimensions that place a body, axis by axis. */
export function placedBy(body: Body): readonly (readonly string[])[] {
  if (body.surface) return [surfacePlacedBy(body.surface)];
  const of = (field: string) => dimensionKey(body.item, field);
  return [
    [of('x'), of('width')],
    [of('y'), of('depth')],
    [of('z'), of('height')],
  ];
}

/** Of the axis along which least is known. Readings of an outline stand for all its walls. */
function sigmaOf({ space, carcasses }: Plan, body: Body, sigmas: ReadonlyMap<string, number>): number {
  // What was read of a carcass's openings places its panels; which of them it moved is not known.
  if (carcasses.some(({ id }) => id === body.item))
    return Math.max(
      0,
      ...[...sigmas].filter(([dimension]) => isOf(body.item, dimension)).map(([, sigma]) => sigma),
    );
  if (space.outline && body.surface?.kind === 'wall') {
    const runs = [...sigmas].filter(([dimension]) => isBetweenCorners(dimension)).map(([, sigma]) => sigma);
    return Math.max(0, ...runs);
  }
  return Math.max(0, ...placedBy(body).map((axis) => Math.hypot(...axis.map((key) => sigmas.get(key) ?? 0))));
}
