import { rowOf } from '../../carcass/build';
import { frameOf } from '../../carcass/frame';
import { called } from '../../item/called';
import { wordChoice, yesOrNo, type Field } from '../../item/field';
import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { motionOf } from '../../motion/motion';
import type { IntendedContact, Mover, MovingBody } from '../../scene/scene';
import { sumOf, type SumLine } from '../../sizing/sum';
import type { Point3 } from '../../solid/prism';
import { greatest, least, span, type Bounds } from '../box/box';
import { lengthOf } from '../fields';
import type { BuiltPart, Family, PartNote, PartPlace, SizedPiece } from '../family';
import { thicknessRests } from '../rests';
import { schoolFields } from '../schools';
import { TOP_WAYS, type Top } from './schema';

const mm = (value: number) => ({ mm: value });

/** The board as it lies, its cleats under it, and how far these let it go, in its carcass's frame, mm. */
function lay({ over, cleats, goes, material, travel }: Top, { carcass, built, stock }: PartPlace) {
  const { height, width, depth } = { height: carcass.height.mm, width: carcass.width.mm, depth: carcass.depth.mm };
  const t = stock.thickness(material);
  const board: Bounds = {
    x: [-over.left.mm, width + over.right.mm],
    y: [-over.front.mm, depth + over.back.mm],
    z: [height, height + t],
  };
  const { shell } = built.layout;
  const inside = built.layout.openings.get(carcass.bay.id)!.inside;
  const play = cleats.play.mm;
  const z: Bounds['z'] = [height - cleats.thick.mm, height];
  const along = goes === 'left' || goes === 'right';
  const wide = cleats.wide.mm;
  // They lie along the way it goes, just within the two walls beside it.
  // Ended short by the travel at the end it goes to, they stop it there.
  const go = travel.mm;
  const x: Bounds['x'] = [inside.left + play + (goes === 'left' ? go : 0), inside.right - play - (goes === 'right' ? go : 0)];
  const y: Bounds['y'] = [shell.front + play + (goes === 'front' ? go : 0), shell.back - play - (goes === 'back' ? go : 0)];
  const strips: Bounds[] = along
    ? [{ x, y: [y[0], y[0] + wide], z }, { x, y: [y[1] - wide, y[1]], z }]
    : [{ x: [x[0], x[0] + wide], y, z }, { x: [x[1] - wide, x[1]], y, z }];
  return { board, strips, along, inside, shell };
} // prettier-ignore

/** The way it goes, in its carcass's frame. */
const WAY: Readonly<Record<Top['goes'], Point3>> = {
  front: [0, -1, 0],
  back: [0, 1, 0],
  left: [-1, 0, 0],
  right: [1, 0, 0],
};

/** How long it is along its way, how far it lies over where it goes, and the length of the cubby under it, mm. */
function alongWay(top: Top, place: PartPlace) {
  const { board, along } = lay(top, place);
  const { carcass } = place;
  return {
    long: span(along ? board.x : board.y),
    over: top.over[top.goes].mm,
    under: along ? carcass.width.mm : carcass.depth.mm,
  };
}

function refuse(top: Top, place: PartPlace): Issue[] {
  const one = (path: Issue['path'], message: string): Issue[] => [{ path, message }];
  if (!place.built.layout.openings.has(top.bay)) return one(['bay'], `Its carcass has no bay “${top.bay}”.`);
  if (!place.stock.has(top.material)) return one(['material'], `There is no material “${top.material}”.`);
  if (place.carcass.top !== 'none')
    return one(['bay'], 'A top that slides wants a carcass without one of its own: leave its top out first.');
  const { board, strips } = lay(top, place);
  if (span(board.x) < 50 || span(board.y) < 50)
    return one(['over', 'left'], 'Nothing is left of the top. At least 50 mm each way is wanted.');
  const { along } = lay(top, place);
  const left = Math.min(...strips.map(({ x, y }) => span(along ? x : y)));
  if (left < LEAST_CLEAT)
    return one(
      ['travel'],
      `So far out nothing is left of the cleats that keep it on its way. At most ${lengthMark(Math.max(0, top.travel.mm + left - LEAST_CLEAT), 'most')} will do.`,
    );
  return [];
}

/** A cleat shorter than this guides nothing, mm. CP. */
const LEAST_CLEAT = 60;

function build(top: Top, place: PartPlace): BuiltPart {
  const { board, strips } = lay(top, place);
  const { carcass, built, gaps } = place;
  const frame = frameOf(carcass);
  const row = rowOf(carcass);
  const motion = motionOf({ kind: 'slide', direction: frame.turn(WAY[top.goes]) });
  const name = called(top.name);
  const main: MovingBody = {
    id: `${top.id}/board`,
    name: `the ${name}`,
    item: top.id,
    pieces: [frame.box(least(board), greatest(board))],
    motion,
    row,
  };
  const cleats: MovingBody = {
    ...main,
    id: `${top.id}/cleats`,
    name: `a cleat of the ${name}`,
    pieces: strips.map((one) => frame.box(least(one), greatest(one))),
  };
  const to = top.travel.mm;
  const contacts: IntendedContact[] = built.bodies.map((panel) => ({
    moving: main.id,
    still: panel.id,
    from: 0,
    to,
    depth: 0,
  }));
  const mover: Mover = {
    id: top.id,
    name: top.name,
    bodies: [main, cleats],
    unit: 'mm',
    from: 0,
    to,
    contacts,
    needs: {
      around: gaps.around,
      row: { of: row, gap: Math.min(gaps.running, top.cleats.play.mm * 0.999) },
      of: {},
    },
  };
  return { movers: [mover], still: [] };
}

/**
 * How far a top may be out before it tips over the edge it goes over, mm, with a load at its outer edge.
 *
 * @param mass   of the top, kg
 * @param long   along its way, mm; `over` of it lies past the edge, shut
 * @source DER, by moments about the edge: m g (long/2 - over - travel) = load g (over + travel)
 */
function tipsAt(mass: number, long: number, over: number, load: number): number {
  return (mass * long) / 2 / (mass + load) - over;
}

function notes(top: Top, place: PartPlace): PartNote[] {
  const { board } = lay(top, place);
  const { long, over, under } = alongWay(top, place);
  const mass = (span(board.x) * span(board.y) * span(board.z) * place.stock.material(top.material).density) / 1e9; // prettier-ignore
  const at = tipsAt(mass, long, over, top.edge);
  const travel = top.travel.mm;
  const clear = Math.min(under, Math.max(0, travel - (long - over - under)));
  const found: PartNote[] = [
    {
      about: 'opening',
      verdict: 'clear',
      sentence: `Slid all the way, ${lengthMark(clear, 'most')} of the ${lengthMark(under)} under it stands open.`,
    },
  ];
  if (travel > at && !top.held)
    found.push({
      about: 'runs',
      verdict: 'hits',
      sentence: `It tips once it is out more than ${lengthMark(Math.max(0, at), 'most')}${top.edge > 0 ? ', leant on at its edge' : ''}, and it goes ${lengthMark(travel)}: hold its rear edge down, or stop it at ${lengthMark(Math.max(0, at), 'most')}.`,
    });
  else
    found.push({
      about: 'runs',
      verdict: 'clear',
      sentence: top.held
        ? 'A rail holds its rear edge down all the way.'
        : `It does not tip: it would at ${lengthMark(at, 'most')}.`,
    });
  return found;
}

function sizes(top: Top, place: PartPlace): SizedPiece[] {
  const { board, strips, along } = lay(top, place);
  const { carcass, stock } = place;
  const side = (words: string, value: number): SumLine[] => (value !== 0 ? [{ words, mm: value }] : []);
  const strip = strips[0]!;
  return [
    {
      name: top.name,
      count: 1,
      width: sumOf('width', [
        { words: 'carcass width', mm: carcass.width.mm },
        ...side('over the left', top.over.left.mm),
        ...side('over the right', top.over.right.mm),
      ]),
      height: sumOf('depth', [
        { words: 'carcass depth', mm: carcass.depth.mm },
        ...side('over the front', top.over.front.mm),
        ...side('over the back', top.over.back.mm),
      ]),
      thickness: span(board.z),
      material: top.material,
      of: top.id,
      notes: [],
    },
    {
      name: `${top.name}, cleat`,
      count: 2,
      width: sumOf('width', [{ words: 'as chosen', mm: top.cleats.wide.mm }]),
      height: sumOf('length', [
        { words: along ? 'inside width' : 'inside depth', mm: span(along ? strip.x : strip.y) + 2 * top.cleats.play.mm + top.travel.mm },
        { words: 'ended short to slide', mm: -top.travel.mm },
        { words: 'free at the ends', mm: -2 * top.cleats.play.mm, times: [2, top.cleats.play.mm] },
      ]),
      thickness: top.cleats.thick.mm,
      material: carcass.sheet,
      notes: [`Under the top along its way, ${lengthMark(top.cleats.play.mm)} off the walls; they end ${lengthMark(top.travel.mm)} short at the end it goes to, and stop it there.`],
    },
  ].map((piece) => ({ ...piece, thickness: piece.thickness || stock.thickness(carcass.sheet) }));
} // prettier-ignore

const group = 'Top';
const length = lengthOf<Top>(group);
const FIELDS: readonly Field<Top>[] = [
  { group, label: 'Made of', path: ['material'], input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] } },
  { group, label: 'Slides to the', path: ['goes'], input: wordChoice(['goes'], TOP_WAYS) },
  length('By', ['travel']),
  length('Over the left', ['over', 'left']),
  length('Over the right', ['over', 'right']),
  length('Over the front', ['over', 'front']),
  length('Over the back', ['over', 'back']),
  length('Cleats, wide', ['cleats', 'wide']),
  length('Cleats, thick', ['cleats', 'thick']),
  length('Play of the cleats', ['cleats', 'play']),
  { group, label: 'Rear edge held down', path: ['held'], input: yesOrNo(['held']) },
  { group, label: 'Leant on with, kg', path: ['edge'], input: 'count' },
]; // prettier-ignore

export const TOP: Family<Top> = {
  word: 'sliding top',
  add: 'A sliding top',
  mover: 'top',
  piece: 'Top',
  fields: () => [
    ...FIELDS,
    ...schoolFields<Top>(),
    { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
  ],
  fresh: (id, name, { carcass }, bay) => ({
    id,
    family: 'sliding top',
    name,
    carcass: carcass.id,
    bay,
    material: carcass.sheet,
    over: { left: mm(0), right: mm(0), front: mm(20), back: mm(0) },
    goes: 'left',
    travel: mm(Math.round(carcass.width.mm * 0.45)),
    cleats: { thick: mm(15), wide: mm(30), play: mm(1.5) },
    held: false,
    edge: 0,
  }),
  refuse,
  build,
  mirror: (top) => ({
    ...top,
    over: { ...top.over, left: top.over.right, right: top.over.left },
    goes: top.goes === 'left' ? 'right' : top.goes === 'right' ? 'left' : top.goes,
  }),
  sizes,
  takes: () => [],
  notes,
  rests: ({ material }, { stock, carcass }) => thicknessRests([carcass.sheet, material], stock),
  advise: (top, check) => {
    const stop = Math.floor(check.comfortable > 100 ? check.comfortable : check.usable);
    return check.verdict === 'clear' || stop < 100 || stop >= top.travel.mm
      ? undefined
      : {
          words: `stop it at ${lengthMark(stop, 'most')}`,
          changes: [{ path: ['travel'], before: top.travel, after: mm(stop) }],
        };
  },
};
