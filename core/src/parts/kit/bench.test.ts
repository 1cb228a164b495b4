import { INCHES, MILLIMETRES } from '../../length/units';
import { hardwareNeeded, partsList } from '../../make/partsList';
import { sumOf, sumText } from '../../sizing/sum';
import { partBuilt } from '../../plan/place';
import { reportOf } from '../../report/report';
import { caseOf, doorOf, FRAME, mm, planWith, refusalOf, type Made } from '../../testing/planWith';
import { withDrawer, withPullout } from '../../testing/partsOf';
import { USUAL_BOTTOM, USUAL_BOX } from './box/usual';
import { USUAL_CONTENT } from './contents/usual';
import { bankOf, USUAL_DRAWN_FIT } from './drawn/usual';
import type { LaidDrawn } from './drawn/lay';
import { overlapOut, racking } from '../pullout/advice';
import { USUAL_RUNS } from './runs/usual';

const laidOf = (made: Made): LaidDrawn => {
  const plan = planWith(made);
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidDrawn;
};
const lineOf = (made: Made, name: string) => partsList(planWith(made)).find((one) => one.name === name)!;
const notesOf = (made: Made) =>
  reportOf(planWith(made))
    .notes.map(({ sentence }) => sentence)
    .join('\n');
const under = { runs: USUAL_RUNS['under slides'] };

describe('slides under a box', () => {
  // Common practice, hardware data: the box is 10 shorter than the slide, a notch of 35 by its recess of 12.5 at either end of the back,
  // and a hole of 6 for the hook, 7 in from the side and 11 over the bottom's underside.
  it('take a box by their own rule of length', () => {
    const laid = laidOf(withDrawer(under));
    expect([laid.length, laid.depth]).toEqual([450, 440]);
    const side = lineOf(withDrawer(under), 'Case drawers box, side');
    expect(sumText(side.cut.length, MILLIMETRES)).toMatch(
      /^slides, the longest in a clear depth of [\d.]+ mm 450 - box shorter than they 10 = 440$/,
    );
  });

  it('pass the back through notches and hook into it', () => {
    const piece = partsList(planWith(withDrawer(under)))
      .flatMap(({ pieces }) => pieces)
      .find(({ key }) => key.endsWith('end-back'));
    const of = (kind: string) => piece!.works.filter((work) => work.kind === kind);
    const wide = ([from, to]: readonly [number, number]) => to - from;
    expect(of('notch').map(({ region }) => [wide(region.length), wide(region.width)])).toEqual([
      [35, 12.5],
      [35, 12.5],
    ]);
    expect(of('hole').map(({ region }) => wide(region.length).toFixed(6))).toEqual(['6.000000', '6.000000']);
    // In from the inner face of the side: its middle.
    const [left] = of('hole').sort((a, b) => a.region.length[0] - b.region.length[0]);
    expect((left!.region.length[0] + left!.region.length[1]) / 2).toBeCloseTo(7, 6);
    const foot = (left!.region.width[0] + left!.region.width[1]) / 2;
    expect([12.5 + 11, piece!.size!.width.mm - 12.5 - 11].some((mm) => Math.abs(foot - mm) < 1e-6)).toBe(
      true,
    );
  });

  it('are packed out behind a face frame by what the frame stands in', () => {
    const framed = withDrawer(under, { frame: FRAME });
    // Stiles of 38 before sides of 18: 20 on either side.
    expect(laidOf(framed).drawers[0]!.packing).toEqual({ left: 20, right: 20 });
    expect(lineOf(framed, 'Case drawers packing').cut.thick.mm).toBeCloseTo(20, 9);
  });
});

describe('what it runs on', () => {
  it('stands on cleats from the bottom up, where that is the school', () => {
    const on = (slides: 'over spacers' | 'on floor cleats'): Made => ({
      ...withDrawer({ schools: { slides } }, { frame: FRAME }),
    });
    const packing = lineOf(on('over spacers'), 'Case drawers packing');
    const cleat = lineOf(on('on floor cleats'), 'Case drawers packing');
    // A slide 45 high 20 over the foot of a box that is 15 over its bottom: the frame's rail of 38 is 20 over that of 18.
    expect(packing.cut.width.mm).toBe(45);
    expect(cleat.cut.width.mm).toBeGreaterThan(45 + 20 + 15 - 1e-9);
    expect(cleat.notes.join()).toContain('it stands on the bottom, screwed down');
  });

  it('is a second pair at its top for what is tall: four more halves to a pair, each fixed to side and case', () => {
    const one = (upper: { mm: number } | null) =>
      withDrawer({
        runs: { ...USUAL_RUNS['side slides'], upper },
        contents: { set: 'side by side', items: [], load: 4 },
      });
    const pairs = (made: Made) => hardwareNeeded(planWith(made)).find(({ kind }) => kind === 'slide')!.count;
    expect([pairs(one(null)), pairs(one(mm(0)))]).toEqual([1, 2]);
    const side = lineOf(one(mm(0)), 'Case drawers box, side').pieces[0]!;
    expect(side.works.filter(({ kind }) => kind === 'footprint')).toHaveLength(2);
  });

  it('racks by its play over what still overlaps: a third of what comes out fully, the rest of what does not', () => {
    // Derived; the third common practice. TRADE: play x height / overlap.
    expect(overlapOut(450, 450)).toBe(150);
    expect(overlapOut(400, 300)).toBeCloseTo(400 / 3, 9);
    expect(overlapOut(600, 200)).toBe(400);
    expect(racking(0.5, 1000, 250, 150)).toEqual({ aside: 2, forth: (0.5 * 1000) / 150 });
    const tall = (upper: { mm: number } | null): Made => ({
      ...withPullout('tiers', { runs: { ...USUAL_RUNS['side slides'], upper } }),
      carcasses: [caseOf({ kind: 'tower', width: mm(300), height: mm(1900), depth: mm(560) })],
    });
    const forth = (made: Made) => Number(/drawn out, ([\d.]+) mm to and fro/.exec(notesOf(made))![1]);
    expect(forth(tall(null))).toBeGreaterThan(4);
    expect(forth(tall(mm(0)))).toBe(0.5);
  });
});

describe('the order and the words of the bench', () => {
  it('what it runs on, the box, its bottom, and the front last', () => {
    const names = partsList(planWith(withDrawer({}, { frame: FRAME })))
      .filter(({ item }) => item !== 'case')
      .map(({ name }) => name);
    expect([...new Set(names)]).toEqual([
      'Case drawers packing',
      'Case drawers box, side',
      'Case drawers box, end',
      'Case drawers box, bottom',
      'Case drawers',
    ]);
  });

  it('a pair shows its halving, a box its slides and clear depth', () => {
    const leaf = lineOf({ parts: [doorOf({ leaves: 'pair' })] }, 'Door, left');
    expect(sumText(leaf.cut.width, MILLIMETRES)).toBe(
      '(carcass width 600 - two sides 2 x 18 + left hinge edge overlay 16.5 + right hinge edge overlay 16.5 - gap between the leaves 3) / 2 = 297',
    );
    const side = lineOf(withDrawer({}), 'Case drawers box, side');
    expect(sumText(side.cut.length, MILLIMETRES)).toBe(
      'slides, the longest in a clear depth of 494 mm 450 = 450',
    );
  });

  it('a sum in inches tells a hair by words, and a sheet by its own 32nds', () => {
    const sum = sumOf('width', [
      { words: 'opening', mm: 550 },
      { words: 'sheet', mm: -(15 / 32) * 25.4 },
    ]);
    expect(sumText(sum, INCHES)).toBe('opening 21 5/8 full - sheet 15/32 = 21 3/16 scant');
  });

  it('says why fronts that are alike have boxes that are not', () => {
    const said = notesOf(
      withDrawer({ bank: bankOf('even', 3), contents: { set: 'side by side', items: [], load: 2 } }),
    );
    expect(said).toMatch(
      /Its fronts are alike and its boxes are not: that of the (top|bottom) drawer of the case drawers is [\d.]+ mm lower/,
    );
  });

  it('an inset front on runners is stopped from behind, by what its box leaves', () => {
    const said = notesOf(
      withDrawer({
        fit: USUAL_DRAWN_FIT.inset,
        runs: { ...USUAL_RUNS['wooden runners'], out: mm(200) },
        box: { ...USUAL_BOX, above: mm(20) },
      }),
    );
    // Behind a box on runners 10 are left (common practice).
    expect(said).toContain('Stops behind its box keep its front flush: 10 mm thick');
  });
});

describe('boxes and what is in them', () => {
  it('are as wide as their own opening, where that is the school, and lean apart as the case does', () => {
    // Sides that stand in 12 at the head of 720: a box at the foot is wider than one at the head by what they lean between them.
    const on = (boxes: 'all alike' | 'each its own'): Made => ({
      ...withDrawer(
        {
          schools: { boxes },
          bank: bankOf('even', 3),
          contents: { set: 'side by side', items: [], load: 1 },
        },
        { sides: { left: { middle: mm(6), head: mm(12) }, right: { middle: mm(6), head: mm(12) } } },
      ),
    });
    const wide = (made: Made) => laidOf(made).drawers.map(({ box }) => box.x[1] - box.x[0]);
    const alike = wide(on('all alike'));
    const own = wide(on('each its own'));
    expect(new Set(alike.map((mm) => mm.toFixed(6))).size).toBe(1);
    // The topmost is what all would be; each below it is wider.
    expect(own[2]).toBeCloseTo(alike[2]!, 0);
    expect(own[0]! - own[1]!).toBeGreaterThan(3);
    expect(own[1]! - own[2]!).toBeGreaterThan(3);
    // What is cut is what is laid.
    for (const { cut, pieces } of partsList(planWith(on('each its own'))).filter(({ name }) =>
      name.endsWith('box, bottom'),
    ))
      expect(cut.length.mm).toBeCloseTo(pieces[0]!.size!.length.mm, 6);
  });

  it('without a bottom let hang below them what is hung, down to the foot of their place', () => {
    const coats = (high: number): Made => ({
      ...withPullout('tray', {
        box: { ...USUAL_BOX, height: mm(120), bottom: USUAL_BOTTOM.none, under: mm(1450) },
        contents: {
          set: 'side by side',
          items: [
            {
              ...USUAL_CONTENT,
              name: 'Coats',
              width: mm(250),
              depth: mm(350),
              height: mm(high),
              air: mm(0),
              load: 6,
              stands: 'hung',
            },
          ],
          load: 0,
        },
      }),
      carcasses: [caseOf({ kind: 'tower', width: mm(400), height: mm(1780), depth: mm(560) })],
    });
    expect(refusalOf(coats(1500))).toBe('');
    expect(refusalOf(coats(1700))).toContain('“Coats” wants 1700 mm of height');
    const [coat] = laidOf(coats(1500)).drawers[0]!.contents;
    expect(coat!.bounds.z[0]).toBeLessThan(laidOf(coats(1500)).drawers[0]!.box.z[0]);
  });

  it('screws of a front that stop near its face are told', () => {
    // 12 of box and 18 of front: 29 leave 1 (common practice: 2 mm stay).
    const said = (screw: number) =>
      notesOf(
        withDrawer({ front: { made: 'applied', material: 'ply-18', banding: mm(0), screw: mm(screw) } }),
      );
    expect(said(29)).toContain(
      'The screws of its front stop 1 mm short of its face; 2 mm of wood should stay. Screws at most 28 mm long will do.',
    );
    expect(said(28)).not.toContain('short of its face');
  });
});
