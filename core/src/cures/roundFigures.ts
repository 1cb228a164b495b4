/** As people set numbers: mm and degrees whole, by halves and by tenths. */
export const GRAINS = [1, 0.5, 0.1] as const;
/** And inches by sixteenths, mm. */
export const SIXTEENTH = 25.4 / 16;

/**
 * A value made a multiple of a grain.
 *
 * @param sense   up (1) or down (-1)
 * @param within  the multiple before it will do as well where it is no farther off than this
 */
export function atGrain(value: number, grain: number, sense: 1 | -1, within: number): number {
  const [steps, before] = [value / grain, (within + 1e-9) / grain];
  return (sense > 0 ? Math.ceil(steps - before) : Math.floor(steps + before)) * grain;
}

/**
 * Round figures at a value that was found to within so much, or a little farther on, the roundest first: each is for whoever asked to try,
 * since the one before the value may be it, or not.
 */
export const roundFigures = (
  value: number,
  sense: 1 | -1,
  within: number,
  grains: readonly number[],
): number[] => grains.flatMap((grain) => [within, 0].map((before) => atGrain(value, grain, sense, before)));
