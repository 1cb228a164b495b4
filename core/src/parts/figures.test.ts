import { carcassOf, partBuilt } from '../plan/place';
import { MILLIMETRES } from '../length/units';
import { sayLengths } from '../length/lengthMark';
import { bankIssues, frontHeights } from './kit/drawn/bank';
import type { Bank } from './kit/drawn/schema';
import { bankOf, USUAL_DRAWN_FIT } from './kit/drawn/usual';
import type { LaidDrawn } from './kit/drawn/lay';
import { drawerOf, withDrawer, withSliding } from '../testing/partsOf';
import { caseOf, doorOf, FRAME, mm, planWith, refusalOf, type Made } from '../testing/planWith';
import { partFindings } from '../report/noteFindings';
import type { Drawer } from './drawer/schema';
import type { Piece } from '../piece/piece';
import { USUAL_FIT } from './door/fresh';
import { USUAL_SLIDING_PULL } from './sliding/fresh';
import { appraisalOf } from './appraisals';
import type { Part } from './families';

const laid = (made: Parameters<typeof planWith>[0]): LaidDrawn => {
  const plan = planWith(made);
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidDrawn;
};

describe('figures that boards are cut by', () => {
  it('a carcass read narrower within comes in at both sides alike', () => {
    // 564 clear, read 544 deep within: 10 at either side.
    const bay = { id: 'all', take: 'equal' as const, read: { deep: mm(544) } };
    const plan = planWith({ carcasses: [caseOf({ bay })] });
    const { inside } = carcassOf(plan, plan.carcasses[0]!).layout.openings.get('all')!;
    expect([inside.left, inside.right]).toEqual([28, 572]);
  });

  it('a bay read so wide that nothing is left of the board beside it is refused with its place, one a hair less is not', () => {
    // 564 clear, sides of 18: 36 more, and both are gone but for the half millimetre each must keep.
    const wide = (mid: number) => ({ carcasses: [caseOf({ bay: { id: 'all', take: 'equal' as const, read: { middle: mm(mid) } } })] }); // prettier-ignore
    expect(refusalOf(wide(599))).toBe('');
    expect(refusalOf(wide(599.2))).toMatch(
      /^carcasses\[0\]\.bay\.read: As it was read, so wide a bay leaves nothing of the left side/,
    );
    // Two bays of 273 with an upright of 18 between: one read 36 wider takes 18 of it.
    const bays = (left: number) => [
      { id: 'a', take: 'equal' as const, read: { bottom: mm(left) } },
      { id: 'b', take: 'equal' as const, read: {} },
    ];
    const split = (left: number) => ({ carcasses: [caseOf({ bay: { id: 'all', take: 'equal' as const, read: {}, split: { way: 'uprights' as const, setback: mm(0), bays: bays(left) } } })] }); // prettier-ignore
    expect(refusalOf(split(300))).toBe('');
    expect(refusalOf(split(310))).toMatch(/leaves nothing of the upright beside it/);
  });

  it('a member of a face frame stands before the middle of the upright behind it: openings end at its edges', () => {
    // Two bays of 273 in 564, an upright of 18 about 300: a member of 38 from 281 to 319, one of 12 from 294 to 306.
    const bays = ['a', 'b'].map((id) => ({ id, take: 'equal' as const, read: {} }));
    const split = { way: 'uprights' as const, setback: mm(0), bays };
    const edges = (between: number) => {
      const frame = { ...FRAME, between: mm(between) };
      const plan = planWith({
        carcasses: [caseOf({ frame, bay: { id: 'all', take: 'equal', read: {}, split } })],
      });
      const { openings } = carcassOf(plan, plan.carcasses[0]!).layout;
      return [openings.get('a')!.right.at, openings.get('b')!.left.at];
    };
    expect(edges(38)).toEqual([281, 319]);
    expect(edges(12)).toEqual([294, 306]);
  });

  it('sides of a box that the front itself ends: a lock joint shortens them at the back alone, and they go into the front', () => {
    // 450 deep: a lip of 5 at the back, 6 into the front; with a front of its own board two lips and nothing into it.
    const sideOf = (made: Drawer['front']['made']) => {
      const { box, front } = drawerOf();
      const joint = { kind: 'lock' as const, deep: mm(6), lip: mm(5) };
      const plan = planWith(
        withDrawer({ box: { ...box, joint }, front: { ...front, made } as Drawer['front'] }),
      );
      const pieces = partBuilt(plan, plan.parts[0]!)!.pieces.moving.flatMap((link) => link.pieces);
      return pieces.find(({ key }) => key.endsWith('side-left'))!.size!.length.mm;
    };
    expect(sideOf('applied')).toBeCloseTo(440, 9);
    expect(sideOf('the box’s own')).toBeCloseTo(451, 9);
  });

  it('fronts that get lower upward: the step that leaves the topmost one 30 is told, and leaves it 30', () => {
    // Five fronts share 705: the topmost is 705 / 5 - 2 steps, so steps of (141 - 30) / 2 = 55.5.
    const graduated = (step: number) => ({ ...bankOf('graduated', 5), step: mm(step) }) as Bank;
    const [issue] = bankIssues(graduated(80), 705);
    expect(sayLengths(issue!.message, MILLIMETRES)).toBe(
      'The topmost front would be 0 mm high. Steps of at most 55.5 mm will do.',
    );
    const heights = frontHeights(graduated(55.5), 705);
    expect(heights).toEqual([252, 196.5, 141, 85.5, 30]);
    expect(bankIssues(graduated(55.5), 705)).toEqual([]);
    expect(bankIssues(graduated(55.6), 705)).toHaveLength(1);
  });

  it('an old box narrower than its opening is packed out by half of what is left, less its slide, at either side', () => {
    // 564 clear, 480 of box, 12.7 of slide at each side: (564 - 480) / 2 - 12.7.
    const old = { width: mm(480), height: mm(140), depth: mm(450) };
    const { drawers, slide } = laid(withDrawer({ old, bank: bankOf('even', 1) }));
    const side = slide?.kind === 'slide' ? slide.side : 0;
    expect(side).toBe(12.7);
    for (const way of ['left', 'right'] as const)
      expect(drawers[0]!.packing[way]).toBeCloseTo((564 - 480) / 2 - 12.7, 9);
  });

  it('levers of a front reach 20 beyond it: wider gaps of one that is inset, less overlay of one that lies over', () => {
    for (const [fit, to] of [
      [{ ...USUAL_DRAWN_FIT.inset, sides: mm(2) }, 22],
      [{ ...USUAL_DRAWN_FIT.overlay, sides: mm(16) }, 1],
    ] as const) {
      const plan = planWith(withDrawer({ fit }));
      const part = plan.parts[0]!;
      const { laid: own, pieces } = partBuilt(plan, part)!;
      const trouble = {
        of: undefined,
        short: 1,
        comfortable: undefined,
        usable: undefined,
        about: undefined,
      };
      const lever = appraisalOf(part)
        .levers(own, pieces, trouble)
        .find(({ key }) => key === 'front.sides');
      expect(lever).toMatchObject({ kind: 'amount', to });
    }
  });

  it('dividers that cross are halved into each other, each notch at the very board that comes through it', () => {
    const { box } = withDrawer({}).parts![0] as Extract<Part, { family: 'drawer' }>;
    const plan = planWith(
      withDrawer({ box: { ...box, dividers: { ...box.dividers, across: 2, along: 3 } } }),
    );
    const pieces = partBuilt(plan, plan.parts[0]!)!.pieces.moving.flatMap((link) => link.pieces);
    const middle = (piece: Piece, axis: 0 | 1) => {
      const along = piece.solids.flatMap(({ corners }) => [...corners].filter((_, i) => i % 3 === axis));
      return (Math.min(...along) + Math.max(...along)) / 2;
    };
    const crossed = pieces.flatMap((piece) =>
      piece.works
        .filter(({ key }) => key.includes('halved'))
        .map(({ region, mate }) => {
          const other = pieces.find(({ key }) => key === mate!.piece)!;
          const axis = piece.key.includes('across') ? 0 : 1;
          const { origin, length } = piece.lie!;
          const at = origin[axis] + (length[axis] * (region.length[0] + region.length[1])) / 2;
          expect(at).toBeCloseTo(middle(other, axis), 9);
          return [piece.key, other.key].sort().join(' ');
        }),
    );
    expect(crossed).toHaveLength(12);
    expect(new Set(crossed).size).toBe(6);
  });
});

/** What is told of the first part of a plan, by the kind of note. */
const toldOf = (made: Made, kind: string): string[] => {
  const plan = planWith(made);
  return partFindings(plan, plan.parts[0]!)
    .notes.filter(({ key }) => key.includes(`|${kind}|`))
    .map(({ verdict, sentence }) => `${verdict}: ${sentence}`);
};

// Common practice, as TRADE.md gives it: on either side of where the word turns.
describe('where a word turns', () => {
  it.each([
    [6.4, 'tight', 'paint and damp take that'],
    [6.6, 'clear', 'It has 0.6 mm free in a groove of 6.6 mm.'],
    [8, 'clear', 'It has 2 mm free in a groove of 8 mm.'],
    [8.2, 'tight', 'it will rattle'],
  ])('a panel of 6 mm in a groove of %s mm', (wide, verdict, words) => {
    const told = toldOf(withSliding({ wide: mm(wide) }), 'fit').filter((one) =>
      one.includes('in a groove of'),
    );
    expect(told).toEqual([expect.stringMatching(new RegExp(`^${verdict}: .*${words}`))]);
  });

  it.each([
    [7, []],
    [7.1, ['tight: Its knobs stand out 7.1 mm, and 7 mm is left between panels that pass']],
  ])('knobs that stand out %s mm where a fin of 6 and 1 mm of play part the panels', (out, words) => {
    const pull = { ...USUAL_SLIDING_PULL, kind: 'knob' as const, projection: mm(out) };
    const told = toldOf(withSliding({ wide: mm(7), fin: mm(6) }, { pull }), 'fingers');
    const knobs = told.filter((one) => one.includes('knobs stand out'));
    expect(knobs).toEqual(words.map((word) => expect.stringContaining(word) as string));
  });

  it('a leaf without a handle: fingers find the edge of one that lies over, not of one that is inset', () => {
    const inset = USUAL_FIT.inset;
    expect(toldOf({ parts: [doorOf({ handle: null })] }, 'fingers')).toEqual([
      'tight: It has no handle: give it a push catch, or an edge that fingers find.',
    ]);
    expect(toldOf({ parts: [doorOf({ handle: null, fit: inset })] }, 'fingers')).toEqual([
      'tight: It has no handle: give it a push catch, or an edge that fingers find, since an inset leaf has none.',
    ]);
  });
});
