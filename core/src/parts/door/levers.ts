import type { Amount, Lever, Trouble } from '../../item/lever';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { materialLevers } from '../../material/levers';
import { hingeOf, USUAL_FRAMED, USUAL_HANDLE } from './fresh';
import type { LaidDoor } from './lay';
import { plateLevers } from './plates';
import type { Door } from './schema';

/** A stop nearer shut than this makes no use of the door, degrees. */
const LEAST_USEFUL_DEG = 20;
/** Gaps and overlaps are changed by no more than this to mend something: beyond, the leaf is another one, mm. */
const MOST_TRIMMED = 60;
/** A handle one can still pull at, and a rack that still holds something, mm. Common practice, no single source. */
const LEAST_HANDLE = 15;
const LEAST_RACK = 20;

const DEGREE = Math.PI / 180;

/** What of a door may be changed: its stop, its hand, how it closes its opening, what stands out of it, what it hangs on. */
export function doorLevers(laid: LaidDoor, _pieces: PartPieces, trouble: Trouble): Lever[] {
  const { door } = laid;
  if (trouble.about === 'fingers') return handleLevers(door, 'out');
  if (trouble.about === 'wood') return [...edgeLevers(door), ...steadyLevers(laid)];
  if (trouble.about === 'holes') return [...plateLevers(laid), ...widerLevers(door)];
  if (trouble.about !== undefined) return [];
  return [
    ...stopLever(laid, trouble),
    ...(door.leaves === 'one' ? handOver(door) : []),
    ...edgeLevers(door),
    ...handleLevers(door, 'in'),
    ...rackLevers(door),
    ...hingeLevers(door),
  ];
}

/** What moves less across its width: stiles and rails about a panel of sheet, or sheet altogether. */
function steadyLevers({ door, place }: LaidDoor): Lever[] {
  const { materials } = place.stock;
  const panel = materials.find(({ kind, nominal }) => kind === 'sheet' && nominal.mm <= THIN_PANEL);
  return [
    ...(panel && !door.leaf.framed
      ? choiceLever(
          door,
          ['leaf', 'framed'],
          { ...USUAL_FRAMED, panel: panel.id },
          {
            key: 'framed',
            what: 'how it is built',
            cost: cost('more joints to make', 14),
            words: 'build it of stiles and rails about a panel',
          },
        )
      : []),
    ...materialLevers(
      door,
      ['leaf', 'material'],
      materials,
      'its leaf',
      (one) =>
        one.kind === 'sheet' &&
        Math.abs(one.nominal.mm - place.stock.material(door.leaf.material).nominal.mm) <= 4,
    ),
  ];
}
/** A panel in a frame is at most about so thick, mm. Common practice. */
const THIN_PANEL = 9;

/** More wood for the cups: a wider stile, or a wider border round the glass. */
function widerLevers(door: Door): Lever[] {
  const words = (what: string) => (mm: number) => `make ${what} ${lengthMark(mm, 'least')} wide`;
  const more = (path: readonly ['leaf', 'framed' | 'pane', 'stile' | 'border'], what: string, from: number) =>
    lengthLever(door, path, {
      key: path[2],
      what,
      to: from + MOST_TRIMMED,
      cost: cost('less of what it frames', 3, 0.3),
      words: words(what),
    });
  const { framed, pane } = door.leaf;
  return [
    ...(framed ? more(['leaf', 'framed', 'stile'], 'its stiles', framed.stile.mm) : []),
    ...(pane?.kind === 'glass'
      ? more(['leaf', 'pane', 'border'], 'the border round its glass', pane.border.mm)
      : []),
  ];
}

function stopLever({ door, leaves }: LaidDoor, { comfortable, usable }: Trouble): Amount[] {
  if (door.limit <= LEAST_USEFUL_DEG) return [];
  const free = comfortable && comfortable / DEGREE >= LEAST_USEFUL_DEG ? comfortable : usable;
  // No point of a leaf is farther from its hinge than its corner, with what stands out of it.
  const out = (door.handle?.projection.mm ?? 0) + (door.rack?.depth.mm ?? 0) + 100;
  const radius = Math.max(...leaves.map(({ x }) => Math.hypot(x[1] - x[0], out)));
  return [
    {
      kind: 'amount',
      key: 'stop',
      what: 'its stop',
      unit: 'degrees',
      from: door.limit,
      to: LEAST_USEFUL_DEG,
      moves: radius * DEGREE,
      lasting: true,
      ...(free !== undefined && { guess: free / DEGREE }),
      cost: cost('it opens less far', 4, 0.6),
      words: (limit) => `stop it at ${Math.round(limit * 10) / 10}°`,
      set: (limit) => [{ path: ['limit'], before: door.limit, after: limit }],
    },
  ];
}

function handOver(door: Door): Lever[] {
  const side = door.hinge.side === 'left' ? 'right' : 'left';
  return choiceLever(door, ['hinge', 'side'], side, {
    key: 'hand',
    what: 'its other hand',
    cost: cost('it opens the other way round', 14),
    words: `hinge it on the ${side}`,
  });
}

const EDGES = { hinge: 'hinge edge', free: 'free edge', top: 'top', bottom: 'foot' } as const;

/** Trimmed at an edge: more gap of an inset leaf, less overlay of one that lies over its front. */
function edgeLevers(door: Door): Lever[] {
  const { fit } = door;
  if (door.old) return [];
  if (fit.kind === 'even')
    return lengthLever(door, ['fit', 'gap'], {
      key: 'gap',
      what: 'its gaps',
      to: fit.gap.mm + MOST_TRIMMED / 2,
      cost: cost('wider gaps all round', 6, 3),
      words: (mm) => `leave gaps of ${lengthMark(mm, 'least')} about it`,
    });
  return (['free', 'top', 'bottom', 'hinge'] as const).flatMap((edge) =>
    fit.kind === 'inset'
      ? lengthLever(door, ['fit', edge], {
          key: `gap.${edge}`,
          what: `its gap at the ${EDGES[edge]}`,
          to: fit[edge].mm + MOST_TRIMMED,
          cost: cost(`a wider gap at its ${EDGES[edge]}`, 3, 1.2),
          words: (mm) => `leave ${lengthMark(mm, 'least')} at its ${EDGES[edge]}`,
        })
      : lengthLever(door, ['fit', edge], {
          key: `overlay.${edge}`,
          what: `its overlay at the ${EDGES[edge]}`,
          to: Math.max(1, fit[edge].mm - MOST_TRIMMED),
          cost: cost(`less of it lies over the ${EDGES[edge]}`, 3, 1),
          words: (mm) => `let it lie ${lengthMark(mm, 'most')} over at its ${EDGES[edge]}`,
        }),
  );
}

/** @param way  nearer the leaf, or farther out for fingers */
function handleLevers(door: Door, way: 'in' | 'out'): Lever[] {
  if (!door.handle) return [];
  const out = way === 'out';
  return [
    ...lengthLever(door, ['handle', 'projection'], {
      key: 'handle',
      what: 'its handle',
      to: out ? 120 : Math.min(LEAST_HANDLE, door.handle.projection.mm),
      cost: cost(out ? 'it stands out farther' : 'a flatter handle', 2, 0.4),
      words: (mm) => `take a handle that stands out ${lengthMark(mm, out ? 'least' : 'most')}`,
    }),
    ...(out
      ? []
      : [
          ...choiceLever(door, ['handle'], null, {
            key: 'no handle',
            what: 'no handle',
            cost: cost('it is pulled at its edge, or opens by a push', 30),
            words: 'leave its handle off',
          }),
          ...(door.handle.kind === 'bar'
            ? choiceLever(door, ['handle'], USUAL_HANDLE.knob, {
                key: 'knob',
                what: 'a knob',
                cost: cost('a knob in place of its bar', 12),
                words: 'take a knob in place of its bar',
              })
            : []),
        ]),
  ];
}

function rackLevers(door: Door): Lever[] {
  const { rack } = door;
  if (!rack) return [];
  return [
    ...lengthLever(door, ['rack', 'depth'], {
      key: 'rack.depth',
      what: 'what is on its back',
      to: Math.min(LEAST_RACK, rack.depth.mm),
      cost: cost('it holds less', 3, 0.5),
      words: (mm) => `make what is on its back ${lengthMark(mm, 'most')} deep`,
    }),
    ...(['fromHinge', 'fromFree'] as const).flatMap((edge) =>
      lengthLever(door, ['rack', edge], {
        key: `rack.${edge}`,
        what: 'where it is on its back',
        to: rack[edge].mm + 120,
        cost: cost('it holds less', 4, 0.6),
        words: (mm) =>
          `keep what is on its back ${lengthMark(mm, 'least')} from its ${edge === 'fromHinge' ? 'hinge' : 'free'} edge`,
      }),
    ),
    ...choiceLever(door, ['rack'], null, {
      key: 'no rack',
      what: 'nothing on its back',
      cost: cost('it holds nothing on its back', 60),
      words: 'put nothing on its back',
    }),
  ];
}

const HINGE_WORDS = {
  butt: 'butt hinges',
  continuous: 'a continuous hinge',
  pivot: 'pivots',
  cup: 'cup hinges',
} as const;

function hingeLevers(door: Door): Lever[] {
  return (Object.keys(HINGE_WORDS) as (keyof typeof HINGE_WORDS)[])
    .filter((kind) => kind !== door.hinge.kind)
    .flatMap((kind) =>
      choiceLever(door, ['hinge'], hingeOf(kind, door.hinge.side), {
        key: `hinge.${kind}`,
        what: HINGE_WORDS[kind],
        cost: cost('other hinges, and what is bored for them', 40),
        words: `hang it on ${HINGE_WORDS[kind]}`,
      }),
    );
}
