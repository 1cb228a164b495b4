/** Numbers that a seed repeats: mulberry32, by Tommy Ettinger, public domain. */
export function dice(seed: number): (from: number, to: number) => number {
  let state = seed >>> 0;
  return (from, to) => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return from + (((t ^ (t >>> 14)) >>> 0) / 4294967296) * (to - from);
  };
}
