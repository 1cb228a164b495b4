import fc from 'fast-check';
import { finish } from '../clearance/steps';
import type { Amount } from '../item/lever';
import { real } from '../testing/real';
import { GRAIN, leastChange, type LeastChange, type Trial } from './leastChange';

/** A lever of a length from 0, whose changes move nothing farther than `moves` mm a unit. */
const lever = (other: Partial<Amount> = {}): Amount => ({
  kind: 'amount',
  key: 'tried',
  what: 'what is tried',
  unit: 'mm',
  from: 0,
  to: 100,
  moves: 1,
  cost: { words: '', once: 0, perUnit: 0 },
  words: String,
  set: () => [],
  ...other,
});

/** The least change where what is short of a value is known, and how often it was looked at. */
function least(
  of: Amount,
  shortAt: (value: number) => number | undefined,
): { found: LeastChange | undefined; looks: number } {
  let looks = 0;
  // eslint-disable-next-line require-yield -- what is tried here takes no steps
  const attempt = function* (value: number): Generator<never, Trial> {
    looks += 1;
    const short = shortAt(value);
    return { mends: short === 0, short };
  };
  const found = finish(leastChange(of, { mends: false, short: shortAt(of.from) }, attempt));
  return { found, looks };
}

/** By brute force: every tenth of the grain from where it is. */
function bruteForce(of: Amount, shortAt: (value: number) => number | undefined): number | undefined {
  const sense = Math.sign(of.to - of.from);
  for (let i = 0; i * GRAIN * 0.1 <= Math.abs(of.to - of.from); i += 1) {
    const value = of.from + sense * i * GRAIN * 0.1;
    if (shortAt(value) === 0) return value;
  }
  return undefined;
}

describe('the least change of a lever', () => {
  it('is what is short, where the lever moves by as much: in two looks', () => {
    const { found, looks } = least(lever(), (value) => Math.max(0, 17 - value));
    expect(found!.value).toBeCloseTo(17, 9);
    expect(found!.proven).toBe(true);
    expect(looks).toBeLessThanOrEqual(2);
  });

  it('goes down as well as up, and to beyond 0', () => {
    expect(least(lever({ from: 20, to: -30 }), (value) => Math.max(0, value + 12)).found!.value).toBeCloseTo(
      -12,
      9,
    );
  });

  it('is not stepped over where a gap mends and what lies beyond it does not', () => {
    // Free from 30 to 31 only: a post to either side.
    const between = (value: number) => Math.max(0, 30 - value, value - 31);
    expect(least(lever(), between).found).toEqual({ value: expect.closeTo(30, 1), proven: true });
  });

  it('is none, and proven so, where nothing up to its bound mends', () => {
    const { found, looks } = least(lever({ to: 40 }), () => 9);
    expect(found).toBeUndefined();
    expect(looks).toBeLessThanOrEqual(5);
  });

  it('of a stop is closed in on from its guess in two looks, and from a bad guess all the same', () => {
    const stop = (guess: number) => lever({ from: 100, to: 20, lasting: true, guess });
    const open = (value: number) => (value <= 73.25 ? 0 : undefined);
    expect(least(stop(73.25), open)).toEqual({ found: { value: 73.25, proven: true }, looks: 2 });
    for (const guess of [20, 40, 99, 100, 120])
      expect(Math.abs(least(stop(guess), open).found!.value - 73.25)).toBeLessThanOrEqual(GRAIN);
  });

  it('where what is short is no length is looked for at samples, and told as not proven', () => {
    const { found } = least(lever(), (value) => (value >= 61 ? 0 : undefined));
    expect(found!.proven).toBe(false);
    expect(Math.abs(found!.value - 61)).toBeLessThanOrEqual(GRAIN);
  });

  it('equals brute force to 0.2 mm for clearances that go up and down along it', () => {
    // What is short of a value is a distance to the nearest of some free stretches: it changes by no more than the lever does.
    const stretches = fc.array(fc.tuple(real(1, 95), real(0.3, 8)), { minLength: 0, maxLength: 4 });
    fc.assert(
      fc.property(stretches, fc.integer({ min: 1, max: 3 }), (free, moves) => {
        const shortAt = (value: number) => {
          const away = free.map(([from, long]) => Math.max(0, from - value, value - from - long));
          return moves * Math.min(6, ...away);
        };
        const one = lever({ moves });
        const { found } = least(one, shortAt);
        const brute = bruteForce(one, shortAt);
        if (found?.proven) expect(Math.abs(found.value - brute!)).toBeLessThanOrEqual(0.2);
        if (!found && brute !== undefined) throw new Error(`${brute} mends and nothing was found`);
        if (found && !found.proven) expect(found.value).toBeGreaterThanOrEqual(brute! - 0.2);
      }),
      { numRuns: 400 },
    );
  });
});

describe('a lever along which something may jump', () => {
  it('is looked at unit by unit, and never told as proven', () => {
    // Slides 50 shorter from 37 on: what was short by 40 mends at once.
    const { found, looks } = least(lever({ jumps: true }), (value) => (value >= 37 ? 0 : 40));
    expect(Math.abs(found!.value - 37)).toBeLessThanOrEqual(GRAIN);
    expect(found!.proven).toBe(false);
    expect(looks).toBeLessThan(45);
    // The step that is sure of what moves evenly would have gone past it.
    expect(least(lever(), (value) => (value >= 37 ? 0 : 40)).found!.value).toBe(40);
  });
});
