import fc from 'fast-check';
import { real } from '../../testing/real';
import { longestIn, wayIn, widestTurning, type Entry } from './entry';

/** Every tenth of a degree: what of a board's section goes through, and whether it can be lowered level behind. */
function byTrying(long: number, thick: number, entry: Entry, slack: number): boolean {
  const wide = (a: number) => long * Math.cos(a) + thick * Math.sin(a);
  const high = (a: number) => long * Math.sin(a) + thick * Math.cos(a);
  let widest = long;
  for (let i = 0; i <= 900; i += 1) {
    const a = (i * Math.PI) / 1800;
    // Lowered from here it passes every lesser angle.
    widest = Math.max(widest, wide(a));
    if (widest > entry.insideWidth + slack) return false;
    const goes =
      wide(a) <= entry.openingWidth + slack &&
      high(a) <= Math.min(entry.openingHeight, entry.insideHeight) + slack;
    if (goes) return true;
  }
  return false;
}

describe('a loose shelf', () => {
  it('goes in tilted past a face frame where trying every tenth of a degree finds a way, and nowhere else', () => {
    const counts = { straight: 0, tilted: 0, none: 0 };
    fc.assert(
      fc.property(
        real(300, 900),
        real(6, 40),
        fc.oneof(fc.constant(0), real(0, 160)),
        real(0, 300),
        real(120, 900),
        real(-2, 20),
        (inside, thick, frame, rails, height, less) => {
          const entry = {
            insideWidth: inside,
            insideHeight: height,
            openingWidth: inside - frame,
            openingHeight: Math.max(20, height - rails),
          };
          const long = inside - less;
          const way = wayIn(long, thick, entry);
          counts[way.kind] += 1;
          if (way.kind === 'none') expect(byTrying(long, thick, entry, -0.8)).toBe(false);
          else expect(byTrying(long, thick, entry, 0.8)).toBe(true);
          // A slot lower than the board is thick takes none of it.
          if (way.kind !== 'none' || thick > entry.openingHeight) return;
          expect(wayIn(way.longest, thick, entry).kind).not.toBe('none');
          expect(wayIn(way.longest + 0.01, thick, entry).kind).toBe('none');
        },
      ),
      { seed: 20261125, numRuns: 400 },
    );
    expect(Math.min(...Object.values(counts))).toBeGreaterThan(25);
  });

  it('561 x 18 in a frame of 524 x 644 goes in with one end raised, between the angles worked by hand', () => {
    // 561 cos a + 18 sin a = 524 at a = 22.75 degrees; it may be raised until 561 sin a + 18 cos a reaches 561.3, its diagonal.
    const way = wayIn(561, 18, {
      openingWidth: 524,
      openingHeight: 644,
      insideWidth: 564,
      insideHeight: 684,
    });
    if (way.kind !== 'tilted') throw new Error(way.kind);
    const from = Math.acos(524 / Math.hypot(561, 18)) + Math.atan2(18, 561);
    expect(way.from).toBeCloseTo(from, 8);
    expect((way.from * 180) / Math.PI).toBeCloseTo(22.9, 0);
    expect(way.to).toBeCloseTo(Math.PI / 2 - Math.atan2(18, 561), 8);
  });

  it('must be shorter than its inside by what its diagonal takes while it is turned level', () => {
    expect(widestTurning(564, 18, 1)).toBeCloseTo(Math.hypot(564, 18), 9);
    expect(
      longestIn(18, { openingWidth: 400, openingHeight: 640, insideWidth: 564, insideHeight: 684 }),
    ).toBeCloseTo(Math.sqrt(564 ** 2 - 18 ** 2), 2);
  });
});
