import { wordChoice } from '../card/field';
import type { Frame } from '../item/frame';
import { levelLeaf, strutsOf, type LevelLeaf, type Moving } from '../mechanism/leafOnStruts';
import { linkOfExisting } from '../piece/existing';
import type { Role } from '../piece/piece';
import type { ExistingKind } from './kind';
import type { Hatch } from './schema';

const GAP = 3;
/** Its struts are drawn square, so thick, and stand so far in from its ends, mm; each of their two parts is so long of the whole, shut. Common practice. */
const STRUT = { tube: 22, rod: 10, in: 30, part: 0.62 };
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
  make: (item, { frame, words }) => {
    const leaf = leafOf(item, frame);
    const link = (id: string, role: Role, told: string, { solids, motion }: Moving) => ({
      link: linkOfExisting(`${item.id}/${id}`, item.id, told, [{ id: '', role, words: told, solids }]),
      motion,
    });
    const { struts, width } = item;
    const held =
      struts &&
      strutsOf(leaf, {
        onLeaf: [struts.onLeaf.mm, leaf.thick],
        fixed: [struts.onFrame.mm, leaf.thick + struts.back.mm],
        x: [STRUT.in, width.mm - STRUT.in],
        tube: STRUT.tube,
        rod: STRUT.rod,
        part: STRUT.part,
      });
    return {
      moving: [
        link('leaf', 'leaf', `the ${words}`, levelLeaf(leaf)),
        ...(held
          ? [
              link('tubes', 'strut', `a strut of the ${words}`, held.tubes),
              link('rods', 'strut', `the rod of a strut of the ${words}`, held.rods),
            ]
          : []),
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

/** Upright, the hinge is along the top and the leaf opens outward and up; flat, along the back and it opens up. */
function leafOf({ lies, width, height, thickness }: Hatch, frame: Frame): LevelLeaf {
  const h = height.mm;
  const shared = {
    frame,
    x: [GAP, width.mm - GAP],
    along: [GAP, h - GAP],
    thick: thickness.mm,
  } as const;
  return lies === 'upright'
    ? { ...shared, at: (along, back) => [back, h - along], sense: -1 }
    : { ...shared, at: (along, back) => [h - along, -back], sense: -1 };
}
