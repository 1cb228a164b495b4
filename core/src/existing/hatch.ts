import { wordChoice } from '../card/field';
import { chain, motionOf } from '../motion/motion';
import { strutReach, strutTurn, type Strut } from '../motion/strut';
import { linkOfExisting } from '../piece/existing';
import type { Role } from '../piece/piece';
import type { Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import type { Point3 } from '../solid/prism';
import type { ExistingKind, ExistingMade, ExistingPlace } from './kind';
import type { Hatch } from './schema';

const GAP = 3;
/** A strut's tube and rod are drawn square, so thick, and stand so far in from the leaf's ends, mm. Common practice, no single source. */
const STRUT = { tube: 22, rod: 10, in: 30 };
/** Share of the shut strut that each of its two parts is long: they slide in one another. */
const PART = 0.62;

const mm = (value: number) => ({ mm: value });
const USUAL_STRUTS = { onLeaf: mm(180), onFrame: mm(330), back: mm(40) };

export const HATCH: ExistingKind<Hatch> = {
  word: 'hatch',
  z: 600,
  usual: {
    kind: 'hatch',
    width: mm(900),
    height: mm(600),
    lies: 'upright',
    thickness: mm(25),
    wall: mm(40),
    stop: 85,
    struts: USUAL_STRUTS,
  },
  fields: [
    { group: 'Opening', label: 'Opens to its stop', path: ['stop'], input: 'degrees' },
    { group: 'Leaf', label: 'It lies', path: ['lies'], input: wordChoice(['lies'], ['upright', 'flat']) },
    { group: 'Leaf', label: 'Thickness', path: ['thickness'], input: 'length' },
    { group: 'Leaf', label: 'Wall or deck, thick', path: ['wall'], input: 'length' },
    {
      group: 'Struts',
      label: 'Struts',
      path: ['struts'],
      input: {
        words: ['none', 'two'],
        word: ({ struts }) => (struts ? 'two' : 'none'),
        value: (word) => (word === 'two' ? USUAL_STRUTS : null),
      },
    },
    {
      group: 'Struts',
      label: 'Hinge to strut, on the leaf',
      path: ['struts', 'onLeaf'],
      input: 'length',
      when: (hatch) => hatch.struts !== null,
    },
    {
      group: 'Struts',
      label: 'Hinge to strut, on the frame',
      path: ['struts', 'onFrame'],
      input: 'length',
      when: (hatch) => hatch.struts !== null,
    },
    {
      group: 'Struts',
      label: 'Strut back from the leaf',
      path: ['struts', 'back'],
      input: 'length',
      when: (hatch) => hatch.struts !== null,
    },
  ],
  make: (item, place) => {
    const { frame, words } = place;
    const plane = planeOf(item);
    const [w, long, t] = [item.width.mm, item.height.mm, item.thickness.mm];
    const axis = frame.turn([plane.sense, 0, 0]);
    const motion = motionOf({ kind: 'turn', point: frame.toSpace([0, ...plane.at(0, 0)]), axis });
    const outline = [
      [GAP, 0],
      [long - GAP, 0],
      [long - GAP, t],
      [GAP, t],
    ].map(([a, b]) => plane.at(a!, b!));
    const leaf = block(place, [GAP, w - GAP], outline);
    return {
      moving: [
        { link: linkOf(item, 'leaf', 'leaf', `the ${words}`, [leaf]), motion },
        ...strutLinks(item, place, axis),
      ],
      still: [],
      unit: 'rad',
      to: (item.stop * Math.PI) / 180,
      joined: true,
    };
  },
  mouth: (item) => {
    const { width, height, wall } = item;
    // Upright it is cut through the wall behind its face; flat, through the floor or deck it lies in.
    return item.lies === 'upright'
      ? { least: [0, 0, 0], greatest: [width.mm, wall.mm, height.mm] }
      : { least: [0, 0, -wall.mm], greatest: [width.mm, height.mm, 0] };
  },
  thick: ({ lies, wall }) => (lies === 'upright' ? wall.mm : undefined),
  deep: ({ lies, wall, height }) => (lies === 'upright' ? wall.mm : height.mm),
  mirror: (item) => item,
  refuse: ({ struts, height }) =>
    struts && struts.onLeaf.mm > height.mm
      ? [{ path: ['struts', 'onLeaf'], message: 'The strut holds the leaf beyond its end.' }]
      : [],
};

/**
 * Where a place is in the frame's (y, z): so far from the hinge along the shut leaf, so far back from its front face.
 * Upright, the hinge is along the top and the leaf opens outward and up; flat, along the back and it opens up.
 */
function planeOf({ lies, height }: Hatch): {
  at(along: number, back: number): [number, number];
  sense: 1 | -1;
} {
  const h = height.mm;
  return lies === 'upright'
    ? { at: (along, back) => [back, h - along], sense: -1 }
    : { at: (along, back) => [h - along, -back], sense: -1 };
}

/** A prism across the frame's x over a convex outline in (y, z). */
const block = (
  { frame }: ExistingPlace,
  [x0, x1]: readonly [number, number],
  outline: readonly (readonly [number, number])[],
): Convex => hull([x0, x1].flatMap((x) => outline.map(([y, z]): Point3 => frame.toSpace([x, y, z]))));

const linkOf = ({ id: item }: Hatch, id: string, role: Role, words: string, solids: readonly Convex[]) =>
  linkOfExisting(`${item}/${id}`, item, words, [{ id: '', role, words, solids }]);

function strutLinks(item: Hatch, place: ExistingPlace, axis: Point3): ExistingMade['moving'] {
  const { struts } = item;
  if (!struts) return [];
  const plane = planeOf(item);
  const t = item.thickness.mm;
  const [onLeaf, onFrame] = [plane.at(struts.onLeaf.mm, t), plane.at(struts.onFrame.mm, t + struts.back.mm)];
  // Angles in the leaf's own plane, along and back: the leaf opens away from the back.
  const polar = (along: number, back: number) => ({
    r: Math.hypot(along, back),
    a: Math.atan2(-back, along),
  });
  const [p, f] = [polar(struts.onLeaf.mm, t), polar(struts.onFrame.mm, t + struts.back.mm)];
  const strut: Strut = { leaf: p.r, fixed: f.r, between: p.a - f.a };
  const [dy, dz] = [onLeaf[0] - onFrame[0], onLeaf[1] - onFrame[1]];
  const shut = Math.hypot(dy, dz);
  const unit: readonly [number, number] = [dy / shut, dz / shut];
  const side: readonly [number, number] = [-unit[1], unit[0]];
  const bar = (from: number, to: number, thick: number) =>
    [
      [from, -thick / 2],
      [to, -thick / 2],
      [to, thick / 2],
      [from, thick / 2],
    ].map(([s, c]): readonly [number, number] => [
      onFrame[0] + s! * unit[0] + c! * side[0],
      onFrame[1] + s! * unit[1] + c! * side[1],
    ]);
  const turn = {
    joint: { kind: 'turn', point: place.frame.toSpace([0, ...onFrame]), axis } as const,
    drive: strutTurn(strut),
  };
  const slide = {
    joint: { kind: 'slide', direction: place.frame.turn([0, unit[0], unit[1]]) } as const,
    drive: strutReach(strut),
  };
  const ends = [STRUT.in, item.width.mm - STRUT.in];
  const both = (from: number, to: number, thick: number) =>
    ends.map((x) => block(place, [x - thick / 2, x + thick / 2], bar(from, to, thick)));
  const { words } = place;
  return [
    {
      link: linkOf(item, 'tubes', 'strut', `a strut of the ${words}`, both(0, PART * shut, STRUT.tube)),
      motion: chain([turn]),
    },
    {
      link: linkOf(
        item,
        'rods',
        'strut',
        `the rod of a strut of the ${words}`,
        both((1 - PART) * shut, shut, STRUT.rod),
      ),
      motion: chain([turn, slide]),
    },
  ];
}
