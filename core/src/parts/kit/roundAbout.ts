/** Sides of what is drawn round: about it rather than in it, so that nothing is found clear that is not. */
const SIDES = 12;

/** A regular outline about a circle, counter-clockwise. */
export function roundAbout(x: number, y: number, radius: number): [number, number][] {
  const r = radius / Math.cos(Math.PI / SIDES);
  return Array.from({ length: SIDES }, (_, i): [number, number] => {
    const a = (2 * Math.PI * i) / SIDES;
    return [x + r * Math.cos(a), y + r * Math.sin(a)];
  });
}
