import { called } from '../../item/called';
import type { Amount, Choice, Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import { cutOf } from './outline';
import { STANDS_BACK } from './fresh';
import type { LaidHidden } from './lay';
import type { Hidden } from './schema';

const DEGREES = 180 / Math.PI;
/** It makes no use of a door to open less far, degrees. */
const LEAST_USEFUL = 60;
/** A case less deep carries no book, mm; and a leaf less wide lets nobody by. */
const LEAST_DEEP = 90;
/** Gaps wider than this show. */
const WIDEST = { hinge: 60, free: 80, foot: 40, head: 40 } as const;

const EDGE_WORDS = {
  hinge: 'at its hinge edge',
  free: 'at its free edge',
  foot: 'at its foot',
  head: 'at its head',
} as const;

/** What of a hidden door may be changed: its gaps, its corner, its axis, how far and to which side it opens, how deep it is. */
export function hiddenLevers(laid: LaidHidden, _pieces: PartPieces, trouble: Trouble): Lever[] {
  const { hidden } = laid;
  const { about } = trouble;
  if (about === 'hinges' || about === 'strength') return loadLevers(laid);
  if (about === 'balance') return lipLevers(laid);
  if (about === 'caution' || about === 'fit')
    return [...latchLevers(hidden), ...(about === 'fit' ? gapLevers(laid, ['hinge', 'free']) : [])];
  if (about === 'opening')
    return [...gapLevers(laid, ['foot']), ...reliefLevers(laid), ...axisLevers(laid), ...deepLevers(hidden)];
  if (about === 'sight') return closerLevers(hidden);
  if (about !== undefined) return [];
  return [
    ...gapLevers(laid, ['hinge', 'free', 'foot', 'head']),
    ...reliefLevers(laid),
    ...axisLevers(laid),
    ...wayLevers(laid, trouble),
    ...deepLevers(hidden),
    ...placeLevers(hidden),
  ];
}

/** Its leaf is hung by its hinge edge: all of it goes along. Where its head slopes, its shelves end where that comes down to them. */
const farther = ({ hidden: { shape }, leaves }: LaidHidden): number =>
  shape.kind === 'tapered' ? 2 + leaves[0]!.wide / shape.by.mm : 1;

function gapLevers(laid: LaidHidden, which: readonly (keyof typeof WIDEST)[]): Amount[] {
  const { hidden } = laid;
  return which.flatMap((edge) =>
    lengthLever(hidden, ['gaps', edge], {
      key: `gap.${edge}`,
      what: `the gap ${EDGE_WORDS[edge]}`,
      to: Math.max(WIDEST[edge], hidden.gaps[edge].mm),
      moves: farther(laid),
      cost: cost(`a wider gap ${EDGE_WORDS[edge]}`, 3, edge === 'foot' ? 0.4 : 1),
      words: (mm) => `leave ${lengthMark(mm, 'least')} ${EDGE_WORDS[edge]}`,
    }),
  );
} // prettier-ignore

/** Its joints as narrow as a careful builder sets them: what shows through or beside them goes. */
const closerLevers = (hidden: Hidden): Choice[] =>
  (['hinge', 'free', 'head', 'foot'] as const)
    .filter((edge) => hidden.gaps[edge].mm > NARROW)
    .flatMap((edge) =>
      choiceLever(hidden, ['gaps', edge], { mm: NARROW }, {
        key: `closer.${edge}`,
        what: `the gap ${EDGE_WORDS[edge]}`,
        cost: cost('a closer fit', 6),
        words: `leave ${lengthMark(NARROW)} ${EDGE_WORDS[edge]}`,
      }),
    ); // prettier-ignore
/** A joint that is hardly seen, and still runs free, mm. Common practice. */
const NARROW = 3;

/** So much off its corner, along and deep alike. */
function reliefLevers({ hidden, deep, leaves }: LaidHidden): Lever[] {
  const { relief, body } = hidden;
  if (body.kind !== 'case' && hidden.shape.kind === 'tapered') return [];
  const most = Math.min(300, deep * 0.75, leaves[0]!.wide / 3);
  const now = cutOf(relief, deep);
  const from = relief.kind === 'cut' || relief.kind === 'none' ? Math.min(now?.along ?? 0, now?.deep ?? 0) : undefined;
  if (from === undefined || !(from < most)) return [];
  const both = relief.kind === 'cut' && relief.both;
  return [
    {
      kind: 'amount',
      key: 'relief',
      what: 'what is cut off its corner',
      unit: 'mm',
      from,
      to: most,
      // A corner goes back along two sides at once.
      moves: 2,
      cost: cost('a corner cut off its shelves', 8, 0.3),
      words: (mm) => `cut its hinge corner back by ${lengthMark(mm, 'least')} both ways`,
      set: (mm) => [
        {
          path: ['relief'],
          before: relief,
          after: mm > 0 ? { kind: 'cut', along: { mm }, deep: { mm }, both } : { kind: 'none' },
        },
      ],
    },
  ];
} // prettier-ignore

/** Its axis farther in, or farther out before its face. */
function axisLevers({ hidden, deep, leaves, to }: LaidHidden): Lever[] {
  const { hung } = hidden;
  if (hung.kind !== 'pivots') return [];
  const turns = 2 * to;
  return [
    ...lengthLever(hidden, ['hung', 'in'], {
      key: 'axis.in',
      what: 'how far in its axis is',
      to: Math.max(hung.in.mm, Math.min(leaves[0]!.wide / 3, 300)),
      moves: turns,
      cost: cost('a narrower passage', 5, 0.6),
      words: (mm) => `set its axis ${lengthMark(mm)} from its hinge edge`,
    }),
    ...[0, deep].flatMap((end) =>
      lengthLever(hidden, ['hung', 'back'], {
        key: `axis.back.${end === 0 ? 'front' : 'back'}`,
        what: 'how far back its axis is',
        to: end,
        moves: turns,
        cost: cost('its axis is elsewhere', 5, 0.2),
        words: (mm) => `set its axis ${lengthMark(mm)} back from its face`,
      }),
    ),
  ];
}

function wayLevers({ hidden, to, unit }: LaidHidden, { comfortable, usable }: Trouble): Lever[] {
  const { hung, side, swings, limit } = hidden;
  const name = `the ${called(hidden.name)}`;
  if (hung.kind === 'door') return [];
  const free = comfortable ?? usable;
  const other = side === 'left' ? 'right' : 'left';
  const turns = unit === 'rad';
  return [
    ...(hidden.leaves === 'one'
      ? choiceLever(hidden, ['side'], other, {
          key: 'side',
          what: turns ? 'its hand' : 'the way it slides',
          cost: cost(turns ? 'it is hung on its other side' : 'it slides the other way', 20),
          words: turns ? `hang ${name} on its ${other}` : `let it slide to the ${other}`,
        })
      : []),
    ...(turns
      ? choiceLever(hidden, ['swings'], swings === 'away' ? 'into the room' : 'away', {
          key: 'swings',
          what: 'the way it swings',
          cost: cost('it swings the other way', 25),
          words: `let it swing ${swings === 'away' ? 'into the room' : 'away from it'}`,
        })
      : []),
    ...(turns && limit > LEAST_USEFUL
      ? [
          {
            kind: 'amount' as const,
            key: 'limit',
            what: 'its stop',
            unit: 'degrees' as const,
            from: limit,
            to: LEAST_USEFUL,
            moves: (hidden.opening.width.mm * to) / limit,
            lasting: true as const,
            ...(free !== undefined && { guess: free * DEGREES }),
            cost: cost('it opens less far', 10, 0.8),
            words: (degrees: number) => `stop it at ${Math.round(degrees * 10) / 10}°`,
            set: (degrees: number) => [{ path: ['limit'], before: limit, after: degrees }],
          },
        ]
      : []),
  ];
}

function deepLevers(hidden: Hidden): Amount[] {
  const { body } = hidden;
  if (body.kind !== 'case') return [];
  return lengthLever(hidden, ['body', 'deep'], {
    key: 'deep',
    what: 'how deep it is',
    to: Math.min(LEAST_DEEP, body.deep.mm),
    // Its axis, told from its face, may go along.
    moves: 2,
    cost: cost('a shallower case', 10, 0.5),
    words: (mm) => `make it ${lengthMark(mm, 'most')} deep`,
  }).map((lever) => ({
    ...lever,
    // What stands on it is chosen for what room it leaves.
    set: (mm) => [
      ...lever.set(mm),
      ...(body.books.deep.mm > mm - STANDS_BACK
        ? [{ path: ['body', 'books', 'deep'], before: body.books.deep, after: { mm: Math.max(0, mm - STANDS_BACK) } }]
        : []),
    ],
  }));
} // prettier-ignore

function placeLevers(hidden: Hidden): Lever[] {
  if (hidden.opening.is === 'there' && hidden.hung.kind !== 'door') return [];
  return [-1, 1].flatMap((sense) =>
    lengthLever(hidden, ['mount', 'from'], {
      key: `from.${sense}`,
      what: 'where it is',
      to: hidden.mount.from.mm + sense * 200,
      cost: cost('it stands elsewhere', 8, 0.2),
      words: (mm) => `set it ${lengthMark(mm)} along ${hidden.mount.on === 'wall' ? 'the wall' : 'the leaf'}`,
    }),
  );
}

/** Stouter hinges, one more of them, a back or a brace, fewer books. */
function loadLevers({ hidden }: LaidHidden): Lever[] {
  const { hung, body } = hidden;
  return [
    ...(hung.kind === 'pivots' || hung.kind === 'butts'
      ? choiceLever(hidden, ['hung', 'hardware'], hung.kind === 'pivots' ? 'pivot-250' : 'butt-100', {
          key: 'hinges',
          what: 'what it turns on',
          cost: cost('stouter hinges', 12),
          words: `hang it on ${hung.kind === 'pivots' ? 'heavy floor pivots for 250 kg' : 'butts of 100 mm'}`,
        })
      : []),
    ...(hung.kind === 'door'
      ? choiceLever(hidden, ['hung', 'hinges'], Math.min(8, hung.hinges + 2), {
          key: 'hinges',
          what: 'how many hinges the door has',
          cost: cost('two hinges more', 14),
          words: 'hang the door on two hinges more',
        })
      : []),
    ...(hung.kind === 'butts'
      ? choiceLever(hidden, ['hung', 'count'], Math.min(8, hung.count + 1), {
          key: 'count',
          what: 'how many hinges it has',
          cost: cost('one hinge more', 8),
          words: 'hang it on one hinge more',
        })
      : []),
    ...(body.kind === 'case' && body.back === null
      ? [
          ...choiceLever(hidden, ['body', 'back'], body.material, {
            key: 'back',
            what: 'its back',
            cost: cost('a back', 15),
            words: 'give it a glued back',
          }),
          ...choiceLever(hidden, ['body', 'braced'], true, {
            key: 'brace',
            what: 'a brace',
            cost: cost('a wire across it', 6),
            words: 'brace it with a wire',
          }),
        ]
      : []),
    ...(body.kind === 'case' && body.books.kg > LIGHT
      ? choiceLever(hidden, ['body', 'books', 'kg'], LIGHT, {
          key: 'books',
          what: 'what stands on it',
          cost: cost('nothing heavy on it', 10),
          words: `keep no more than ${LIGHT} kg a metre on it`,
        })
      : []),
  ];
}
/** Empty boxes and what is for show, kg a metre. Common practice. */
const LIGHT = 10;

function lipLevers({ hidden }: LaidHidden): Lever[] {
  const { body } = hidden;
  if (body.kind !== 'case') return [];
  return choiceLever(hidden, ['body', 'lip'], { mm: 30 }, {
    key: 'lip',
    what: 'a lip along its shelves',
    cost: cost('a strip along each shelf', 6),
    words: 'give its shelves a lip of 30 mm',
  });
} // prettier-ignore

const latchLevers = (hidden: Hidden): Lever[] => [
  ...choiceLever(hidden, ['latch', 'within'], true, {
    key: 'within',
    what: 'how it opens from within',
    cost: cost('a lever or a push plate on its back', 4),
    words: 'let its latch be opened from within',
  }),
  ...choiceLever(hidden, ['behind', 'aired'], true, {
    key: 'aired',
    what: 'air behind it',
    cost: cost('a grille, or a gap at head and foot', 4),
    words: 'let air in behind it',
  }),
];
