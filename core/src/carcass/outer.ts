import type { Stock } from '../material/stock';
import type { Way } from '../piece/lie';
import type { Role } from '../piece/piece';
import type { Range } from '../solid/bounds';
import type { SumLine } from '../sizing/sum';
import type { Layout } from './layout';
import { less, FRONT, ACROSS, FACES_RIGHT, FACES_LEFT, ALONG, one, twice, type Panel } from './panel';
import type { Carcass } from './schema';
import { STANDS } from './shell';

/** Stiles over the whole height, rails between them, and a member before each upright and fixed shelf. */
export function faceFrame(carcass: Carcass, layout: Layout, stock: Stock): Panel[] {
  const { frame, stands } = carcass;
  if (!frame) return [];
  const { width: w, height: h, foot } = layout.shell;
  const y: Range = [0, stock.thickness(frame.material)];
  const tall = [one('carcass height', h), ...less(STANDS[stands.on], foot)];
  const between = [
    one('carcass width', w),
    ...less('left stile', frame.left.mm),
    ...less('right stile', frame.right.mm),
  ];
  const member = (id: string, role: Role, words: string, given: MemberGiven): Panel => ({
    ...{ id, role, words, y },
    x: given.x,
    z: given.z,
    way: given.way,
    material: frame.material,
    length: given.length,
    width: [one('as chosen', given.wide.mm)],
  });
  const [x0, x1] = [frame.left.mm, w - frame.right.mm];
  const [z0, z1] = [foot + frame.bottom.mm, h - frame.top.mm];
  const stile = { z: [foot, h], way: FRONT, length: tall } as const;
  const rail = { x: [x0, x1], way: ACROSS, length: between } as const;
  return [
    member('stile-left', 'stile', 'left stile', { ...stile, x: [0, x0], wide: frame.left }),
    member('stile-right', 'stile', 'right stile', { ...stile, x: [x1, w], wide: frame.right }),
    member('rail-bottom', 'rail', 'bottom rail', { ...rail, z: [foot, z0], wide: frame.bottom }),
    member('rail-top', 'rail', 'top rail', { ...rail, z: [z1, h], wide: frame.top }),
    ...layout.dividers.map((divider, i) =>
      member(
        `member-${divider.id}`,
        'member',
        `frame member ${i + 1}`,
        beforeDivider(divider, { x: [x0, x1], z: [z0, z1] }, frame.between, layout.shell.sheet),
      ),
    ),
  ];
}

interface MemberGiven {
  readonly x: Range;
  readonly z: Range;
  readonly way: Way;
  readonly length: readonly SumLine[];
  readonly wide: { readonly mm: number };
}

/** A member in the middle before an upright or a fixed shelf `sheet` thick, from one member to the next within the frame. */
function beforeDivider(
  { way, left, right, bottom, top }: Layout['dividers'][number],
  { x: [x0, x1], z: [z0, z1] }: { readonly x: Range; readonly z: Range },
  wide: { readonly mm: number },
  sheet: number,
): MemberGiven {
  const half = (wide.mm - sheet) / 2;
  const [l, r] = [left[0]![1], right[0]![1]];
  const along: Range =
    way === 'uprights' ? [Math.max(z0, bottom), Math.min(z1, top)] : [Math.max(x0, l), Math.min(x1, r)];
  const length = [one('between the members', along[1] - along[0])];
  return way === 'uprights'
    ? { x: [l - half, r + half], z: along, way: FRONT, length, wide }
    : { x: along, z: [bottom - half, top + half], way: ACROSS, length, wide };
}

/** What it stands on or hangs from. */
export function standing({ stands, kind, sheet, depth }: Carcass, { shell }: Layout, stock: Stock): Panel[] {
  const { width: w, foot, side, top } = shell;
  const t = stock.thickness(sheet);
  const d = depth.mm;
  if (kind === 'table frame' || stands.on === 'the floor' || stands.on === 'the ceiling') return [];
  if (stands.on === 'the wall')
    return [
      {
        id: 'hanging-rail',
        role: 'hanging rail',
        words: 'hanging rail',
        x: [side, w - side],
        y: [shell.back - t, shell.back],
        z: [top - stands.rail.mm, top],
        way: ACROSS,
        material: sheet,
        length: [one('carcass width', w), twice('sides', side)],
        width: [one('as chosen', stands.rail.mm)],
      },
    ];
  if (stands.on === 'a plinth') {
    const at = stands.setback.mm;
    const plinth = (id: string, words: string, x: Range, y: Range, way: Way, length: SumLine[]): Panel => ({
      id,
      role: 'plinth',
      words,
      x,
      y,
      z: [0, foot],
      way,
      material: sheet,
      length,
      width: [one('plinth height', foot)],
    });
    const across = [one('carcass width', w)];
    const deep = [one('carcass depth', d), ...less('set back', at), twice('plinth boards', t)];
    return [
      plinth('plinth-front', 'plinth front', [0, w], [at, at + t], ACROSS, across),
      plinth('plinth-back', 'plinth back', [0, w], [d - t, d], ACROSS, across),
      plinth('plinth-left', 'left plinth side', [0, t], [at + t, d - t], ALONG, deep),
      plinth('plinth-right', 'right plinth side', [w - t, w], [at + t, d - t], ALONG, deep),
    ];
  }
  const leg = Math.min(stands.thick.mm, w / 3, d / 3);
  return [0, w - leg].flatMap((x, i) =>
    [0, d - leg].map((y, j): Panel => ({
      id: `leg-${i}${j}`,
      role: 'leg',
      words: `${i === 0 ? 'left' : 'right'} ${j === 0 ? 'front' : 'back'} leg`,
      x: [x, x + leg],
      y: [y, y + leg],
      z: [0, foot],
      way: FRONT,
      material: sheet,
      length: [one('legs', foot)],
      width: [one('leg', leg)],
      thick: [one('leg', leg)],
    })),
  );
}

/** End panels against its sides, and fillers beside its front. */
export function besides(carcass: Carcass, layout: Layout, stock: Stock): Panel[] {
  const { ends } = carcass;
  const { width: w } = layout.shell;
  return (['left', 'right'] as const).flatMap((side) => {
    const end = ends[side];
    const t = end ? stock.thickness(end.material) : 0;
    const out: Outward = (from, to) => (side === 'left' ? [-to, -from] : [w + from, w + to]);
    return [...endPanel(carcass, layout, side, t, out), ...filler(carcass, layout, side, t, out)];
  });
}

/** From so far out beside the carcass to so far, in its own x. */
type Outward = (from: number, to: number) => Range;

function endPanel(
  { ends, depth, stands }: Carcass,
  { shell: { height: h, foot } }: Layout,
  side: 'left' | 'right',
  t: number,
  out: Outward,
): Panel[] {
  const end = ends[side];
  if (!end) return [];
  const low = end.reaches === 'the floor' ? 0 : foot;
  return [
    {
      id: `end-${side}`,
      role: 'end panel',
      words: `${side} end panel`,
      x: out(0, t),
      y: [-end.proud.mm, depth.mm],
      z: [low, h],
      // Its face is what one sees.
      way: side === 'left' ? FACES_LEFT : FACES_RIGHT,
      material: end.material,
      length: [one('carcass height', h), ...less(STANDS[stands.on], low)],
      width: [
        one('carcass depth', depth.mm),
        ...(end.proud.mm > 0 ? [one('past the front', end.proud.mm)] : []),
      ],
    },
  ];
}

/** Between the carcass, or its end panel `t` thick, and the wall. */
function filler(
  { fillers, stands, sheet: material }: Carcass,
  { shell: { height: h, foot, sheet } }: Layout,
  side: 'left' | 'right',
  t: number,
  out: Outward,
): Panel[] {
  const given = fillers[side];
  if (!given) return [];
  const [wide, scribe] = [given.width.mm, given.scribe.mm];
  return [
    {
      id: `filler-${side}`,
      role: 'filler',
      words: `${side} filler`,
      x: out(t, t + wide),
      y: [0, sheet],
      z: [foot, h],
      way: FRONT,
      material,
      length: [one('carcass height', h), ...less(STANDS[stands.on], foot)],
      width: [one('gap to fill', wide)],
      ...(scribe > 0 && {
        cutBy: { width: [one('to be cut to the wall', scribe)] },
        works: [
          {
            key: 'scribe',
            kind: 'scribe',
            side,
            at: { x: out(t + wide, t + wide + scribe), y: [0, sheet], z: [foot, h] },
          },
        ],
      }),
    },
  ];
}
