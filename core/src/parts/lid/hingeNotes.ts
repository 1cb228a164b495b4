import { noteOf, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import { hingePlaces, levelHingeItem } from '../kit/turning/hinge';
import { levelLeafBend } from '../kit/turning/sag';
import { hasFooting, RADIANS, wideOf, type LaidLid } from './lay';

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

export function backNotes(laid: LaidLid): PartNote[] {
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
    noteOf(
      'opening',
      'clear',
      `Against an upright wall right behind it, it opens so far where its axis is ${lengthMark(Math.max(0, wants), 'least')} before that; it is ${lengthMark(has, 'most')}. A back strip of ${lengthMark(Math.max(0, least), 'least')} is the least.`,
      'behind',
    ),
    ...(!hasFooting(laid)
      ? [
          noteOf(
            'hinges',
            'hits',
            'Nothing stands behind it where the other flap of its hinge would be: turn the hinge about, its knuckle beneath, on the outside of the back; or leave a back strip.',
            'footing',
          ),
        ]
      : []),
    ...(held < HOLDS_SCREWS
      ? [
          noteOf(
            'hinges',
            'hits',
            strip > 0
              ? `A back strip of ${lengthMark(strip)} holds no screws: at least ${lengthMark(HOLDS_SCREWS)} will do.`
              : `What is behind it holds no screws${held > 0 ? `: its back is ${lengthMark(held)} thick` : ''}. A back of ${lengthMark(HOLDS_SCREWS)} will do, or a back strip.`,
            'screws',
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

export function hingeNotes({ lid, place, leaves, thick }: LaidLid): PartNote[] {
  const { hinge } = lid;
  const wide = wideOf(leaves[0]!);
  const places = hingePlaces(hinge, wide);
  const material = place.stock.material(lid.material);
  const apart = hinge.kind === 'butt' ? places[1]! - places[0]! : 0;
  const bend = hinge.kind === 'butt' ? levelLeafBend(material, thick, apart, span(leaves[0]!.at.y)) : 0;
  const more = places.length + 1;
  return [
    ...(hinge.kind === 'continuous'
      ? [
          noteOf(
            'hinges',
            'clear',
            `One continuous hinge ${lengthMark(wide)} long, cut to length on site.`,
            'row',
          ),
        ]
      : [
          noteOf(
            'hinges',
            bend > MOST_BEND ? 'tight' : 'clear',
            `${places.length} butts, ${lengthMark(apart)} apart: lifted at its middle its hinge edge bends ${lengthMark(bend)} between them${bend > MOST_BEND ? `; ${more} will do` : ''}.`,
            'row',
          ),
        ]),
    ...(thick < BOLTED
      ? [
          noteOf(
            'hinges',
            'tight',
            `A leaf ${lengthMark(thick)} thick holds no screws in its edge: bolt its hinge through, with washers, or double it.`,
            'thin',
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
export function driverNotes(laid: LaidLid): PartNote[] {
  const { lid, place, plane, to } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item || !hasFooting(laid)) return [];
  if (lid.margins.back.mm === 0)
    return [
      noteOf(
        'hinges',
        'clear',
        'Its hinge is on the outside of the back: screw it before the chest stands at its wall, since no driver gets there afterwards; and leave the wall half its knuckle.',
        'driver',
      ),
    ];
  if (lid.hinge.knuckle === 'beneath' || plane.face <= 0) return [];
  const from = driverFrom(laid, item.wide);
  const gets = `A driver gets straight at the screws in the back strip from ${Math.ceil(from / RADIANS)}° on`;
  return [
    from <= to
      ? noteOf('hinges', 'clear', `${gets}.`, 'driver')
      : noteOf(
          'hinges',
          'tight',
          `${gets}, and it opens ${Math.floor(to / RADIANS)}°: screw the strip to the leaf on the bench, and the strip down last.`,
          'driver',
        ),
  ];
}
