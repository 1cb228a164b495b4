import RAPIER from '@dimforge/rapier3d-compat';
import Manifold from 'manifold-3d';
import type { Point3 } from '@tarnpass/core';

/** General-purpose libraries that answer the same question, ready to be asked. */
await RAPIER.init();
export const manifold = await Manifold();
manifold.setup();
export { RAPIER };

export const ORIGIN = { x: 0, y: 0, z: 0 };
export const UNTURNED = { x: 0, y: 0, z: 0, w: 1 };
/** Farther than anything here: both are asked for the distance whatever it is, mm. */
export const ANYWHERE = 10_000;

/** A rapier shape of corners x0, y0, z0, x1, ... in its single precision. */
export const rapierHull = (corners: Float64Array) => new RAPIER.ConvexPolyhedron(Float32Array.from(corners));

/** A manifold solid of corners x0, y0, z0, x1, ...; to be deleted by the caller. */
export const manifoldHull = (corners: Float64Array) =>
  manifold.Manifold.hull(
    Array.from({ length: corners.length / 3 }, (_, i): [number, number, number] => [
      corners[3 * i]!,
      corners[3 * i + 1]!,
      corners[3 * i + 2]!,
    ]),
  );

export const manifoldBox = (least: Point3, most: Point3) =>
  manifold.Manifold.cube([most[0] - least[0], most[1] - least[1], most[2] - least[2]]).translate([...least]);
