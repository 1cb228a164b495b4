import { ratio } from '../motion/drive';
import { chain } from '../motion/motion';
import { linkOfExisting } from '../piece/existing';
import type { Role } from '../piece/piece';
import type { Convex } from '../solid/convex';
import type { ExistingKind } from './kind';
import type { OnePieceDoor } from './schema';

/** Arms and level rails stand beside the panel: how far, and how wide and thick they are, mm. Common practice, no single source. */
const BESIDE = { off: 5, wide: 30, thick: 20 };

export const ONE_PIECE_DOOR: ExistingKind<OnePieceDoor> = {
  word: 'one-piece door',
  z: 0,
  usual: {
    kind: 'one-piece door',
    width: { mm: 2100 },
    height: { mm: 2000 },
    thickness: { mm: 40 },
    arm: { mm: 950 },
    roller: { mm: 60 },
    wall: { mm: 120 },
    stop: 88,
  },
  fields: [
    { group: 'Opening', label: 'Opens to its stop', path: ['stop'], input: 'degrees' },
    { group: 'Track', label: 'Arm, and roller to arm', path: ['arm'], input: 'length' },
    { group: 'Track', label: 'Rollers below the top edge', path: ['roller'], input: 'length' },
    { group: 'Leaf', label: 'Thickness', path: ['thickness'], input: 'length' },
    { group: 'Leaf', label: 'Wall or frame, thick', path: ['wall'], input: 'length' },
  ],
  /**
   * With roller and arm's foot both at the pivot when shut, and the arm as long as from roller to arm on the panel, arm
   * and panel make a triangle of two equal sides on a level base: the panel leans back by as much as the arm swings out.
   * So it turns with the arm about the pivot, and back by twice that about the arm's end.
   */
  make: (item, { frame, words }) => {
    const [w, h, t, arm] = [item.width.mm, item.height.mm, item.thickness.mm, item.arm.mm];
    const line = t / 2;
    const pivot = h - item.roller.mm;
    const axis = frame.turn([1, 0, 0]);
    const about = (z: number) => ({ kind: 'turn', point: frame.toSpace([0, line, z]), axis }) as const;
    // The arm hangs down from its pivot and swings into the room: right-handed about the frame's left.
    const swing = { joint: about(pivot), drive: ratio(-1) };
    const panel = frame.box([3, 0, 3], [w - 3, t, h - 3]);
    const sides = [-BESIDE.off - BESIDE.thick, w + BESIDE.off];
    const arms = sides.map((x) =>
      frame.box([x, line - BESIDE.wide / 2, pivot - arm], [x + BESIDE.thick, line + BESIDE.wide / 2, pivot]),
    );
    const rails = sides.map((x) =>
      frame.box(
        [x - (x < 0 ? BESIDE.thick : -BESIDE.thick), line - 2 * arm, pivot - BESIDE.wide / 2],
        [x + (x < 0 ? 0 : 2 * BESIDE.thick), 0, pivot + BESIDE.wide / 2],
      ),
    );
    const to = (item.stop * Math.PI) / 180;
    const link = (id: string, role: Role, said: string, solids: readonly Convex[]) =>
      linkOfExisting(`${item.id}/${id}`, item.id, said, [{ id: '', role, words: said, solids }]);
    return {
      moving: [
        {
          link: link('panel', 'panel', `the ${words}`, [panel]),
          motion: chain([swing, { joint: about(pivot - arm), drive: ratio(2) }]),
        },
        { link: link('arms', 'arm', `an arm of the ${words}`, arms), motion: chain([swing]) },
      ],
      still: [link('rails', 'track', `a rail of the ${words}`, rails)],
      unit: 'rad',
      to,
      contacts: [{ moving: `${item.id}/arms`, still: `${item.id}/rails`, from: 0, to, depth: 0 }],
      joined: true,
    };
  },
  mouth: ({ width, height, wall }) => ({
    least: [-BESIDE.off - 2 * BESIDE.thick, 0, 0],
    greatest: [width.mm + BESIDE.off + 2 * BESIDE.thick, wall.mm, height.mm],
  }),
  thick: ({ wall }) => wall.mm,
  deep: ({ wall }) => wall.mm,
  mirror: (item) => item,
  refuse: ({ arm, height, roller, thickness, wall }) => [
    ...(arm.mm > height.mm - roller.mm
      ? [{ path: ['arm'], message: 'The arm is longer than the panel is below its rollers.' }]
      : []),
    ...(thickness.mm > wall.mm
      ? [{ path: ['thickness'], message: 'The panel is thicker than the wall or frame it stands in.' }]
      : []),
  ],
};
