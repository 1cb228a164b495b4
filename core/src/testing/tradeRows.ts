import { WHOLE } from '../carcass/kinds';
import type { Carcass } from '../carcass/schema';
import { USUAL_BOTTOM, USUAL_BOX } from '../parts/kit/box/usual';
import { bankOf } from '../parts/kit/drawn/usual';
import { USUAL_RUNS } from '../parts/kit/runs/usual';
import { hingeOf, onFrame, USUAL_FRAMED } from '../parts/door/fresh';
import type { Door } from '../parts/door/schema';
import type { Part } from '../parts/families';
import type { Shelf } from '../parts/shelf/schema';
import type { Top } from '../parts/top/schema';
import { newPart } from '../plan/fresh';
import type { Thing } from '../things/schema';
import { caseOf, doorOf, FRAME, mm, planWith, type Made } from './planWith';
import { withDrawer, withPullout } from './partsOf';
import { TURNING_TRADE_ROWS } from './turningRows';

/**
 * A figure by which wood is spoiled or somebody hurt: a plan in which it is kept, one in which it is not, and what is then told with the
 * amount. The sum or the source stands beside each; what is marked MEM is quoted from memory, CP is common practice without a source,
 * DER is derived here.
 */
export interface TradeRow {
  readonly good: Made;
  readonly bad: Made;
  readonly said: string;
}

const loadOf = (load: number) => ({ set: 'side by side' as const, items: [], load });
const shelf = (other: Partial<Shelf>, on: Partial<Carcass> = {}): Made => {
  const host = caseOf(on);
  return {
    carcasses: [host],
    parts: [{ ...(newPart(planWith({ carcasses: [host] }), 'shelf', host) as Shelf), ...other }],
    change: (plan) => ({
      ...plan,
      materials: [
        ...plan.materials,
        { id: 'mdf-18', name: 'MDF 18 mm', kind: 'sheet', nominal: mm(18), measured: mm(18), density: 750, stiffness: 3, strength: 6 },
        { id: 'tough-6', name: 'Toughened glass 6 mm', kind: 'glass', nominal: mm(6), measured: mm(6), density: 2500, pane: 'toughened' },
        { id: 'lam-8', name: 'Laminated glass 8 mm', kind: 'glass', nominal: mm(8), measured: mm(8), density: 2500, pane: 'laminated' },
      ],
    }),
  }; // prettier-ignore
};
const top = (other: Partial<Top>): Made => ({
  carcasses: [{ ...caseOf({ kind: 'bench', top: 'none' }), width: mm(900), depth: mm(420), height: mm(430) }],
  parts: [{ ...(newPart(planWith({}), 'sliding top', caseOf()) as Top), ...other }],
});
const door = (other: Partial<Door>, on: Partial<Carcass> = {}): Made => ({
  carcasses: [caseOf(on)],
  parts: [doorOf(other)],
});
const one = (on: Partial<Carcass>, parts: readonly Part[] = []): Made => ({
  carcasses: [caseOf(on)],
  parts,
});
const split = (way: 'uprights' | 'shelves'): Carcass['bay'] => ({
  ...WHOLE,
  split: {
    way,
    setback: mm(0),
    bays: ['a', 'b'].map((id) => ({ id, take: 'equal', read: {} })),
  },
});
const behind = (shape: Partial<Extract<NonNullable<Thing['shape']>, { kind: 'framing' }>>, kind: Thing['kind']) =>
  ((plan) => ({
    ...plan,
    things: [
      {
        id: 'behind',
        name: kind,
        kind,
        ...{ x: mm(0), y: mm(6000), z: mm(0), width: mm(8000), depth: mm(90), height: mm(2600) },
        shape: { kind: 'framing', first: mm(400), spacing: mm(400), wide: mm(45), holds: 300, ...shape },
      },
    ],
  })) satisfies NonNullable<Made['change']>; // prettier-ignore
/** Hung on the north wall of the room of 8000 x 6000, 800 wide from 3000. */
const hung = (on: Partial<Carcass>): Carcass =>
  caseOf({ kind: 'wall cupboard', faces: 'south', y: mm(6000 - 320), ...on });
/** 600 wide along the front of the case, up to so far from the south wall. */
const walkway = (to: number): Thing => ({ id: 'way', name: 'Walkway', kind: 'walkway', x: mm(0), y: mm(to - 600), z: mm(0), width: mm(8000), depth: mm(600), height: mm(1900), onlyWay: true }); // prettier-ignore
const STUDS = { hardware: 'stud-screw', count: 2 };

export const TRADE_ROWS: Readonly<Record<string, TradeRow>> = {
  // 5 w L^4 / (384 E I), any text on strength of materials: w 30 kg/m and 18 mm of it own, L 561, E 9 GPa, I 484 x 18^3 / 12: 0.2 mm; 1161 of
  // 18 mm MDF of E 3 GPa (MEM): 5 x 0.358 x 1161^4 / (384 x 3000 x 235224) = 12 mm, span/250 is 4.6.
  'shelf: sag': { good: shelf({}), bad: shelf({ material: 'mdf-18' }, { width: mm(1200) }), said: 'It sags 12 mm with 30 kg a metre and its own weight over a span of 1161 mm, of 3 GPa stiffness; 4.6 mm is the most.' },
  // TRADE: 12 mm plywood 1421 long under 20 kg sags about 13 mm. 20 kg over 1.421 m is 14.07 kg a metre; 5 x 0.1757 x 1421^4 / (384 x 9000 x 42768) = 24 on 297 deep.
  'shelf: load typed': { good: shelf({ load: 2 }, { width: mm(1000) }), bad: shelf({ load: 60 }, { width: mm(1000) }), said: 'with 60 kg a metre and its own weight over a span of 961 mm' },
  // q L^2 / 8 over b t^2 / 6, annealed glass bears about 6 to 8 MPa for years (MEM): 4 mm 1161 x 484 with 10 kg is at 17.
  'glass: annealed': { good: shelf({ material: 'tough-6', load: 5 }, { width: mm(700) }), bad: shelf({ material: 'glass-4', load: 10 / 1.161, setback: mm(10) }, { width: mm(1200) }), said: 'It breaks in time: with 8.6 kg a metre and its own weight it is strained to 17 MPa over a span of 1161 mm, and annealed glass bears 8 MPa.' },
  // Two panes that slide on each other: twice the stress of one as thick, so 4 MPa (DER). 8 mm, 961 x 484, 10 kg/m: w 0.193, 0.193 x 961^2 / 8 / (484 x 64 / 6) = 4.3 MPa.
  'glass: laminated': { good: shelf({ material: 'tough-6', load: 5 }, { width: mm(700) }), bad: shelf({ material: 'lam-8', load: 10 }, { width: mm(1000) }), said: 'laminated glass bears 4 MPa' },
  // Fixed shelves carry books of 30 kg a metre where nobody says (CP): 1164 of 18 mm plywood, w 0.354: 5 x 0.354 x 1164^4 / (384 x 9000 x 494 x 486) = 3.9; 1464: 9.8 and 5.8 is the most.
  'fixed shelf: sag': { good: one({ bay: split('shelves'), width: mm(900) }), bad: one({ bay: split('shelves'), width: mm(1500) }), said: 'Its fixed shelf 1 sags 9.8 mm with 30 kg a metre and its own weight over a span of 1464 mm' },
  // A person of 120 kg at the middle of a strip of 300 (CP, as decks are reckoned): 18 mm does to 462.7 (TRADE, DER); 520 deep: P L^3 / (48 E I) = 2.7 and 2.1 is the most.
  'sliding top: sat on': { good: top({ held: true, material: 'ply-18' }), bad: { carcasses: [{ ...caseOf({ kind: 'bench', top: 'none' }), width: mm(900), depth: mm(500), height: mm(430) }], parts: [{ ...(newPart(planWith({}), 'sliding top', caseOf()) as Top), held: true }] }, said: 'Shut, it sags 2.7 mm with 120 kg at its middle' },
  // 20 kg lean on its edge where nobody says (CP): 5.9 kg of top hold it to a few mm.
  'sliding top: leant on': { good: top({ held: true }), bad: top({ held: false }), said: 'with 20 kg leant on its edge' },
  // A bottom of 6 mm does to about 600 wide, then 9 to 12 or a bar under it (CP).
  'bottom: wide': { good: withDrawer({ box: { ...USUAL_BOX, bottom: { ...USUAL_BOTTOM.groove, muntins: 1 } }, contents: loadOf(4), bank: bankOf('even', 3) }, { width: mm(900) }), bad: withDrawer({ contents: loadOf(4), bank: bankOf('even', 3) }, { width: mm(900) }), said: 'Its bottom is 6 mm thick and 814.6 mm wide between what carries it: one so wide is usually 9 mm, or has a bar under it from front to back.' },
  // 40 kg over the shorter way of 426: 5 w L^4 / (384 E I), w 40 x 9.80665 / 426, I 514.6 x 216 / 12.
  'bottom: load': { good: withDrawer({ contents: loadOf(4) }), bad: withDrawer({ contents: loadOf(40) }), said: 'Its bottom sags 4.8 mm with 40 kg and its own weight over a span of 426 mm' },
  // A drawer is at most about twice as wide as its slides are long (CP).
  'drawer: wide': { good: withDrawer({}), bad: withDrawer({ runs: { ...USUAL_RUNS['side slides'], length: mm(250) } }, { width: mm(700) }), said: 'It is 638.6 mm wide on slides of 250 mm: more than twice as wide it racks and jams' },
  // Screws keep 2 mm of wood before their point (CP): 13 less 1.6 of metal in a side of 12 leave 0.6.
  'slide: screws': { good: withDrawer({}), bad: withDrawer({ runs: { ...USUAL_RUNS['side slides'], screw: mm(13) } }), said: 'Its screws stop 0.6 mm short of coming out inside the box; 2 mm of wood should stay. Screws at most 11.6 mm long will do.' },
  // EN 14183 (MEM): 150 kg; a pair of slides that nobody rated for a person takes none, whatever it carries.
  'step: stood on': { good: withPullout('step', { runs: { ...USUAL_RUNS['side slides'], up: mm(0), hardware: 'slide-step', length: mm(400) }, box: { ...USUAL_BOX, height: mm(100), material: 'ply-18' } }), bad: withPullout('step', { runs: { ...USUAL_RUNS['side slides'], up: mm(0), hardware: 'slide-heavy' }, box: { ...USUAL_BOX, height: mm(100) } }), said: 'A step is stood on with 150 kg, and these slides are not rated for a person at all.' },
  // Play x height / overlap (TRADE, DER): 0.5 x 1620 / (500 / 3) = 4.9 where 1.6 was told by the whole length.
  'tall pull-out: racking': { good: { ...withPullout('tiers', { runs: { ...USUAL_RUNS['side slides'], upper: mm(0) } }), carcasses: [caseOf({ kind: 'tower', width: mm(300), height: mm(1900), depth: mm(560) })] }, bad: { ...withPullout('tiers', { guide: { play: mm(1) } }), carcasses: [caseOf({ kind: 'tower', width: mm(300), height: mm(2100), depth: mm(560) })] }, said: 'to and fro; the guide over it lets it no farther aside. Slides at its top as well as at its foot will hold it.' },
  // ASTM F2057-23 (MEM): from 686 high, filled at 136 kg/m3, a child of 27 kg on an open front. The sums are in stability.test.
  'tipping: pair with mirrors': { good: door({ leaves: 'pair' }, { height: mm(1500), depth: mm(510), stands: { on: 'the floor' } }), bad: door({ leaves: 'pair', leaf: { ...doorOf().leaf, pane: { kind: 'mirror', material: 'mirror-4', border: mm(0), rebate: mm(0) } } }, { height: mm(1500), depth: mm(510), fixing: null }), said: 'Not fixed, it goes over its front, with all that opens open and full and a child of 27 kg on one front. Fix its head to the wall: it pulls with' },
  'tipping: low': { good: withDrawer({}, { height: mm(680), z: mm(0), fixing: null }), bad: withDrawer({}, { height: mm(700), z: mm(0), fixing: null }), said: 'Not fixed, it goes over its front' },
  // What stands on nothing: 100 over the floor; in a wall: 150 past it; in another: drawn over it.
  'stands on nothing': { good: one({}), bad: one({ z: mm(100) }), said: 'It stands on nothing' },
  'hangs on nothing': { good: { carcasses: [hung({})] }, bad: { carcasses: [hung({ y: mm(5000) })] }, said: 'It hangs on nothing: no wall is behind its rail.' },
  'stands in a wall': { good: one({ x: mm(7400) }), bad: one({ x: mm(7460) }), said: 'It stands in the east wall, by 60 mm: move one or the other.' },
  'stands in another': { good: { carcasses: [caseOf(), caseOf({ id: 'other', name: 'Other', x: mm(3600) })] }, bad: { carcasses: [caseOf(), caseOf({ id: 'other', name: 'Other', x: mm(3590) })] }, said: 'It stands in ' },
  // Studs at 400: two lie behind 800 - 2 x 30 from 3000; four fixings want four. A stud screw holds 300 N, 60 = a fifth of what pulls it out (CP).
  'fixing: studs': { good: { carcasses: [hung({ fixing: STUDS })], change: behind({}, 'studs') }, bad: { carcasses: [hung({ fixing: { ...STUDS, count: 4 } })], change: behind({}, 'studs') }, said: 'Only 2 of them find a timber of the studs behind it: a board screwed across more of them spreads the pull.' },
  'fixing: plug in a hollow wall': { good: { carcasses: [hung({ fixing: { hardware: 'hollow-fixing', count: 8 } })], change: behind({ spacing: mm(0), holds: 100 }, 'hollow wall') }, bad: { carcasses: [hung({ fixing: { hardware: 'wall-plug', count: 4 } })], change: behind({ spacing: mm(0), holds: 100 }, 'hollow wall') }, said: 'A plug holds in masonry, and behind it is the hollow wall' },
  'fixing: thin wall': { good: { carcasses: [hung({ fixing: { hardware: 'hollow-fixing', count: 8 } })], change: behind({ spacing: mm(0), holds: 100 }, 'hollow wall') }, bad: { carcasses: [hung({ fixing: { hardware: 'hollow-fixing', count: 4 } })], change: behind({ spacing: mm(0), holds: 10 }, 'thin wall') }, said: '4 of spring toggle M5 behind a lining hold only 40 N and 600 N.' },
  // Joists hang what is overhead: its whole weight, by what each screw holds pulled straight out.
  'fixing: joists': { good: { carcasses: [caseOf({ stands: { on: 'the ceiling' }, z: mm(1880), fixing: { hardware: 'stud-screw-8', count: 4 } })] }, bad: { carcasses: [caseOf({ stands: { on: 'the ceiling' }, z: mm(1880), fixing: { ...STUDS, count: 1 } })] }, said: 'it pulls at the ceiling with 335 N; 1 of screw 5 x 60 mm into a stud or joist hold only 300 N. 2 of them would do.' },
  // Stiles of 64: 717 - 2 x 64 + 2 x 10 - 3 = 606 of panel. A cup of 35, 5 from the edge, wants 40, the groove of 10 and 2 of wood (CP).
  'leaf: stiles and rails': { good: door({ leaf: { ...doorOf().leaf, framed: { ...USUAL_FRAMED, panel: 'ply-6' } } }), bad: door({ leaf: { ...doorOf().leaf, framed: { ...USUAL_FRAMED, stile: mm(45), panel: 'ply-6' } } }), said: 'Its cups reach 40 mm from its edge, and the stile is 45 mm wide, 10 mm of it grooved away: at least 52 mm will do.' },
  'leaf: glass in a border': { good: door({ leaf: { ...doorOf().leaf, pane: { kind: 'glass', material: 'glass-4', border: mm(52), rebate: mm(10) } } }), bad: door({ leaf: { ...doorOf().leaf, pane: { kind: 'glass', material: 'glass-4', border: mm(40), rebate: mm(10) } } }), said: 'Its cups reach 40 mm from its edge, and the border of wood round its glass is 40 mm wide, 10 mm of it grooved away: at least 52 mm will do.' },
  // Half an inch over a frame of 38 all round (CP). The side stands 20 behind the edge of the frame.
  'hinge: face frame': { good: { carcasses: [caseOf({ frame: FRAME })], parts: [onFrame(doorOf())] }, bad: { carcasses: [caseOf({ frame: FRAME })], parts: [{ ...onFrame(doorOf()), hinge: { ...hingeOf('cup', 'left'), cup: mm(3.2) } as Door['hinge'] }] }, said: 'the face frame stands in 20 mm before it: pack the side out by so much behind each plate, or take hinges made for a face frame.' },
  // The usual counts hold to 600 wide (CP); 900 wide turns half as hard again: 7.8 kg of it as 11.7.
  'hinges: wide leaf': { good: door({}, { width: mm(600) }), bad: door({ hinge: { ...hingeOf('cup', 'left'), count: 2 } as Door['hinge'] }, { width: mm(900) }), said: 'and is 897 mm wide: it wants three hinges; it has two.' },
  // dD = D C dM (Wood Handbook ch. 13, MEM): 560 x 0.00212 x 5 points in a heated room is 5.94; the gap at its free edge is 2. TRADE: 600 over 4 points 5.1.
  'wood: inset leaf': { good: door({ fit: { kind: 'inset', hinge: mm(2), free: mm(7), top: mm(2), bottom: mm(2) }, leaf: { ...doorOf().leaf, material: 'pine-20' } }), bad: door({ fit: { kind: 'inset', hinge: mm(2), free: mm(2), top: mm(2), bottom: mm(2) }, leaf: { ...doorOf().leaf, material: 'pine-20' } }), said: 'Solid wood: over a year in a heated room it swells by up to 6 mm and shrinks by up to 6 mm across its grain, and 2 mm at its free edge is all there is: damp, the leaf binds by 4 mm.' },
  // Unheated 9 to 16 percent (MEM), 7 points: 8.31, cut at 12 percent 4.75 of it damp.
  'wood: unheated': { good: { ...door({ fit: { kind: 'inset', hinge: mm(2), free: mm(6), top: mm(2), bottom: mm(2) }, leaf: { ...doorOf().leaf, material: 'pine-20' } }), change: (plan) => ({ ...plan, season: { climate: 'unheated', made: 13 } }) }, bad: { ...door({ fit: { kind: 'inset', hinge: mm(2), free: mm(4), top: mm(2), bottom: mm(2) }, leaf: { ...doorOf().leaf, material: 'pine-20' } }), change: (plan) => ({ ...plan, season: { climate: 'unheated', made: 12 } }) }, said: 'over a year in an unheated room it swells by up to 4.8 mm and shrinks by up to 3.6 mm across its grain, and 4 mm at its free edge is all there is' },
  // Both leaves of a pair swell into one gap: 2 x 297 x 0.00212 x 5 = 6.3 over 3.
  'wood: pair': { good: door({ leaves: 'pair' }), bad: door({ leaves: 'pair', leaf: { ...doorOf().leaf, material: 'pine-20' } }), said: ', each, and 3 mm between them is all there is' },
  // A front's grain runs across: 150 of pine swells 1.6 upward in a gap of 1 + 1.
  'wood: drawer front': { good: withDrawer({ contents: loadOf(4) }), bad: withDrawer({ contents: loadOf(4), bank: bankOf('even', 4), fit: { kind: 'even', gap: mm(1) }, front: { made: 'applied', material: 'pine-20', banding: mm(0), screw: mm(25) } }), said: 'and 1 mm between fronts is all there is: damp, the front binds' },
  // A panel of pine in a frame: 489 x 0.00212 x 5 = 5.2 of 3 mm play.
  'wood: panel in a frame': { good: door({ leaf: { ...doorOf().leaf, framed: { ...USUAL_FRAMED, panel: 'ply-6' } } }), bad: { ...door({ leaf: { ...doorOf().leaf, framed: { ...USUAL_FRAMED, panel: 'pine-12' } } }), change: (plan) => ({ ...plan, materials: [...plan.materials, { id: 'pine-12', name: 'Pine board 12 mm', kind: 'solid wood', nominal: mm(12), measured: mm(12), density: 450, swells: 0.00212 }] }) }, said: '3 mm of play is left in its grooves: damp, it bursts the leaf.' },
  // Cleats along the grain of a top are pushed apart: 440 x 0.00212 x 5 = 4.7 over 2 x 1.5.
  'wood: sliding top': { good: top({ held: true }), bad: top({ held: true, material: 'pine-20' }), said: 'and 3 mm beside its cleats is all there is: damp, the top binds' },
  // Drawers of a table hang under its top: 70 of box and 20 above it from 630 down, so 525 clear beneath.
  'table: its drawer': { good: { carcasses: [caseOf({ kind: 'table frame', height: mm(830) })], parts: [newPart(planWith({ carcasses: [caseOf({ kind: 'table frame', height: mm(830) })] }), 'drawer', caseOf({ kind: 'table frame', height: mm(830) }))] }, bad: { carcasses: [caseOf({ kind: 'table frame' })], parts: [newPart(planWith({ carcasses: [caseOf({ kind: 'table frame' })] }), 'drawer', caseOf({ kind: 'table frame' }))] }, said: 'Knees have 526.5 mm under it; 610 mm is wanted to sit at it: 83.5 mm more.' },
  // A tube of 25 x 1.2: I 6386 mm4 of steel, E 200 GPa (MEM): 5 w L^4 / (384 E I), w 20 kg/m and 0.7 of its own, 1528 long: 11.3 mm, and 6.1 is the most.
  'rod: sag': { good: { carcasses: [caseOf({ height: mm(1300) })], parts: [newPart(planWith({ carcasses: [caseOf({ height: mm(1300) })] }), 'rod', caseOf({ height: mm(1300) }))] }, bad: { carcasses: [caseOf({ height: mm(1300), width: mm(1600) })], parts: [newPart(planWith({ carcasses: [caseOf({ height: mm(1300) })] }), 'rod', caseOf({ height: mm(1300) }))] }, said: 'Under 20 kg a metre it sags 11.3 mm over 1528 mm; 6.1 mm is the most.' },
  // Hangers with clothes are about 550 wide (CP), 494 is free.
  'rod: depth': { good: { carcasses: [caseOf({ height: mm(1300), depth: mm(620) })], parts: [newPart(planWith({ carcasses: [caseOf({ height: mm(1300) })] }), 'rod', caseOf({ height: mm(1300) }))] }, bad: { carcasses: [caseOf({ height: mm(1300) })], parts: [newPart(planWith({ carcasses: [caseOf({ height: mm(1300) })] }), 'rod', caseOf({ height: mm(1300) }))] }, said: 'Hangers with clothes are about 550 mm wide, and 494 mm is free about the rod' },
  // Children get the squeeze of a leaf judged harder; a finger sticks in 7 to 12 mm (European furniture safety standards, MEM).
  'gap: a child’s finger': { good: door({ fit: { kind: 'inset', hinge: mm(2), free: mm(4), top: mm(4), bottom: mm(4) } }), bad: door({ fit: { kind: 'inset', hinge: mm(2), free: mm(9), top: mm(4), bottom: mm(4) } }), said: 'leaves a gap of 8.5 mm at' },
  // A walkway that is the only way out and shut off by an open leaf.
  'walkway: the only way out': { good: { ...door({ limit: 90 }), change: (plan) => ({ ...plan, things: [walkway(2200)] }) }, bad: { ...door({ limit: 90 }), change: (plan) => ({ ...plan, things: [walkway(2450)] }) }, said: 'is shut off by the door when that stands open, and there is no other way out' },
  ...TURNING_TRADE_ROWS,
}; // prettier-ignore
