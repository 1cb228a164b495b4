import { rowOf } from '../../carcass/build';
import { frameOf, type Frame } from '../../carcass/frame';
import { called } from '../../item/called';
import { ordinal } from '../../item/ordinal';
import { motionOf } from '../../motion/motion';
import type { Body, IntendedContact, Mover, MovingBody } from '../../scene/scene';
import type { Convex } from '../../solid/convex';
import { greatest, least, type Bounds } from '../box/box';
import { contentPiece, openers, placed, type Placed } from '../contents/contents';
import type { BuiltPart, PartPlace } from '../family';
import { runBodies } from '../runs/build';
import { countOf } from './bank';
import { drawerInnards, type Innards } from './innards';
import { layBank, type DrawerAt, type LaidBank } from './laid';
import type { Drawer } from './schema';

/** Each drawer of a bank with its front, box, slides and contents; and what of its slides stays in the case. */
export function buildDrawer(
  drawer: Drawer,
  place: PartPlace,
  innards: Innards = drawerInnards(drawer, place),
): BuiltPart {
  const laid = layBank(drawer, place);
  const made = laid.drawers.map((at) => buildOne(drawer, laid, at, place, innards));
  return { movers: made.flatMap(({ movers }) => movers), still: made.flatMap(({ still }) => still) };
}

/** The id of a drawer's mover: the bank's own where it is alone, or with its place from the top. */
export const moverId = ({ id }: Pick<Drawer, 'id'>, { of }: Pick<DrawerAt, 'of'>): string =>
  of === '' ? id : `${id}.${of}`;

/** As a list says it, and as a sentence does. */
export const titleOf = ({ name }: Pick<Drawer, 'name'>, { of }: Pick<DrawerAt, 'of'>): string =>
  of === '' ? name : `${name}, ${of}`;
export const saidOf = ({ name, bank }: Pick<Drawer, 'name' | 'bank'>, { of }: Pick<DrawerAt, 'of'>): string => {
  const plain = called(name);
  if (of === '') return plain;
  const nth = Number(of);
  const words = nth === 1 ? 'top' : nth === countOf(bank) ? 'bottom' : ordinal(nth);
  return `${words} drawer of the ${plain}`;
}; // prettier-ignore

/** What stands in a drawer, shut. */
export const contentsOf = (drawer: Drawer, { box }: DrawerAt, innards: Innards): Placed[] =>
  placed(drawer.contents, innards.tiers(box));

function buildOne(
  drawer: Drawer,
  laid: LaidBank,
  at: DrawerAt,
  place: PartPlace,
  innards: Innards,
): { movers: Mover[]; still: Body[] } {
  const { carcass, built, gaps } = place;
  const frame = frameOf(carcass);
  const row = rowOf(carcass);
  const id = moverId(drawer, at);
  const name = saidOf(drawer, at);
  const out = frame.turn([0, -1, 0]);
  const motion = motionOf({ kind: 'slide', direction: out });
  const body = (part: string, words: string, pieces: readonly Convex[]): MovingBody[] =>
    pieces.length === 0 ? [] : [{ id: `${id}/${part}`, name: words, item: drawer.id, pieces, motion, row }];
  const solid = (bounds: Bounds) => frame.box(least(bounds), greatest(bounds));
  const front = body('front', `the ${name}`, at.front ? [solid(at.front)] : []);
  const box = body(
    'box',
    at.front ? `the box of the ${name}` : `the ${name}`,
    innards.boards(at.box).map(({ bounds }) => solid(bounds)),
  );
  const contents = contentsOf(drawer, at, innards);
  const runs = runBodies(drawer.runs, laid, at, frame);
  const bodies = [
    ...front,
    ...box,
    ...body('handle', `the handle of the ${name}`, handleOf(drawer, at, frame)),
    ...body('slides', `a slide of the ${name}`, runs.moving),
    ...contents.flatMap((one, i) =>
      body(`content-${i + 1}`, `${called(one.content.name)} in the ${name}`, [contentPiece(one, frame)]),
    ),
  ];
  const still = runs.still.map(
    ({ part, words, pieces }): Body => ({
      id: `${id}/${part}`,
      name: `${words} of the ${name}`,
      item: drawer.id,
      row,
      pieces,
    }),
  );
  const { travel } = laid;
  const contacts: IntendedContact[] = [
    // An applied front rests on the carcass when it is shut; it may press into nothing.
    ...(at.front && drawer.fit.kind !== 'inset'
      ? front.flatMap((one) =>
          built.bodies.map((panel) => ({ moving: one.id, still: panel.id, from: 0, to: travel, depth: 0 })),
        )
      : []),
    // What runs on wood touches it all the way.
    ...(drawer.runs.kind === 'wooden runners'
      ? box.flatMap((one) =>
          still.map((strip) => ({ moving: one.id, still: strip.id, from: 0, to: travel, depth: 0 })),
        )
      : []),
  ];
  const play =
    drawer.runs.kind === 'wooden runners' ? Math.min(gaps.running, drawer.runs.play.mm * HAIR) : gaps.running;
  const mover: Mover = {
    id,
    name: titleOf(drawer, at),
    ...((drawer.twoSided || contents.some(({ content }) => content.opens.kind !== 'no')) && { thing: id }),
    bodies,
    unit: 'mm',
    from: 0,
    to: travel,
    contacts,
    needs: {
      around: gaps.around,
      row: { of: row, gap: play },
      of: Object.fromEntries(still.map((one) => [one.id, 0])),
    },
  };
  const back: Mover[] = drawer.twoSided
    ? [
        {
          ...mover,
          id: `${id}.back`,
          name: `${mover.name}, to the back`,
          goes: 'instead',
          bodies: bodies.map((one) => ({
            ...one,
            id: one.id.replace(id, `${id}.back`),
            motion: motionOf({ kind: 'slide', direction: frame.turn([0, 1, 0]) }),
          })),
          contacts: contacts.map((one) => ({ ...one, moving: one.moving.replace(id, `${id}.back`) })),
        },
      ]
    : [];
  return {
    movers: [mover, ...back, ...openers(contents, { id, item: drawer.id, row }, frame, { direction: out, travel })],
    still,
  };
} // prettier-ignore

/** What is chosen as play is what is wanted: less than all of it by this much is not kept. */
const HAIR = 0.999;

/** A handle in the middle of its front, or of its box where it has none. */
function handleOf({ handle }: Drawer, { front, box }: DrawerAt, frame: Frame): Convex[] {
  if (!handle) return [];
  const on = front ?? box;
  const [x, z] = [(on.x[0] + on.x[1]) / 2, (on.z[0] + on.z[1]) / 2];
  const [w, h] = [handle.width.mm / 2, handle.height.mm / 2];
  return [frame.box([x - w, on.y[0] - handle.projection.mm, z - h], [x + w, on.y[0], z + h])];
}
