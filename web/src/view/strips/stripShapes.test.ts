import type { MoverCheck, PartReport } from '@tarnpass/core';
import { stripShapes, ticksOf } from './stripShapes';

/** A check of a part that goes 0 to 100 mm, by the share of the needed gap that is kept at some travels. */
const shapes = (
  kept: readonly (readonly [travel: number, clearance: number])[],
  more: {
    usable?: number;
    contact?: boolean;
    blocked?: readonly number[];
    least?: number;
    verdict?: PartReport['verdict'];
  } = {},
) => {
  const curve = kept.map(([travel, clearance]) => ({ travel, clearance, needed: 10 }));
  const encounter = {
    contact: more.contact ? {} : undefined,
    blocked: (more.blocked ?? []).map((travel) => ({ at: { travel } })),
    least: more.least === undefined ? undefined : { witness: { travel: more.least } },
  };
  const check = { curve, usable: more.usable ?? 100, encounters: [encounter] } as unknown as MoverCheck;
  return stripShapes({ from: 0, to: 100 }, { check, verdict: more.verdict ?? 'clear' }, 200, 20);
};

describe('what is painted on a strip', () => {
  it('is half way up where just what is needed is kept, and runs as far as it goes free', () => {
    const { area, end, contact, tight } = shapes([[0, 10], [50, 10], [100, 10]]); // prettier-ignore
    expect([area, end, contact, tight]).toEqual([[[0, 10], [100, 10], [200, 10]], 200, false, []]); // prettier-ignore
  });

  it('is striped where less is kept, from and to where the line crosses the half', () => {
    // From 20 to 0 over the first half and up again: below 10 from a quarter to three quarters.
    const { tight } = shapes([[0, 20], [50, 0], [100, 20]]); // prettier-ignore
    expect(tight).toHaveLength(1);
    const [[from, to]] = tight as [[number, number]];
    const half = 100 / 2;
    expect(from).toBeGreaterThan(0);
    expect(Math.abs((from + to) / 2 - 2 * half)).toBeLessThan(1e-6);
    expect(shapes([[0, 5], [100, 5]]).tight).toEqual([[0, 200]]); // prettier-ignore
  });

  it('ends at the first contact, and has a notch for each later place that is none of it', () => {
    const stopped = shapes([[0, 20], [60, 0], [100, 20]], { usable: 60, contact: true, blocked: [60, 62, 80, 80.2, 95] }); // prettier-ignore
    expect([stopped.end, stopped.contact]).toEqual([120, true]);
    expect(Math.max(...stopped.area.map(([x]) => x))).toBeLessThanOrEqual(120 + 1e-6);
    // 62 is 4 px behind the contact, 80.2 within a pixel of 80.
    expect(stopped.later.map((x) => Math.round(x))).toEqual([160, 190]);
  });

  it('has the place of its least clearance only where it is tight', () => {
    expect(shapes([[0, 4]], { least: 25, verdict: 'tight' }).least).toBe(50);
    expect(shapes([[0, 40]], { least: 25 }).least).toBeUndefined();
  });

  it('has a mark every ten degrees, or every tenth of a way', () => {
    expect(ticksOf({ unit: 'mm', from: 0, to: 450 }, 200)).toEqual([
      20, 40, 60, 80, 100, 120, 140, 160, 180, 200,
    ]);
    const turns = ticksOf({ unit: 'rad', from: 0, to: (95 * Math.PI) / 180 }, 190);
    expect(turns.map((x) => Math.round(x))).toEqual([20, 40, 60, 80, 100, 120, 140, 160, 180]);
  });
});
