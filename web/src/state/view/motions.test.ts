import { buildScene, type Move, type PartReport, type Report } from '@tarnpass/core';
import { jobStore, planOf } from '../../testing/jobStore';
import { checkReducer } from '../slices/checkSlice';
import { anyOpen, openTravels, stopsOf, throughAndBack } from './openInOrder';
import { openFindings, stepFinding } from './stepFinding';

const plan = planOf('door', 'drawer');
const scene = buildScene(plan);
const [door] = scene.movers;
const reports = (share: number): ReadonlyMap<string, PartReport> =>
  new Map(
    scene.movers.map((mover) => [
      mover.id,
      {
        check: { mover, usable: mover.from + share * (mover.to - mover.from), to: mover.to },
      } as unknown as PartReport,
    ]),
  );

describe('motions that are played', () => {
  it('go to the end of each move, and through every corner of a way of two', () => {
    const moves: Move[] = [
      { kind: 'one', part: 'a', from: 0, to: 90 },
      { kind: 'two', parts: ['a', 'b'], way: [[90, 0], [45, 100], [90, 400]] }, // prettier-ignore
    ] as unknown as Move[];
    expect(stopsOf(moves)).toEqual([{ a: 90 }, { a: 90, b: 0 }, { a: 45, b: 100 }, { a: 90, b: 400 }]);
  });

  it('of one part go as far as it goes free, and back; not yet checked, all the way', () => {
    const half = throughAndBack(door!, reports(0.5)).map((stop) => stop[door!.id]);
    expect(half).toEqual([door!.from, (door!.from + door!.to) / 2, door!.from]);
    expect(throughAndBack(door!, new Map())[1]).toEqual({ [door!.id]: door!.to });
  });

  it('of all wait until all are checked', () => {
    expect(openTravels(scene, new Map([[door!.id, reports(1).get(door!.id)!]]))).toEqual({});
    expect(anyOpen(scene, {})).toBe(false);
    expect(anyOpen(scene, { [door!.id]: door!.from + 1e-3 })).toBe(true);
  });
});

describe('from finding to finding', () => {
  const finding = (part: string, verdict: 'hits' | 'tight' | 'clear', travel: number) => ({ part, verdict, travel, key: `${part}${travel}` }); // prettier-ignore
  const report = {
    parts: [
      { findings: [finding('a', 'hits', 30), finding('a', 'clear', 60)] },
      { findings: [finding('b', 'tight', 200)] },
    ],
  } as unknown as Report;

  it('goes round those that are not clear, and opens each part to the place', () => {
    expect(openFindings(report).map(({ travel }) => travel)).toEqual([30, 200]);
    expect(openFindings(null)).toEqual([]);
    const store = jobStore(plan);
    store.dispatch(stepFinding(1));
    expect(store.getState().view.selected).toBeNull();
    const checked = { ...checkReducer(undefined, { type: 'begin' }), report };
    const seen: unknown[] = [];
    const dispatch = store.dispatch.bind(store);
    const step = (by: number) => {
      stepFinding(by)(dispatch, () => ({ ...store.getState(), check: checked }), undefined);
      const { selected, travels, finding: at } = store.getState().view;
      seen.push([selected, travels[selected!], at]);
    };
    for (const by of [1, 1, 1, -1, -1]) step(by);
    expect(seen).toEqual([['b', 200, 1], ['a', 30, 0], ['b', 200, 1], ['a', 30, 0], ['b', 200, 1]]); // prettier-ignore
  });
});
