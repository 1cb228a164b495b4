/** A label's place, px: its left edge, baseline and size. */
export interface LabelBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Turned a quarter to the left, its text running up the sheet. */
  readonly upright?: boolean;
}

/** A label with the places it may stand at, the best first. */
export interface LabelWish {
  readonly key: string;
  readonly places: readonly LabelBox[];
}

/** About how wide a text is in the sheet's figures, px. */
export const textWidth = (text: string, size: number): number => text.length * size * 0.53;

/**
 * Places for labels so that none lies on another: each takes its first free place, in the order given. A label with no
 * free place is left out: two on one another say less than none.
 *
 * @param size  of the view, px, that none may leave
 */
export function layLabels(
  wishes: readonly LabelWish[],
  taken: readonly LabelBox[] = [],
  size: readonly [number, number] = [Infinity, Infinity],
): ReadonlyMap<string, LabelBox> {
  const [width, height] = size;
  const placed = new Map<string, LabelBox>();
  const all = [...taken];
  for (const { key, places } of wishes) {
    const free = places.find(
      (place) =>
        place.x >= 0 &&
        place.y >= 0 &&
        place.x + place.width <= width &&
        place.y + place.height <= height &&
        all.every((other) => apart(place, other)),
    );
    if (!free) continue;
    placed.set(key, free);
    all.push(free);
  }
  return placed;
}

function apart(a: LabelBox, b: LabelBox): boolean {
  return a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;
}
