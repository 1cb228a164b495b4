import type { Stock } from '../material/stock';
import type { Axis, Way } from '../piece/lie';
import type { Role } from '../piece/piece';
import type { Range } from '../solid/bounds';
import type { SumLine } from '../sizing/sum';
import type { Layout } from './layout';
import { less, FRONT, ACROSS, FACES_RIGHT, FACES_LEFT, ALONG, one, twice, type Panel } from './panel';
import type { Carcass } from './schema';
import { STANDS } from './shell';

/** Stiles over the whole height, rails between them, and a member before each upright and fixed shelf. */
export function faceFrame({ frame, stands }: Carcass, { shell, dividers }: Layout, stock: Stock): Panel[] {
  if (!frame) return [];
  const { width: w, height: h, foot, sheet } = shell;
  const y: Range = [0, stock.thickness(frame.material)];
  const tall = [one('carcass height', h), ...less(STANDS[stands.on], foot)];
  const between = [
    one('carcass width', w),
    ...less('left stile', frame.left.mm),
    ...less('right stile', frame.right.mm),
  ];
  const upright = (
    id: string,
    role: Role,
    words: string,
    x: Range,
    z: Range,
    length: SumLine[],
    wide: number,
  ): Panel => ({
    id,
    role,
    words,
    x,
    y,
    z,
    way: FRONT,
    material: frame.material,
    length,
    width: [one('as chosen', wide)],
  });
  const across = (
    id: string,
    role: Role,
    words: string,
    x: Range,
    z: Range,
    length: SumLine[],
    wide: number,
  ): Panel => ({ ...upright(id, role, words, x, z, length, wide), way: ACROSS });
  const [x0, x1] = [frame.left.mm, w - frame.right.mm];
  const [z0, z1] = [foot + frame.bottom.mm, h - frame.top.mm];
  const half = (frame.between.mm - sheet) / 2;
  return [
    upright('stile-left', 'stile', 'left stile', [0, x0], [foot, h], tall, frame.left.mm),
    upright('stile-right', 'stile', 'right stile', [x1, w], [foot, h], tall, frame.right.mm),
    across('rail-bottom', 'rail', 'bottom rail', [x0, x1], [foot, z0], between, frame.bottom.mm),
    across('rail-top', 'rail', 'top rail', [x0, x1], [z1, h], between, frame.top.mm),
    ...dividers.map(({ id, way, left: l, right: r, bottom, top }, i) => {
      const words = `frame member ${i + 1}`;
      const along: Range =
        way === 'uprights'
          ? [Math.max(z0, bottom), Math.min(z1, top)]
          : [Math.max(x0, l[0]![1]), Math.min(x1, r[0]![1])];
      const length = [one('between the members', along[1] - along[0])];
      return way === 'uprights'
        ? upright(
            `member-${id}`,
            'member',
            words,
            [l[0]![1] - half, r[0]![1] + half],
            along,
            length,
            frame.between.mm,
          )
        : across(
            `member-${id}`,
            'member',
            words,
            along,
            [bottom - half, top + half],
            length,
            frame.between.mm,
          );
    }),
  ];
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
export function besides(
  { ends, fillers, depth, stands, sheet: sides }: Carcass,
  { shell }: Layout,
  stock: Stock,
): Panel[] {
  const { width: w, height: h, foot, sheet } = shell;
  const found: Panel[] = [];
  for (const side of ['left', 'right'] as const) {
    const end = ends[side];
    const filler = fillers[side];
    const t = end ? stock.thickness(end.material) : 0;
    const out = (from: number, to: number): Range => (side === 'left' ? [-to, -from] : [w + from, w + to]);
    if (end) {
      const low = end.reaches === 'the floor' ? 0 : foot;
      found.push({
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
      });
    }
    if (filler) {
      const [wide, scribe] = [filler.width.mm, filler.scribe.mm];
      const edge: Axis = side === 'left' ? '-x' : 'x';
      found.push({
        id: `filler-${side}`,
        role: 'filler',
        words: `${side} filler`,
        x: out(t, t + wide),
        y: [0, sheet],
        z: [foot, h],
        way: FRONT,
        material: sides,
        length: [one('carcass height', h), ...less(STANDS[stands.on], foot)],
        width: [one('gap to fill', wide)],
        ...(scribe > 0 && {
          cutBy: { width: [one('to be cut to the wall', scribe)] },
          works: [
            {
              key: 'scribe',
              kind: 'scribe',
              side: edge === 'x' ? 'right' : 'left',
              at: { x: out(t + wide, t + wide + scribe), y: [0, sheet], z: [foot, h] },
            },
          ],
        }),
      });
    }
  }
  return found;
}
