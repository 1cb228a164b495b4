import Module from 'manifold-3d';

/** manifold-3d, started. Tests only. */
export async function manifoldModule() {
  const api = await Module();
  api.setup();
  return api;
}

/** The outside referee of distance: manifold-3d's exact mesh gap. Tests only. */
export async function manifoldReferee() {
  const { Manifold } = await manifoldModule();

  const solidOf = (corners: Float64Array) => {
    // Hulling double-precision points keeps the corners exact; a mesh would round them to single.
    const points = [...Array(corners.length / 3).keys()].map((i): [number, number, number] => [
      corners[3 * i]!,
      corners[3 * i + 1]!,
      corners[3 * i + 2]!,
    ]);
    return Manifold.hull(points);
  };

  /** Distance of two placed pieces up to `most` mm; 0 where they touch or overlap. */
  const gap = (atA: Float64Array, atB: Float64Array, most: number): number => {
    const first = solidOf(atA);
    const second = solidOf(atB);
    const distance = first.minGap(second, most);
    first.delete();
    second.delete();
    return distance;
  };
  return { gap };
}
