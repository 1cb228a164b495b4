import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import { span } from '../../../solid/bounds';
import type { PartPlace } from '../../contract/family';
import { contentsIssues } from '../contents/contents';
import { coverFault } from '../fronts';
import { firstTrouble, missingNamed, refuse, within } from '../issues';
import { runsIssues } from '../runs/refuse';
import { slideKind } from '../runs/runs';
import { bankIssues, countOf } from './bank';
import type { LaidDrawn } from './lay';
import type { DrawnOut } from './schema';

/** Bay, materials and slides it names that are not there, or not of the kind it needs. */
export function missingOfDrawn(
  { mount: { bay }, front, box, fit, runs }: DrawnOut,
  place: PartPlace,
): Issue[] {
  const { bottom } = box;
  const missing = missingNamed(
    {
      bay,
      materials: [
        [['box', 'material'], box.material],
        ...('material' in bottom ? [[['box', 'bottom', 'material'], bottom.material] as const] : []),
        [['box', 'dividers', 'material'], box.dividers.material],
        ...(fit.kind === 'none' ? [] : [[['front', 'material'], front.material] as const]),
      ],
    },
    place,
  );
  if (missing.length > 0 || runs.kind === 'wooden runners') return missing;
  const kind = slideKind(runs);
  return place.hardware.find(runs.hardware, kind)
    ? []
    : refuse(['runs', 'hardware'], `There is no ${kind} “${runs.hardware}”.`);
}

/** What cannot be built, with the number that would do; the first kind of trouble there is, since the rest may follow from it. */
export function refuseDrawn(laid: LaidDrawn): Issue[] {
  const { part, place, construction, drawers } = laid;
  return firstTrouble([
    () => coverIssues(laid),
    () =>
      bankIssues(
        part.bank,
        laid.heights.reduce((sum, mm) => sum + mm, 0),
      ),
    () =>
      runsIssues(part, laid, drawers[0]!, {
        sheet: place.built.layout.shell.sheet,
        closed: place.carcass.back !== null,
      }),
    () => heightIssues(laid),
    () => drawers.flatMap(({ box }) => construction.issues(box, laid.frontThick)).slice(0, 1),
    () => frontIssues(laid),
    () =>
      drawers
        .flatMap(({ tiers, place: free }) =>
          contentsIssues(
            part.contents,
            tiers.map((inner) => ({
              inner,
              ceiling: construction.closed ? inner.z[1] : free[1] - part.box.above.mm,
              foot: part.box.bottom.kind === 'none' && !part.old ? free[0] : inner.z[0],
            })),
          ),
        )
        .map((issue) => within('contents', [issue])[0]!)
        .slice(0, 1),
  ]);
}

/** The first edge at which its fronts do not close their opening. */
function coverIssues({ part: { fit }, opening, over }: LaidDrawn): Issue[] {
  if (fit.kind === 'none') return [];
  const { kind } = fit;
  const field = { left: 'sides', right: 'sides', top: 'top', bottom: 'bottom' } as const;
  const edges = { left: 'left edge', right: 'right edge', top: 'top', bottom: 'foot' } as const;
  return (['left', 'right', 'top', 'bottom'] as const)
    .flatMap((side) => {
      const path = ['fit', kind === 'even' ? 'gap' : field[side]];
      return coverFault(kind, over[side], opening[side], { what: 'front', edge: edges[side] }, path);
    })
    .slice(0, 1);
}

/** Every box must have its height in its place. */
function heightIssues({ part, drawers }: LaidDrawn): Issue[] {
  const { box, bank, old } = part;
  for (const { box: at, place } of drawers) {
    const high = span(at.z);
    const most = place[1] - place[0] - box.under.mm - box.above.mm;
    const path = old
      ? ['old', 'height']
      : box.height
        ? ['box', 'height']
        : countOf(bank) > 1 && bank.kind !== 'typed'
          ? ['bank', 'drawers']
          : ['box', 'above'];
    if (high < LEAST_BOX)
      return refuse(
        path,
        `A box would be ${lengthMark(Math.max(0, high))} high: its place is ${lengthMark(place[1] - place[0])}, of which ${lengthMark(box.under.mm + box.above.mm)} stays free beneath and above. At least ${lengthMark(LEAST_BOX, 'least')} of box is wanted.`,
      );
    if (high > most + 1e-9)
      return refuse(
        path,
        `The box is ${lengthMark(high - most, 'least')} too high for its place. At most ${lengthMark(most, 'most')} will do.`,
      );
  }
  return [];
}
/** A box lower than this holds nothing, mm. */
const LEAST_BOX = 20;

function frontIssues(laid: LaidDrawn): Issue[] {
  const { front, handle, fit, old, twoSided } = laid.part;
  if (fit.kind === 'none') return [];
  if (twoSided)
    return refuse(
      ['twoSided'],
      'A front is wider than what runs between its slides, and stops it at the back: a drawer that comes out at both sides has no front, or only its box’s ends with grips.',
    );
  if (front.made !== 'applied' && old)
    return refuse(['front', 'made'], 'An old box has its own ends: its front must be applied.');
  if (front.made !== 'applied' && laid.push > 0 && fit.kind !== 'inset')
    return refuse(
      ['front', 'made'],
      'Opened by a push, a front that lies over its case must be applied, or inset.',
    );
  const lowest = laid.drawers.reduce((a, b) => (span(b.front!.z) < span(a.front!.z) ? b : a)).front!;
  if (handle && handle.width.mm > span(lowest.x))
    return refuse(
      ['handle', 'width'],
      `The handle would stand off its front. At most ${lengthMark(span(lowest.x), 'most')} will do.`,
    );
  if (handle && handle.height.mm > span(lowest.z))
    return refuse(
      ['handle', 'height'],
      `The handle would stand off its front. At most ${lengthMark(span(lowest.z), 'most')} will do.`,
    );
  if (handle && handle.holes.mm > span(lowest.x))
    return refuse(
      ['handle', 'holes'],
      `The holes would stand off the front. At most ${lengthMark(span(lowest.x), 'most')} will do.`,
    );
  const through = laid.side + laid.frontThick;
  if (front.made === 'applied' && front.screw.mm >= through)
    return refuse(
      ['front', 'screw'],
      `A screw of ${lengthMark(front.screw.mm)} comes out of the front: box and front are ${lengthMark(through)} together. Less than ${lengthMark(through, 'most')} will do.`,
    );
  if (front.made === 'applied' && front.screw.mm <= laid.side)
    return refuse(
      ['front', 'screw'],
      `A screw of ${lengthMark(front.screw.mm)} does not reach the front through ${lengthMark(laid.side)} of box. More than ${lengthMark(laid.side, 'least')} will do.`,
    );
  return [];
}
