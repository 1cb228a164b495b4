import fc from 'fast-check';
import { Polygon, Relations, point } from '@flatten-js/core';
import { partBuilt } from '../../plan/place';
import { offersIn, taken } from '../../testing/offersIn';
import { reportOf } from '../../report/report';
import { withSliding } from '../../testing/partsOf';
import { FRAME, mm, planWith, refusalOf, type Made } from '../../testing/planWith';
import { clearOpenings } from './clear';
import type { LaidSliding } from './lay';
import { panelWidth, trackOf } from './lay';
import { liftOut, type GroovedPanel } from './liftOut';
import { openingsOf } from './advice';
import { USUAL_WAY } from './fresh';

const laidOf = (made: Made) => {
  const plan = planWith(made);
  const laid = partBuilt(plan, plan.parts[0]!)!.laid as LaidSliding;
  return { ...laid, ...laid.grooves! };
};
const said = (made: Made) =>
  reportOf(planWith(made))
    .notes.map(({ sentence }) => sentence)
    .join('\n');

describe('panels in grooves', () => {
  it('grooves 10 and 10, h = H + 15: a bite of 5, and captive', () => {
    // Derived: h - H - b; it lifts clear only if h <= H + t.
    const way = { top: mm(10), bottom: mm(10), bite: mm(5) };
    const { panels, head, foot } = laidOf(withSliding(way));
    expect(panels[0]!.bounds.z[1] - panels[0]!.bounds.z[0] - (head - foot)).toBeCloseTo(15, 9);
    expect(said(withSliding(way))).toContain(
      'Its panels are captive: lifted, they meet the top groove 5 mm too soon. They go in along the grooves from one end, with ',
    );
    // 25.4 times the same.
    expect(
      liftOut({ apart: 600, top: 254, bottom: 254, wide: 30, height: 600 + 381, thick: 6, lip: 6 }),
    ).toEqual({ kind: 'captive', short: 127 });
  });

  it('usual grooves are about twice as deep at the top, and leave 0.5 to 1 mm beside the panel', () => {
    // Common practice, no single source.
    const { top, bottom, wide } = USUAL_WAY.grooves;
    expect(top.mm / bottom.mm).toBeGreaterThanOrEqual(2);
    expect(wide.mm - 6).toBeGreaterThanOrEqual(0.5);
    expect(wide.mm - 6).toBeLessThanOrEqual(1);
  });

  it('n panels over a run with overlaps and laps cover it exactly', () => {
    // Derived, and laid side by side again here: each begins where the one before it ends, less the overlap.
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.double({ min: 300, max: 4000, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (n, run, overlap, lap) => {
          const wide = panelWidth(run, n, overlap, lap);
          let end = -lap;
          for (let i = 0; i < n; i += 1) end = (i === 0 ? end : end - overlap) + wide;
          expect(end).toBeCloseTo(run + lap, 6);
        },
      ),
    );
    // 72 in for four with 1 1/2 in of overlap: (72 + 4 1/2) / 4 = 19 1/8 in.
    expect(panelWidth(72, 4, 1.5, 0)).toBe(19.125);
  });

  it('bite holds at the widest station, running at the tightest, sag included', () => {
    const stations = [640, 646, 643].map((height, i) => ({ at: mm(i * 200), height: mm(height) }));
    const sag = { top: mm(2), bottom: mm(1) };
    const { tracks, height } = laidOf(withSliding({ stations, sag }));
    expect(tracks).toMatchObject({ nearest: 638, farthest: 647 });
    expect(height.reduce((sum, line) => sum + line.mm, 0)).toBe(647 + 8 + 6);
    // 638 + 18 + 8 - 661 = 3 free at the tightest.
    expect(said(withSliding({ stations, sag }))).toContain('Where they are nearest its head has 3 mm free.');
    expect(refusalOf(withSliding({ stations, sag, bite: mm(9.5) }))).toContain(
      'Where its tracks are nearest it jams: its head is 0.5 mm longer than the top groove is deep.',
    );
  });

  it('knobs that stop the panels behind them are let in by its own advice', () => {
    const knob = {
      kind: 'knob',
      width: mm(30),
      projection: mm(20),
      fromEdge: mm(30),
      up: mm(300),
      at: 'left',
    } as const;
    const plan = planWith(withSliding({}, { pull: knob }));
    const [best] = offersIn(plan)[0]!.offers;
    expect(best!.words).toBe('let the pulls in, so that panels pass them');
    expect(reportOf(taken(plan, best!)).parts.every(({ verdict }) => verdict === 'clear')).toBe(true);
  });

  it('goes behind posts only where there are posts', () => {
    expect(refusalOf(withSliding({ lap: mm(10) }))).toContain('Behind the posts a panel has 0 mm of room.');
    expect(laidOf(withSliding({ lap: mm(10) }, {}, { frame: FRAME })).panels[0]!.bounds.x[0]).toBe(38 - 10);
  });
});

describe('clear openings', () => {
  /** Widest clear stretches found by trying every place of every panel on a grid, kept in order on its track. */
  const tried = (n: number, tracks: number, run: number, wide: number, step: number): Set<string> => {
    const places = Array.from({ length: Math.round((run - wide) / step) + 1 }, (_, i) => i * step);
    const found = new Set<string>();
    const way = { panels: n, tracks, front: 'left' as const };
    const go = (nth: number, at: number[]) => {
      if (nth === n) {
        // The clear stretches of this state.
        const covers = at.map((x) => [x, x + wide] as const).sort((a, b) => a[0] - b[0]);
        let edge = 0;
        for (const [from, to] of [...covers, [run, run] as const]) {
          if (from - edge > 1e-9) found.add(`${edge} ${from}`);
          edge = Math.max(edge, to);
        }
        return;
      }
      for (const x of places) {
        const blocked = at.some(
          (other, i) => trackOf(i, way) === trackOf(nth, way) && x < other + wide - 1e-9,
        );
        if (!blocked) go(nth + 1, [...at, x]);
      }
    };
    go(0, []);
    return found;
  };
  const inside = ([a, b]: readonly number[], [c, d]: readonly number[]) => c! <= a! + 1e-9 && b! <= d! + 1e-9;

  it.each([
    [2, 2, 6, 4],
    [3, 2, 6, 3],
    [3, 3, 6, 3],
    [4, 2, 8, 3],
    [4, 3, 9, 3],
  ])('%i panels on %i tracks: none is missed, and every one can be had', (n, tracks, run, wide) => {
    const overlap = (n * wide - run) / (n - 1);
    const panels = Array.from({ length: n }, (_, nth) => {
      const x = nth * (wide - overlap);
      return {
        key: String(nth),
        nth,
        track: trackOf(nth, { panels: n, tracks, front: 'left' }),
        bounds: { x: [x, x + wide] as const, y: [0, 1] as const, z: [0, 1] as const },
      };
    });
    const named = clearOpenings(panels, [0, run], 0);
    const brute = [...tried(n, tracks, run, wide, 1)].map((key) => key.split(' ').map(Number));
    // Whatever a grid of places leaves clear lies within one of the openings named.
    for (const one of brute)
      expect(named.some(({ from, to }) => inside(one, [from, to]))).toBe(true);
    // And each named one is had by a state of the grid.
    for (const { from, to } of named)
      expect(brute).toContainEqual([from, to]);
  }); // prettier-ignore

  it('four panels on three tracks over 1600 mm with 40 of overlap: what stands open at each end and between', () => {
    // Worked by hand: panels of 430; the first and the fourth share a track.
    const laid = laidOf(withSliding({ panels: 4, tracks: 3 }, {}, { width: mm(1636), height: mm(636) }));
    const open = openingsOf(laid).map(({ from, to }) => [from, to]);
    expect(open).toEqual([
      [0, 740],
      [430, 1170],
      [860, 1600],
      [430, 740],
      [860, 1170],
    ]);
  });
});

describe('lifting out, by motion', () => {
  const rect = (x0: number, x1: number, z0: number, z1: number) =>
    new Polygon([point(x0, z0), point(x1, z0), point(x1, z1), point(x0, z1)]);

  /** Flood of the places a panel can reach by small steps of raising, shifting and tilting, with flatten-js as judge. */
  const getsOut = ({ apart, top, bottom, wide, height, thick, lip }: GroovedPanel): boolean => {
    const rails = [
      rect(-lip, 0, -bottom, 0),
      rect(-lip, wide + 20, -bottom - 10, -bottom),
      rect(wide, wide + 20, -bottom, 0),
      rect(-lip - 200, 0, apart, apart + top),
      rect(-lip - 200, wide + 20, apart + top, apart + top + 10),
      rect(wide, wide + 20, apart, apart + top),
    ];
    // A hair smaller than it is: touching is no hindrance.
    const panel = (y: number, z: number, tilt: number) => {
      const [c, s] = [Math.cos(tilt), Math.sin(tilt)];
      const at = (a: number, b: number) => point(y + a * c + b * s, z - a * s + b * c);
      const e = 1e-4;
      return new Polygon([at(e, e), at(thick - e, e), at(thick - e, height - e), at(e, height - e)]);
    };
    const step = Math.max(0.5, (wide - thick) / 12);
    const [dy, dz, da] = [step, step, step / 25];
    const start = [Math.round((wide - thick) / 2 / dy), Math.round(-bottom / dz), 0] as const;
    const seen = new Set([start.join()]);
    // The farthest forward first: what gets out gets out soon.
    const open: (readonly [number, number, number])[][] = [];
    const put = (one: readonly [number, number, number]) => (open[400 - one[0]] ??= []).push(one);
    put(start);
    for (;;) {
      const most = open.findLast((one) => one !== undefined && one.length > 0);
      if (!most) return false;
      const [i, j, k] = most.pop()!;
      // Its foot's rear corner is before the rail: out.
      if (i * dy + thick * Math.cos(k * da) < -lip) return true;
      for (const [a, b, c] of [
        [0, 0, 1],
        [-1, 0, 0],
        [0, 1, 0],
        [1, 0, 0],
        [0, -1, 0],
        [0, 0, -1],
        [-1, 0, 1],
        [-1, 1, 1],
        [0, 1, 1],
      ] as const) {
        const next = [i + a, j + b, k + c] as const;
        if (next[2] < 0 || next[2] * da > 1.2 || next[1] * dz > top || seen.has(next.join())) continue;
        seen.add(next.join());
        const body = panel(next[0] * dy, next[1] * dz, next[2] * da);
        if (rails.every((rail) => Relations.disjoint(rail, body))) put(next);
      }
    }
  };

  const usual: GroovedPanel = { apart: 120, top: 18, bottom: 8, wide: 9, height: 134, thick: 6, lip: 6 };
  it.each([
    ['loose in deep grooves', { ...usual, wide: 12 }, 'lifts out'],
    ['captive: h over H + t', { ...usual, wide: 12, top: 12 }, 'captive'],
    // h <= H + t and a bite above zero hold, and the tilt still fails: the lip is wide and the slot close.
    ['wedges: both inequalities hold', { ...usual, wide: 6.5, lip: 30 }, 'wedges'],
    ['behind two tracks before it', { ...usual, wide: 8, lip: 34 }, 'wedges'],
    ['the same in a slot wide enough', { ...usual, wide: 20, lip: 34 }, 'lifts out'],
  ] as const)('%s', (_name, panel, kind) => {
    expect(panel.height - panel.apart - panel.bottom).toBeGreaterThan(0);
    if (kind === 'wedges') expect(panel.height).toBeLessThanOrEqual(panel.apart + panel.top);
    expect(liftOut(panel).kind).toBe(kind);
    expect(getsOut(panel)).toBe(kind === 'lifts out');
  }); // prettier-ignore
});
