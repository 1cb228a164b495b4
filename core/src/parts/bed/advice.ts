import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import { motionPose, moved } from '../../motion/motion';
import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { combinedWeight, GRAVITY, weighAll } from '../../piece/mass';
import { middleOf, span } from '../../solid/bounds';
import { strengthOf } from '../../material/strength';
import { bowOf } from '../../strength/bow';
import { spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, LEANING_PERSON, PERSON, PERSON_STRIP } from '../../strength/usualLoads';
import { hardwareAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { gripNote } from '../kit/fronts';
import { slackNotes, stayPull } from '../kit/turning/advice';
import { stayCount } from '../kit/turning/pieces';
import { fromAxis } from '../kit/turning/plane';
import { bracketNotes } from '../kit/turning/works';
import { bulgeOf, deskHinge, edgeOf, isHigh, RADIANS, type LaidBed } from './lay';
import { bedLinks, bracketedOf } from './pieces';

/** Seats and beds are got up from at so much above the floor, mm. Common practice. */
const HIGH = { least: 350, most: 650 } as const;
/** A bar pull is about so thick, mm. Common practice. */
const PULL_BAR = 10;

/** A pin of a pivot is let into a side so far, mm, less what is left of that. Common practice. */
const PIN_LEFT = 4;

export const bedNotes = (laid: LaidBed): PartNote[] => [
  ...stopNotes(laid),
  ...arcNotes(laid),
  ...heightNotes(laid),
  ...strengthNotes(laid),
  ...restNotes(laid),
  ...pivotNotes(laid),
  ...deskNotes(laid),
  ...beddingNotes(laid),
  ...gripNotes(laid),
  ...bracketNotes(bracketedOf(laid), laid.place.hardware),
  ...slackNotes(laid.bed.stay, laid.plane, laid.place.hardware),
  ...cautionNotes(laid),
];

const turnOfStop = (to: number) => `${Math.round((to / RADIANS) * 10) / 10}°`;

/** What it comes to rest on: legs, a stay, or what is there already. */
function stopNotes({ bed, stops, to, legs }: LaidBed): PartNote[] {
  const [first] = stops;
  const strut = first!.words.includes('struts');
  const bare = bed.stay === null && legs.length === 0;
  const turn = turnOfStop(to);
  return [
    noteOf(
      'opening',
      strut || bare ? 'tight' : 'clear',
      strut
        ? `Its struts stop it at ${turn}, drawn out wholly: let legs or a stay stop it before, or give them longer ones, since a strut is no stop.`
        : bare
          ? `Nothing holds it at ${turn}: give it legs, or a stay at either end.`
          : `It comes down to ${turn}, ${first!.words}${legs.length > 0 ? ', onto its legs' : ''}.`,
      'stop',
    ),
  ];
}

/**
 * How far its far edges come out and up as it goes: what nobody draws is the far top corner of the mattress.
 *
 * @source a corner runs on a circle about the axis: sqrt(L^2 + t^2)
 */
function arcNotes({ plane, tray, mattress, bedding, to, place, opening: { inside } }: LaidBed): PartNote[] {
  const [y, z] = plane.axis;
  const back = (bedding ?? mattress).y[1];
  const far = Math.max(Math.hypot(back - y, mattress.z[1] - z), Math.hypot(tray.y[1] - y, tray.z[1] - z));
  const out = far - y;
  const rises = far + z - inside.top;
  return [
    noteOf(
      'opening',
      'clear',
      `Its farthest corner runs on ${lengthMark(far, 'least')} about the pivot, and comes ${lengthMark(Math.max(0, out), 'least')} out before the cabinet; ${to >= 89 * RADIANS ? 'down' : `at ${turnOfStop(to)}`} its underside is ${lengthMark(Math.max(0, place.carcass.z.mm - place.floor.high + z + inside.front - y), 'most')} above the floor.`,
      'arc',
    ),
    ...(rises > 0 && back > y
      ? [
          noteOf(
            'opening',
            'tight',
            `As it starts down its far top corner rises up to ${lengthMark(rises, 'least')} over the head of its bay: a shorter mattress, a lower pivot, or one farther back.`,
            'head',
          ),
        ]
      : []),
  ];
}

/** How high one lies, with what one gets up from. */
function heightNotes(laid: LaidBed): PartNote[] {
  const { plane, mattress, place, to, motion, frame } = laid;
  const top = moved(
    motionPose(motion, to),
    frame.toSpace([middleOf(mattress.x), mattress.y[1] - bulgeOf(laid.bed), plane.axis[1]]),
  )[2];
  const { least, most } = HIGH;
  const high = place.carcass.z.mm - place.floor.high + plane.axis[1];
  return [
    noteOf(
      'fit',
      top - place.floor.high < least || top - place.floor.high > most ? 'tight' : 'clear',
      `Down, one lies ${lengthMark(top - place.floor.high)} above the floor, its pivot ${lengthMark(high)}; ${lengthMark(least)} to ${lengthMark(most)} is usual to get up from${top - place.floor.high > most ? ': a bunk so high wants a guard and a ladder' : ''}.`,
      'height',
    ),
  ];
}

/**
 * The platform from bearer to bearer, a bearer from rail to rail, and a rail, under a person: who lies on a strip of it, and of that a bearer has
 * what lies nearer to it than to the next.
 */
function strengthNotes({ bed, place: { stock }, platform, bearers, rail, tray, plane }: LaidBed): PartNote[] {
  const [along, across] = isHigh(platform) ? (['z', 'x'] as const) : (['x', 'z'] as const);
  const clear = (span(platform[along]) - bearers.length * rail) / (bearers.length + 1);
  const has = PERSON * Math.min(1, (clear + rail) / PERSON_STRIP);
  const board: Spanned = {
    material: stock.material(bed.platform.material),
    thick: span(platform.y),
    span: clear,
    wide: Math.min(PERSON_STRIP, span(platform[across])),
    load: atMiddle(PERSON),
    under: `${massMark(PERSON)} at its middle`,
    who: 'Its platform',
  };
  const bearer: Spanned = {
    material: stock.material(bed.frame.material),
    thick: bed.platform.deep.mm,
    span: span(platform[across]),
    wide: rail,
    load: atMiddle(has),
    under: `${massMark(has)} of a person at its middle`,
    who: 'A bearer',
    stood: true,
  };
  // Who sits on its edge sits on one rail: from the pivot to the far end, or from side to side.
  const carrying: Spanned = {
    material: stock.material(bed.frame.material),
    thick: bed.frame.deep.mm,
    span: isHigh(platform) ? tray.z[1] - plane.axis[1] : span(platform.x),
    wide: rail,
    load: atMiddle(PERSON),
    under: `${massMark(PERSON)} at its middle`,
    who: 'A rail',
    stood: true,
  };
  return [
    { ...spanNote(board), of: 'platform' },
    { ...spanNote(bearer), of: 'bearer' },
    { ...spanNote(carrying), of: 'rail' },
    noteOf(
      'strength',
      'clear',
      `It is reckoned with ${massMark(PERSON)} at one place: where somebody may drop onto it, reckon with twice that.`,
      'dropped',
    ),
  ];
}

/**
 * What its stays bear where nothing else is under its far end: the bed between them, and who sits on its edge at one end, which the nearer
 * of them has wholly.
 */
function restNotes(laid: LaidBed): PartNote[] {
  const { bed, place, plane, to, legs } = laid;
  if (legs.length > 0) return [];
  const all = combinedWeight(bedLinks(laid).map(({ link }) => weighAll(link.pieces, place.stock)));
  const sits = bed.stay ? PERSON * stayCount(bed.stay) : 0;
  const pull = stayPull(bed.stay, plane, place.hardware, to, [all, { kg: sits, centre: edgeOf(laid) }]);
  if (!pull) return [];
  const { each, bears } = pull;
  return [
    noteOf(
      'strength',
      each > bears ? 'hits' : each > 0.8 * bears ? 'tight' : 'clear',
      `Down, it lies on ${stayCount(bed.stay!) === 1 ? 'its stay' : 'its stays'}: ${forceMark(each)} in the nearer one as ${massMark(PERSON)} sits on its edge; it bears ${forceMark(bears)}${each > bears ? ': set it farther from the pivot, take a stronger one, or give the bed legs' : ''}.`,
      'rest',
    ),
  ];
}

/** Its pivots carry all of it. */
function pivotNotes(laid: LaidBed): PartNote[] {
  const { bed, place } = laid;
  const item = place.hardware.find(bed.pivot.hardware, 'pivot')!;
  const kg = bedLinks(laid).reduce((all, { link }) => all + weighAll(link.pieces, place.stock).kg, 0);
  const bears = item.rating;
  return [
    noteOf(
      'hinges',
      kg > bears ? 'hits' : kg > 0.8 * bears ? 'tight' : 'clear',
      `It weighs ${massMark(kg)} with its mattress; its pair of pivots carries ${massMark(bears)}${kg > bears ? ': take stronger ones, or a lighter bed' : ''}.`,
      'pivots',
    ),
    ...sideNotes(laid, kg),
  ];
}

/** A side that bows more shows it, and its pin works in its hole, mm. Common practice. */
const BOWS = 1;

/**
 * How far a pivot's pin bows the side it is in: half of the bed and who sits down beside it, from a rail that stands off that side.
 *
 * @source M h^2 / (2 E I) of a strip held at its foot, up to the pivot: any strength text
 */
function sideNotes({ bed, place, tray, opening: { inside } }: LaidBed, kg: number): PartNote[] {
  const { carcass, stock } = place;
  const thick = stock.thickness(carcass.sheet);
  const off = tray.x[0] - inside.left + thick / 2;
  const bears = (kg / 2 + PERSON) * GRAVITY;
  const side = {
    thick,
    high: bed.pivot.up.mm,
    wide: inside.back - inside.front,
    stiffness: strengthOf(stock.material(carcass.sheet)).stiffness,
  };
  const bows = bowOf(side, off, bears);
  return [
    noteOf(
      'hinges',
      bows > BOWS ? 'tight' : 'clear',
      `Down, a pin bears up to ${forceMark(bears)} and stands ${lengthMark(tray.x[0] - inside.left)} off its side, which bows by ${lengthMark(bows)}${bows > BOWS ? `; ${lengthMark(BOWS)} shows. A cleat on the side up to the pin, a thicker side, or less room beside the rails will do` : ''}.`,
      'side',
    ),
  ];
}

/** A desk to sit at is so high, mm. Common practice. */
const DESK_HIGH = { least: 700, most: 760 } as const;

/** A desk on its underside: how high, what may stay on it, and how its bars are drawn as one leans on its edge. */
function deskNotes(laid: LaidBed): PartNote[] {
  const { bed, desk: at, place, plane, tray, opening } = laid;
  const { desk } = bed;
  if (!desk || !at) return [];
  const high = place.carcass.z.mm - place.floor.high + at.top.z[1];
  const usual = high >= DESK_HIGH.least && high <= DESK_HIGH.most;
  const out = deskHinge(desk, opening) - plane.axis[1];
  const past = out + desk.deep.mm - (tray.z[1] - plane.axis[1]);
  const drawn = (LEANING_PERSON * GRAVITY * desk.deep.mm) / desk.room.mm / 2;
  return [
    noteOf(
      'fit',
      usual ? 'clear' : 'tight',
      `Its desk is ${lengthMark(high)} above the floor; ${lengthMark(DESK_HIGH.least)} to ${lengthMark(DESK_HIGH.most)} is usual. It stays level as the bed comes down: what is lower than ${lengthMark(desk.room.mm, 'most')} stays on it.`,
      'desk',
    ),
    ...(past > 0
      ? [
          noteOf(
            'fit',
            'tight',
            `Down, its desk stands ${lengthMark(past, 'least')} out before the bed: shins meet it. A desk less deep or lower will do.`,
            'desk out',
          ),
        ]
      : []),
    {
      ...spanNote({
        material: place.stock.material(desk.material),
        thick: span(at.top.z),
        span: span(at.top.x),
        wide: Math.min(PERSON_STRIP, desk.deep.mm),
        load: atMiddle(LEANING_PERSON),
        under: `${massMark(LEANING_PERSON)} at its middle`,
        who: 'Its desk',
      }),
      of: 'desk',
    },
    noteOf(
      'strength',
      'clear',
      `As ${massMark(LEANING_PERSON)} leans on its edge, either bar of the desk is drawn at with ${forceMark(drawn)}: pins that size go through its plates and the sides with washers under them.`,
      'desk bars',
    ),
  ];
}

/** What keeps mattress and bedding in it as it stands up. */
function beddingNotes({ bed }: LaidBed): PartNote[] {
  return [
    noteOf(
      'fit',
      bed.straps === 0 ? 'tight' : 'clear',
      bed.straps === 0
        ? 'Up, nothing holds its mattress to it: give it a strap or two.'
        : `Up, ${bed.straps === 1 ? 'a strap holds' : `${bed.straps} straps hold`} its mattress${bed.bedding.thick.mm > 0 ? ' with its bedding' : ''} to it.`,
      'straps',
    ),
  ];
}

function gripNotes({ bed: { grip }, place: { reach } }: LaidBed): PartNote[] {
  if (grip.kind === 'pull')
    return [gripNote({ kind: 'bar', projection: grip.projection }, PULL_BAR, reach.fingers)];
  return grip.kind === 'notch'
    ? []
    : [noteOf('fingers', 'tight', 'Nothing takes the hand: give it a pull, a strap, or a notch.')];
}

/** What hurts, in the order of the work. Foldaway beds are tested under EN 1129-1 and -2, from memory: named, not claimed. */
const cautionNotes = (laid: LaidBed): PartNote[] => [
  noteOf(
    'caution',
    'clear',
    'Fix its cabinet to the wall before the frame and its struts first move: a bed let down pulls it over.',
    'first',
  ),
  noteOf('caution', 'clear', assemblyWords(laid), 'assembly'),
  noteOf(
    'caution',
    'clear',
    'Nobody stands under it or between it and its cabinet as it goes; no lock without a release from inside, and no child works it alone. Beds that fold away are tested under EN 1129-1 and -2.',
    'shut in',
  ),
];

/** Its frame put together, carried on its edge through its own door. */
function carryWords({ tray }: LaidBed): string {
  const [thin, wide, long] = [span(tray.x), span(tray.y), span(tray.z)].sort((a, b) => a - b) as [
    number,
    number,
    number,
  ];
  return `Put together, its frame goes on its edge through a door at least ${lengthMark(thin, 'least')} wide and ${lengthMark(wide, 'least')} high with ${lengthMark(long, 'least')} before it and behind: through less its rails are carried in one by one`;
}

/** In what order it goes together: the pins come between sides that stand nearer than they are long, struts in at their longest. */
function assemblyWords(laid: LaidBed): string {
  const { bed, plane, place, to } = laid;
  const { help } = bed;
  const pin = Math.max(0, place.stock.thickness(place.carcass.sheet) - PIN_LEFT);
  const frame = `Its back and toe board stay off while it is carried in. Its pins go ${lengthMark(pin)} into either side: put them in from within the rails, or spring each side out by as much. ${carryWords(laid)}`;
  if (help.kind !== 'gas struts') return `${frame}.`;
  const [leaf, fixed] = [fromAxis(plane, help.onLeaf), fromAxis(plane, help.onCase)];
  const apart = ([a, b]: readonly [number, number]) => Math.hypot(a - fixed[0], b - fixed[1]);
  const [cos, sin] = [Math.cos(to), Math.sin(to)];
  // The leaf turns away from the case: a place of it as it is once the bed is down.
  const down: readonly [number, number] = [leaf[0] * cos + leaf[1] * sin, leaf[1] * cos - leaf[0] * sin];
  const up = apart(leaf) >= apart(down);
  return `${frame}. Struts go in at their longest, with the bed ${up ? 'up' : 'down'}, blocked both ways${up ? ' and reached before the back is on' : ''}; the mattress comes last.`;
}

/** What of a bed nobody measured, weighed or looked up. */
export const bedAssumptions = ({ bed, place: { stock, hardware } }: LaidBed): Assumption[] => {
  const used = [
    bed.pivot.hardware,
    ...(bed.help.kind === 'none' ? [] : [bed.help.hardware]),
    ...(bed.stay ? [bed.stay.hardware] : []),
  ];
  return [
    ...thicknessAssumptions(
      [
        bed.frame.material,
        bed.platform.material,
        ...(bed.face ? [bed.face.material] : []),
        ...(bed.desk ? [bed.desk.material] : []),
      ],
      stock,
    ),
    {
      words: `the mattress weighs ${massMark(bed.mattress.kg)}`,
      measure: 'weigh the mattress, and measure how thick it is',
    },
    ...[...new Set(used)].flatMap((id) => {
      const item = hardware.named(id);
      return item ? hardwareAssumptions(item) : [];
    }),
  ];
};
