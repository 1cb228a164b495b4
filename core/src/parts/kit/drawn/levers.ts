import type { Lever, Trouble } from '../../../item/lever';
import { lengthMark } from '../../../length/lengthMark';
import type { PartPieces } from '../../contract/family';
import { uncapitalised } from '../../../item/capitals';
import { lengthsOf } from '../runs/runs';
import { choiceLever, cost, lengthLever } from '../../../item/leverOf';
import { called } from '../../../item/called';
import { materialLevers } from '../../../material/levers';
import { thicknessOf } from '../../../material/stock';
import { LEAST_LEFT } from './screws';
import { bottomDoes } from './strength';
import { USUAL_PULL } from './usual';
import type { LaidDrawn } from './lay';

/** Out less than this a drawer is of no use, and a box less deep holds nothing, mm. */
const LEAST_USEFUL = 100;
/** More than this takes more of the box than it gives, mm. */
const MOST_ASIDE = 80;
/** A lip is not higher than this over what runs above it, mm. */
const MOST_RAISED = 250;
const LEAST_HANDLE = 15;
const MOST_HANDLE = 120;
/** No front is thinner, mm. Common practice. */
const LEAST_FRONT = 12;

/** What of drawers and pull-outs may be changed: how far they come out, their box, what they run on, what stands out of them. */
export function drawnLevers(laid: LaidDrawn, _pieces: PartPieces, trouble: Trouble): Lever[] {
  if (trouble.about === 'fingers') return handleLevers(laid, 'out');
  if (trouble.about === 'runs')
    return [...strongerSlides(laid), ...upperSlides(laid), ...shorterScrews(laid), ...slidesForPeople(laid)];
  if (trouble.about === 'strength') return bottomLevers(laid);
  if (trouble.about === 'wood')
    return materialLevers(
      laid.part,
      ['front', 'material'],
      laid.place.stock.materials,
      `the front of the ${called(laid.part.name)}`,
      ({ kind, nominal }) => kind === 'sheet' && nominal.mm >= LEAST_FRONT,
    );
  if (trouble.about !== undefined) return [];
  return [
    ...stopLever(laid, trouble),
    ...shorterSlides(laid),
    ...boxLevers(laid),
    ...handleLevers(laid, 'in'),
  ];
}

function stopLever({ part }: LaidDrawn, { comfortable, usable }: Trouble): Lever[] {
  if (part.runs.kind !== 'wooden runners') return [];
  const free = comfortable !== undefined && comfortable >= LEAST_USEFUL ? comfortable : usable;
  return lengthLever(part, ['runs', 'out'], {
    key: 'stop',
    what: 'its stop',
    to: Math.min(LEAST_USEFUL, part.runs.out.mm),
    lasting: true,
    ...(free !== undefined && { guess: free }),
    cost: cost('it comes out less far', 4, 0.15),
    words: (mm) => `stop it at ${lengthMark(mm, 'most')}`,
  });
}

/** Slides of the same make that are shorter, the longest first: the box gets as much less deep. */
function shorterSlides({ part, slide, length }: LaidDrawn): Lever[] {
  if (part.runs.kind === 'wooden runners' || !slide || length === undefined) return [];
  return lengthsOf(slide)
    .filter((mm) => mm < length - 1e-6)
    .slice(0, 3)
    .flatMap((mm) =>
      choiceLever(
        part,
        ['runs', 'length'],
        { mm },
        {
          key: `slide.${mm}`,
          what: 'shorter slides',
          cost: cost('a box less deep, that comes out less far', 10 + 0.2 * (length - mm)),
          words: `take slides of ${lengthMark(mm)}`,
        },
      ),
    );
}

/** Slides of other makes on the same sides that carry more, the weakest of them first. */
function strongerSlides({ part, slide, place }: LaidDrawn): Lever[] {
  const { runs } = part;
  if (runs.kind === 'wooden runners' || !slide) return [];
  return place.hardware.all
    .flatMap((one) => (one.kind === slide.kind ? [place.hardware.find(one.id, slide.kind)!] : []))
    .filter(({ rating }) => rating > slide.rating)
    .sort((a, b) => a.rating - b.rating)
    .slice(0, 3)
    .flatMap(({ id, name, rating }) =>
      choiceLever(
        part,
        ['runs'],
        { ...runs, hardware: id, length: null },
        {
          key: `slide.${id}`,
          what: 'stronger slides',
          cost: cost('other slides', 10 + rating - slide.rating),
          words: `take ${uncapitalised(name)}`,
        },
      ),
    );
}

/** A thicker bottom, or a bar under it. */
function bottomLevers(laid: LaidDrawn): Lever[] {
  const { part, place, drawers } = laid;
  const { bottom } = part.box;
  if (part.old || bottom.kind === 'none') return [];
  const { schools, materials } = place.stock;
  return [
    ...(bottom.kind === 'groove'
      ? choiceLever(part, ['box', 'bottom', 'muntins'], bottom.muntins + 1, {
          key: `muntins.${bottom.muntins + 1}`,
          what: 'a bar under its bottom',
          cost: cost('a bar under the bottom', 5),
          words: 'put a bar under its bottom from front to back',
        })
      : []),
    ...materialLevers(
      part,
      ['box', 'bottom', 'material'],
      materials,
      `the bottom of the ${called(part.name)}`,
      (one) => drawers.every((at) => bottomDoes(laid, at, one, thicknessOf(one, schools))),
    ),
  ];
}

/** A second pair of slides at its head. */
const upperSlides = ({ part: { runs }, part }: LaidDrawn): Lever[] =>
  runs.kind === 'side slides' && runs.upper === null
    ? choiceLever(
        part,
        ['runs', 'upper'],
        { mm: 0 },
        {
          key: 'upper slides',
          what: 'slides at its top',
          cost: cost('a second pair of slides', 16),
          words: 'put a second pair of slides at its top',
        },
      )
    : [];

/** Screws that leave wood before them, by the lengths they are sold in. */
function shorterScrews({ part, slide, side }: LaidDrawn): Lever[] {
  const { runs } = part;
  if (runs.kind !== 'side slides' || slide?.kind !== 'slide') return [];
  const most = slide.metal + side - LEAST_LEFT;
  const long = [...SCREWS].reverse().find((mm) => mm <= most && mm < runs.screw.mm);
  if (long === undefined) return [];
  return choiceLever(
    part,
    ['runs', 'screw'],
    { mm: long },
    {
      key: `screw.${long}`,
      what: 'its screws',
      cost: cost('shorter screws', 1),
      words: `take screws of ${lengthMark(long)}`,
    },
  );
}
/** Lengths that screws for slides are sold in, mm. Common practice. */
const SCREWS = [9, 10, 12, 13, 16, 20];

/** Slides that a person may stand on, where these are not. */
function slidesForPeople({ part, slide, place }: LaidDrawn): Lever[] {
  const { runs } = part;
  if (runs.kind === 'wooden runners' || !slide) return [];
  return place.hardware.all
    .flatMap((one) => (one.kind === slide.kind ? [place.hardware.find(one.id, slide.kind)!] : []))
    .filter(({ id, person }) => person > slide.person && id !== slide.id)
    .slice(0, 2)
    .flatMap(({ id, name }) =>
      choiceLever(
        part,
        ['runs'],
        { ...runs, hardware: id, length: null },
        {
          key: `step-slide.${id}`,
          what: 'slides for a step',
          cost: cost('other slides', 20),
          words: `take ${uncapitalised(name)}`,
        },
      ),
    );
}

function boxLevers({ part, drawers, depth }: LaidDrawn): Lever[] {
  const { box } = part;
  if (part.old) return [];
  const asDeep = box.depth?.mm ?? depth;
  return [
    ...(asDeep > LEAST_USEFUL
      ? [
          {
            kind: 'amount' as const,
            key: 'box.depth',
            what: 'the depth of its box',
            unit: 'mm' as const,
            from: asDeep,
            to: LEAST_USEFUL,
            moves: 1,
            cost: cost('it holds less', 5, 0.25),
            words: (mm: number) => `make its box ${lengthMark(mm, 'most')} deep`,
            set: (mm: number) => [{ path: ['box', 'depth'], before: box.depth, after: { mm } }],
          },
        ]
      : []),
    ...(['left', 'right'] as const).flatMap((side) =>
      lengthLever(part, ['box', 'aside', side], {
        key: `aside.${side}`,
        what: `its packing on the ${side}`,
        to: box.aside[side].mm + MOST_ASIDE,
        cost: cost('a narrower box, and packing', 5, 0.6),
        words: (mm) => `pack out what it runs on by ${lengthMark(mm, 'least')} on the ${side}`,
      }),
    ),
    ...(drawers.length === 1
      ? lengthLever(part, ['box', 'under'], {
          key: 'raised',
          what: 'how high it runs',
          to: box.under.mm + MOST_RAISED,
          cost: cost('room under it', 4, 0.2),
          words: (mm) => `raise it to ${lengthMark(mm, 'least')} above the foot of its place`,
        })
      : []),
    ...lengthLever(part, ['box', 'above'], {
      key: 'lower',
      what: 'how high its box is',
      to: box.above.mm + 150,
      cost: cost('it holds less', 5, 0.4),
      words: (mm) => `leave ${lengthMark(mm, 'least')} above its box`,
    }),
    ...frontLevers(part),
  ];
}

/** How far back it stands, and how wide its front is. */
function frontLevers(part: LaidDrawn['part']): Lever[] {
  const { fit } = part;
  return [
    ...(fit.kind === 'inset' || fit.kind === 'none'
      ? lengthLever(part, ['fit', 'setback'], {
          key: 'setback',
          what: 'how far back it stands',
          to: fit.setback.mm + 120,
          // The longest slides that fit are taken: they come in steps.
          jumps: part.runs.kind !== 'wooden runners' && part.runs.length === null,
          cost: cost('a box less deep', 6, 0.3),
          words: (mm) => `set it ${lengthMark(mm, 'least')} back`,
        })
      : []),
    ...(fit.kind === 'inset' || fit.kind === 'overlay'
      ? lengthLever(part, ['fit', 'sides'], {
          key: 'front.sides',
          what: 'how wide its front is',
          to: fit.kind === 'inset' ? fit.sides.mm + 20 : Math.max(1, fit.sides.mm - 20),
          cost: cost('a narrower front', 3, 1.2),
          words: (mm) =>
            fit.kind === 'inset'
              ? `leave ${lengthMark(mm, 'least')} at the sides of its front`
              : `let its front lie ${lengthMark(mm, 'most')} over at the sides`,
        })
      : []),
  ];
}

/** @param way  nearer its front, or farther out for fingers */
function handleLevers({ part }: LaidDrawn, way: 'in' | 'out'): Lever[] {
  const out = way === 'out';
  if (!part.handle)
    return out
      ? choiceLever(part, ['handle'], USUAL_PULL.bar, {
          key: 'a handle',
          what: 'a handle',
          cost: cost('a handle that stands out before it', 4),
          words: 'give it a handle',
        })
      : [];
  return [
    ...lengthLever(part, ['handle', 'projection'], {
      key: 'handle',
      what: 'its handle',
      to: out ? MOST_HANDLE : Math.min(LEAST_HANDLE, part.handle.projection.mm),
      cost: cost(out ? 'it stands out farther' : 'a flatter handle', 2, 0.4),
      words: (mm) => `take a handle that stands out ${lengthMark(mm, out ? 'least' : 'most')}`,
    }),
    ...(out
      ? []
      : choiceLever(part, ['handle'], null, {
          key: 'no handle',
          what: 'no handle',
          cost: cost('it is pulled at its edge, or opens by a push', 30),
          words: 'leave its handle off',
        })),
  ];
}
