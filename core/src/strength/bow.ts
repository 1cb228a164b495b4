/** A board that stands on its foot: how thick, how high up something pushes beside it, and how wide, mm, and how stiff, MPa. */
export interface StandingBoard {
  readonly thick: number;
  readonly high: number;
  readonly wide: number;
  readonly stiffness: number;
}

/**
 * How far a push that stands off a board bows it, mm: its couple at the head of a strip that is held at its foot.
 *
 * @param off  from the board's middle to the push, mm
 * @source M h^2 / (2 E I): any strength text
 */
export function bowOf({ thick, high, wide, stiffness }: StandingBoard, off: number, newtons: number): number {
  const second = (wide * thick ** 3) / 12;
  return (newtons * off * high ** 2) / (2 * stiffness * second);
}
