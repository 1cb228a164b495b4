/** A label's place, px: its left edge, baseline and size. */
export interface LabelBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Turned a quarter to the left, its text running up the sheet. */
  readonly upright?: boolean;
  /** Beside what it names: it must lie on no other thing. */
  readonly beside?: boolean;
}

/** A label with the places it may stand at, the best first; they are made only as far as they are tried. */
export interface LabelWish {
  readonly key: string;
  readonly places: Iterable<LabelBox>;
  /** What it must not lie under, px. */
  readonly off?: readonly Box[];
}

type Box = Omit<LabelBox, 'upright' | 'beside'>;

/** What labels must keep off, and stay within; px. */
export interface Surroundings {
  /** Figures and marks that none may cover. */
  readonly taken?: readonly LabelBox[];
  /** Of the view: none may leave it. */
  readonly size?: readonly [number, number];
  /** What stands on the sheet, by key: a label beside its own thing keeps off the others. */
  readonly things?: ReadonlyMap<string, Box>;
  /** A label beside its thing stays within this. */
  readonly room?: Box;
}

/** About how wide a text is in the sheet's figures, px. */
export const textWidth = (text: string, size: number): number => text.length * size * 0.58;

/**
 * Places for labels so that none lies on another: each takes its first free place, in the order given. A label with no
 * free place is left out: two on one another say less than none.
 */
export function layLabels(
  wishes: readonly LabelWish[],
  { taken = [], size, things = new Map<string, Box>(), room }: Surroundings = {},
): ReadonlyMap<string, LabelBox> {
  const placed = new Map<string, LabelBox>();
  const all = [...taken];
  const solid = [...things];
  const view = size && { x: 0, y: 0, width: size[0], height: size[1] };
  const free = ({ key, off = [] }: LabelWish, place: LabelBox) =>
    (!view || within(place, view)) &&
    off.every((other) => apart(place, other)) &&
    all.every((other) => apart(place, other)) &&
    (!place.beside ||
      ((!room || within(place, room)) && solid.every(([other, box]) => other === key || apart(place, box))));
  for (const wish of wishes) {
    for (const place of wish.places) {
      if (!free(wish, place)) continue;
      placed.set(wish.key, place);
      all.push(place);
      break;
    }
  }
  return placed;
}

function within(a: Box, b: Box): boolean {
  return a.x >= b.x && a.y >= b.y && a.x + a.width <= b.x + b.width && a.y + a.height <= b.y + b.height;
}

export function apart(a: Box, b: Box): boolean {
  return a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;
}
