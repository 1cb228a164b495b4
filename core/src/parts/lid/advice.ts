import { levelLeafBend } from '../kit/turning/sag';
import { lengthMark, massMark } from '../../length/lengthMark';
import type { Assumption, PartNote } from '../../item/note';
import type { Verdict } from '../../item/verdict';
import { movementOf } from '../../material/season';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { GRAVITY, weighAll } from '../../piece/mass';
import { middleOf, span } from '../../solid/bounds';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, LEANING_PERSON, PERSON, PERSON_STRIP, SEAT_TO } from '../../strength/usualLoads';
import type { PartPieces } from '../contract/family';
import { hardwareAssumptions, stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { glassNotes, slackNotes } from '../kit/turning/advice';
import { hingePlaces, levelHingeItem } from '../kit/turning/hinge';
import { bracketNotes, fittingsReach } from '../kit/turning/works';
import { woodNote } from '../kit/wood';
import { hasFooting, RADIANS, wideOf, type LaidLid } from './lay';
import { bracketedOf } from './pieces';

const note = (about: PartNote['about'], verdict: Verdict, sentence: string): PartNote => ({
  about,
  verdict,
  sentence,
});

/** What sums and statics tell of a lid beside its balance, which hangs on how far it goes. */
export const lidNotes = (laid: LaidLid, pieces: PartPieces): PartNote[] => [
  ...gripNotes(laid),
  ...stopNotes(laid),
  ...backNotes(laid),
  ...hingeNotes(laid),
  ...driverNotes(laid),
  ...laid.leaves.slice(0, 1).flatMap((leaf) => bracketNotes(bracketedOf(laid, leaf), laid.place.hardware)),
  ...slackNotes(laid.lid.stay, laid.plane, laid.place.hardware),
  ...glassNotes(laid.place.stock.material(laid.lid.material), 'A lid of glass'),
  ...gapNotes(laid),
  ...seatNotes(laid),
  ...spanNotes(laid),
  ...withinNotes(laid),
  ...latchNotes(laid, pieces),
  ...childNotes(laid),
  note(
    'caution',
    'clear',
    'Hands and hair are caught between the leaf’s hinge edge and what is behind it as it opens: keep them away from there.',
  ),
];

/** Fingers want so much to lift an edge by, mm. Common practice. */
const LIFTED_BY = 15;

function gripNotes({ lid, place: { reach } }: LaidLid): PartNote[] {
  const { grip, margins, over } = lid;
  if (grip.kind === 'pull')
    return grip.projection.mm >= reach.fingers
      ? [note('fingers', 'clear', `Fingers have ${lengthMark(grip.projection.mm, 'most')} at the pull.`)]
      : [
          note(
            'fingers',
            'tight',
            `Fingers have ${lengthMark(grip.projection.mm, 'most')} at the pull; ${lengthMark(reach.fingers)} is wanted.`,
          ),
        ];
  if (grip.kind === 'notch')
    return grip.deep.mm >= LIFTED_BY && grip.wide.mm >= 3 * LIFTED_BY
      ? [
          note(
            'fingers',
            'clear',
            `A notch ${lengthMark(grip.wide.mm)} by ${lengthMark(grip.deep.mm)} takes the fingers.`,
          ),
        ]
      : [
          note(
            'fingers',
            'hits',
            `A notch ${lengthMark(grip.wide.mm)} by ${lengthMark(grip.deep.mm)} takes no fingers: at least ${lengthMark(3 * LIFTED_BY)} by ${lengthMark(LIFTED_BY)} will do.`,
          ),
        ];
  const free = margins.front.mm > 0 ? 0 : over.front.mm;
  if (free >= LIFTED_BY)
    return [
      note(
        'fingers',
        'clear',
        `Fingers lift it by its front edge, which lies ${lengthMark(free, 'most')} over.`,
      ),
    ];
  return [
    note(
      'fingers',
      'hits',
      margins.front.mm > 0
        ? 'Nothing takes the fingers: it lies level between its margins. A notch or a pull will do.'
        : `Nothing takes the fingers: its front edge lies ${lengthMark(Math.max(0, free), 'most')} over. At least ${lengthMark(LIFTED_BY)} will do, or a notch, or a pull.`,
    ),
  ];
}

function stopNotes({ lid, stops, to }: LaidLid): PartNote[] {
  const [first] = stops;
  const turn = `${Math.round((to / RADIANS) * 10) / 10}°`;
  const strut = first!.words.includes('struts');
  return [
    note(
      'opening',
      strut ? 'tight' : 'clear',
      strut
        ? `Its struts stop it at ${turn}, drawn out wholly: let a stay stop it before, or give them longer ones, since a strut is no stop.`
        : `It is stopped at ${turn}, ${first!.words}${first!.at < lid.limit * RADIANS - 1e-9 ? `, before the ${lid.limit}° that were wanted` : ''}.`,
    ),
  ];
}

/**
 * How far its axis must be from an upright wall behind it to open so far, mm: the farthest that any corner of it reaches back on its way.
 *
 * @param to  how far it opens, rad
 */
export function reachBehind(laid: LaidLid, to: number): number {
  const { plane, thick, long, from, lid } = laid;
  const cushion = lid.cushion?.rides === 'along' ? lid.cushion : null;
  const outer = plane.face - thick;
  const corners: (readonly [number, number])[] = [
    [from, outer],
    [from, plane.face],
    [long, outer],
    ...(cushion
      ? ([
          [from + cushion.setBack.mm, outer - cushion.thick.mm],
          [long, outer - cushion.thick.mm],
        ] as const)
      : []),
  ];
  // A corner a along and u over the axis goes -a cos q + u sin q back, most at q = pi - atan2(u, a).
  return Math.max(
    ...corners.map(([a, into]) => {
      const up = -into;
      const most = Math.PI - Math.atan2(up, a);
      const at = Math.min(to, most);
      return -a * Math.cos(at) + up * Math.sin(at);
    }),
  );
}

/** A flap of a hinge wants so much wood beside its screws, mm. Common practice. */
const BESIDE_SCREWS = 12;

function backNotes(laid: LaidLid): PartNote[] {
  const { lid, place, top, plane, to } = laid;
  const { carcass } = place;
  const has = carcass.depth.mm + Math.max(0, lid.over.back.mm) - plane.axis[0];
  const wants = reachBehind(laid, to);
  const strip = lid.margins.back.mm;
  const item = levelHingeItem(lid.hinge, place.hardware);
  const held = strip > 0 ? strip : carcass.back ? place.stock.thickness(carcass.back.material) : 0;
  const least = Math.max(
    (item?.wide ?? 0) + BESIDE_SCREWS,
    wants - (top.y[1] - carcass.depth.mm) - lid.gap.mm / 2,
  );
  return [
    note(
      'opening',
      'clear',
      `Against an upright wall right behind it, it opens so far where its axis is ${lengthMark(Math.max(0, wants), 'least')} before that; it is ${lengthMark(has, 'most')}. A back strip of ${lengthMark(Math.max(0, least), 'least')} is the least.`,
    ),
    ...(!hasFooting(laid)
      ? [
          note(
            'hinges',
            'hits',
            'Nothing stands behind it where the other flap of its hinge would be: turn the hinge about, its knuckle beneath, on the outside of the back; or leave a back strip.',
          ),
        ]
      : []),
    ...(held < HOLDS_SCREWS
      ? [
          note(
            'hinges',
            'hits',
            strip > 0
              ? `A back strip of ${lengthMark(strip)} holds no screws: at least ${lengthMark(HOLDS_SCREWS)} will do.`
              : `What is behind it holds no screws${held > 0 ? `: its back is ${lengthMark(held)} thick` : ''}. A back of ${lengthMark(HOLDS_SCREWS)} will do, or a back strip.`,
          ),
        ]
      : []),
  ];
}
/** Less wood than this takes no screw into its edge, mm. Common practice. */
const HOLDS_SCREWS = 12;
/** Thinner than this a leaf is bolted through, mm. Common practice. */
const BOLTED = 12;
/** Lifted by its middle a leaf may bend so much between its hinges, mm. Common practice. */
const MOST_BEND = 1;

function hingeNotes({ lid, place, leaves, thick }: LaidLid): PartNote[] {
  const { hinge } = lid;
  const wide = wideOf(leaves[0]!);
  const places = hingePlaces(hinge, wide);
  const material = place.stock.material(lid.material);
  const apart = hinge.kind === 'butt' ? places[1]! - places[0]! : 0;
  const bend = hinge.kind === 'butt' ? levelLeafBend(material, thick, apart, span(leaves[0]!.at.y)) : 0;
  const more = places.length + 1;
  return [
    ...(hinge.kind === 'continuous'
      ? [note('hinges', 'clear', `One continuous hinge ${lengthMark(wide)} long, cut to length on site.`)]
      : [
          note(
            'hinges',
            bend > MOST_BEND ? 'tight' : 'clear',
            `${places.length} butts, ${lengthMark(apart)} apart: lifted at its middle its hinge edge bends ${lengthMark(bend)} between them${bend > MOST_BEND ? `; ${more} will do` : ''}.`,
          ),
        ]),
    ...(thick < BOLTED
      ? [
          note(
            'hinges',
            'tight',
            `A leaf ${lengthMark(thick)} thick holds no screws in its edge: bolt its hinge through, with washers, or double it.`,
          ),
        ]
      : []),
  ];
}

/** Half of what a screwdriver's shank is across with the room it wants beside it, mm. Common practice. */
const DRIVER = 5;

/**
 * From what turn on a driver comes straight at the screws in the edge of a back strip, rad: it is level, in the middle of the flap, and the
 * corner of the leaf goes down and forward on its way up.
 *
 * @source T cos q, how far that corner is below the pin: by hand
 */
export function driverFrom({ plane }: Pick<LaidLid, 'plane'>, wide: number): number {
  const under = wide / 2 - DRIVER;
  return under >= plane.face ? 0 : Math.acos(Math.max(-1, under / plane.face));
}

/** Whether a driver still gets at the screws once it hangs, and which are driven before it stands where it will. */
function driverNotes(laid: LaidLid): PartNote[] {
  const { lid, place, plane, to } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item || !hasFooting(laid)) return [];
  if (lid.margins.back.mm === 0)
    return [
      note(
        'hinges',
        'clear',
        'Its hinge is on the outside of the back: screw it before the chest stands at its wall, since no driver gets there afterwards; and leave the wall half its knuckle.',
      ),
    ];
  if (lid.hinge.knuckle === 'beneath' || plane.face <= 0) return [];
  const from = driverFrom(laid, item.wide);
  const gets = `A driver gets straight at the screws in the back strip from ${Math.ceil(from / RADIANS)}° on`;
  return [
    from <= to
      ? note('hinges', 'clear', `${gets}.`)
      : note(
          'hinges',
          'tight',
          `${gets}, and it opens ${Math.floor(to / RADIANS)}°: screw the strip to the leaf on the bench, and the strip down last.`,
        ),
  ];
}

/** A child's finger goes into so much and sticks, mm. @source EN 71-1 and furniture standards, from memory */
const FINGER = [7, 12] as const;

function gapNotes(laid: LaidLid): PartNote[] {
  const { lid, place, top, leaves } = laid;
  const { margins, gap } = lid;
  const among = Object.values(margins).some(({ mm }) => mm > 0) || lid.leaves === 'two';
  if (!among) return [];
  const finger = gap.mm >= FINGER[0] && gap.mm <= FINGER[1];
  const deep = span(leaves[0]!.at.y);
  const material = place.stock.material(lid.material);
  // Its axis stays; what is before it swells to the front, where the front margin stands.
  const wood =
    margins.front.mm > 0
      ? woodNote(movementOf(material, deep + margins.front.mm, place.season), place.season, {
          what: 'The leaf with its margin',
          gap: gap.mm,
          where: 'at its front',
        })
      : woodNote(movementOf(material, span(top.y), place.season), place.season, {
          what: 'The leaf',
          gap: Math.max(gap.mm, lid.over.front.mm),
          where: 'at its front',
        });
  return [
    note(
      'fit',
      finger ? 'tight' : 'clear',
      finger
        ? `Its gaps are ${lengthMark(gap.mm)}: a child’s finger goes into ${lengthMark(FINGER[0])} to ${lengthMark(FINGER[1])} and sticks. A kerf of ${lengthMark(3)} will do.`
        : `${lid.sawn === 'apart' ? 'Its gaps are' : 'Each gap is one kerf,'} ${lengthMark(gap.mm)}: it passes corners that are out of square by ${lengthMark(gap.mm, 'most')} over its depth of ${lengthMark(deep)}. By more, it is cut so much narrower.`,
    ),
    ...wood,
  ];
}

/** Seats: so high, so deep, and their backs so far from upright. Common practice, no single source. */
const SEAT = { high: [400, 460], deep: [400, 450], back: [5, 15] } as const;

function seatNotes(laid: LaidLid): PartNote[] {
  const { lid, place, top } = laid;
  const { seat, cushion } = lid;
  if (!seat) return [];
  const high = place.carcass.z.mm + top.z[1] + (cushion?.thick.mm ?? 0);
  const deep = span(top.y) - lid.margins.back.mm - (cushion?.setBack.mm ?? 0);
  const off = (value: number, [least, most]: readonly [number, number]) => value < least || value > most;
  const usual = ([least, most]: readonly [number, number]) =>
    `${lengthMark(least)} to ${lengthMark(most)} is usual`;
  const wedge = Math.round(Math.tan(seat.back * RADIANS) * WEDGE_HIGH);
  return [
    note(
      'fit',
      off(high, SEAT.high) ? 'tight' : 'clear',
      `It is sat on ${lengthMark(high)} above the floor${cushion ? ', on its cushion' : ''}; ${usual(SEAT.high)}.`,
    ),
    note(
      'fit',
      off(deep, SEAT.deep) ? 'tight' : 'clear',
      `The seat is ${lengthMark(deep)} deep; ${usual(SEAT.deep)}.`,
    ),
    ...(seat.back === 0
      ? [
          note(
            'fit',
            'tight',
            'Its back stands upright: 5° to 15° is usual. Copy it from a chair that suits.',
          ),
        ]
      : [
          note(
            'fit',
            off(seat.back, SEAT.back) ? 'tight' : 'clear',
            `Its back leans ${seat.back}°: wedges ${lengthMark(wedge)} thick at the head and nothing at the foot, for each ${lengthMark(WEDGE_HIGH)} of height. Keep their feet behind the axis: the lid meets them there first.`,
          ),
        ]),
  ];
}
const WEDGE_HIGH = 400;

/** Over the shorter way between what it lies on, with a person who sits on it, or leans on one too high for that. */
function spanOf(laid: LaidLid, material: Material, thick = laid.thick): Spanned {
  const { lid, place, leaves, top, inside, front } = laid;
  const { carcass } = place;
  const sat = lid.seat !== null || carcass.z.mm + top.z[1] <= SEAT_TO;
  const kg = sat ? PERSON : LEANING_PERSON;
  const { at } = leaves[0]!;
  const lip = lid.ledge.thick.mm > 0 ? lid.ledge.bears.mm : 0;
  const lies = (edge: keyof typeof lid.margins) => (lid.margins[edge].mm > 0 ? lip : 0);
  const clear = [
    Math.min(span(at.x) - lies('left') - lies('right'), inside.right - inside.left),
    Math.min(span(at.y) - lies('front'), inside.back - (front ? front.y[1] : inside.front)),
  ];
  return {
    material,
    thick,
    span: Math.min(...clear),
    wide: Math.min(PERSON_STRIP, Math.max(span(at.x), span(at.y))),
    load: atMiddle(kg),
    under: `${massMark(kg)} at its middle`,
    who: 'Shut, it',
  };
}

const spanNotes = (laid: LaidLid): PartNote[] => [
  spanNote(spanOf(laid, laid.place.stock.material(laid.lid.material))),
];

/** Whether another material would bear who sits on it. */
export const lidDoes = (laid: LaidLid, material: Material): boolean =>
  judgeSpan(spanOf(laid, material, laid.lid.layers * thicknessOf(material, laid.place.stock.schools)))
    .verdict === 'clear';

/** An arm reaches so far. Common practice, mm. */
const ARM = 600;

function withinNotes({ lid, inside, place: { carcass }, ledges, front }: LaidLid): PartNote[] {
  const high = carcass.height.mm - inside.bottom;
  const fitted = fittingsReach(lid.help, lid.stay);
  const free = high - Math.max(ledges.length > 0 ? lid.ledge.thick.mm : 0, fitted);
  const back = inside.back - (front ? front.y[1] : inside.front);
  const down = Math.hypot(high, back / 2);
  return [
    ...(lid.within.mm > 0
      ? [
          note(
            'fit',
            lid.within.mm > high ? 'hits' : lid.within.mm > free ? 'tight' : 'clear',
            lid.within.mm > high
              ? `What is kept in it is ${lengthMark(lid.within.mm)} high and has ${lengthMark(high, 'most')} under the lid.`
              : `What is kept in it, ${lengthMark(lid.within.mm)} high, has ${lengthMark(high - lid.within.mm, 'most')} over it${lid.within.mm > free ? `, and none under ${fitted > lid.ledge.thick.mm || ledges.length === 0 ? `what is fixed beside it, which reaches ${lengthMark(fitted, 'least')} down` : 'the ledges'}` : ''}.`,
          ),
        ]
      : []),
    ...(down > ARM
      ? [
          note(
            'reach',
            'tight',
            `Its bottom is ${lengthMark(down, 'least')} from who reaches in over the front; ${lengthMark(ARM)} is an arm. A floor raised by ${lengthMark(down - ARM, 'least')} will do, or what is seldom wanted at the bottom.`,
          ),
        ]
      : []),
  ];
}

/** On the road and at sea all is thrown up with so much, of its own weight. @source EN 12195-1 deals with loads on lorries: upward by common practice */
const THROWN = 2;

function latchNotes({ lid, place, leaves, plane, long }: LaidLid, { moving }: PartPieces): PartNote[] {
  const { latch, travels, front } = lid;
  const item = latch && place.hardware.named(latch.hardware);
  const holds = item && 'holds' in item ? item.holds : 0;
  const link = moving.find(({ key }) => key === leaves[0]!.key)!;
  const { kg, centre } = weighAll(link.pieces, place.stock);
  const [x, y] = plane.frame.toSpace([middleOf(leaves[0]!.at.x), plane.axis[0], 0]);
  // About its axis: thrown up with twice its weight, less its weight.
  const thrown = (kg * GRAVITY * (THROWN - 1) * Math.hypot(centre[0] - x, centre[1] - y)) / long;
  const found: PartNote[] = [];
  if (travels && !latch)
    found.push(
      note(
        'caution',
        'hits',
        `The home moves, and nothing keeps it shut: a catch that holds ${Math.ceil(thrown)} N at its front edge will do.`,
      ),
    );
  else if (travels)
    found.push(
      note(
        'caution',
        holds < thrown ? 'hits' : 'clear',
        holds < thrown
          ? `Thrown up with twice its weight it pulls at its catch with ${Math.ceil(thrown)} N, and that holds ${Math.round(holds)} N.`
          : `Its catch holds ${Math.round(holds)} N; thrown up with twice its weight it pulls with ${Math.ceil(thrown)} N.`,
      ),
    );
  if (latch?.reached === 'from within' && front)
    found.push(
      note(
        'reach',
        'hits',
        'Its catch is reached from within only, and shut nobody is within: set it so that a hand outside lets it go.',
      ),
    );
  return found;
}

/** A chest a child can get into: so large, every way. @source EN 71-1 and ASTM F963 on toy chests, from memory; named, not claimed */
const CHILD = { volume: 0.03, side: 150 };
/** Air holes so large in all, mm2, where they cannot be covered. @source the same, from memory */
const AIR = 1300;
const HOLE = Math.ceil(Math.sqrt((2 * AIR) / Math.PI));

function childNotes({ lid, inside, place, front }: LaidLid): PartNote[] {
  const [x, y, z] = [
    inside.right - inside.left,
    inside.back - (front ? front.y[1] : inside.front),
    place.carcass.height.mm - inside.bottom,
  ];
  if (!front || Math.min(x, y, z) < CHILD.side || (x * y * z) / 1e9 < CHILD.volume) return [];
  const item = lid.latch && place.hardware.named(lid.latch.hardware);
  const locks = item?.kind === 'bolt' || item?.kind === 'turn button';
  const found: PartNote[] = [];
  if (locks)
    found.push(
      note(
        'caution',
        'hits',
        'A child can get into it, and its catch does not give way to a push from within: a magnet or a roller catch does.',
      ),
    );
  if (lid.air < AIR)
    found.push(
      note(
        'caution',
        'tight',
        `A child can get into it and be shut in: give it air, two holes ${lengthMark(HOLE, 'least')} across (${AIR} mm²) or a gap that nothing covers, no catch that locks, and a lid that stays where it is left. Toy chests are tested under ASTM F963 and EN 71-1; those, and local codes, come first.`,
      ),
    );
  return found;
}

/** What of a lid nobody measured, weighed or looked up. */
export const lidAssumptions = ({ lid, place: { carcass, stock, hardware } }: LaidLid): Assumption[] => {
  const used = [
    lid.hinge.hardware,
    ...(lid.help.kind === 'none' ? [] : [lid.help.hardware]),
    ...(lid.stay ? [lid.stay.hardware] : []),
  ];
  return [
    ...thicknessAssumptions([carcass.sheet, lid.material], stock),
    ...stiffnessAssumptions([lid.material], stock),
    ...[...new Set(used)].flatMap((id) => {
      const item = hardware.named(id);
      return item ? hardwareAssumptions(item) : [];
    }),
  ];
};
