import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../box/box';
import { contentsIssues } from '../contents/contents';
import type { PartPlace } from '../family';
import { coverFault } from '../fronts';
import { runsIssues } from '../runs/refuse';
import { bankIssues, countOf } from './bank';
import { drawerInnards, type Innards } from './innards';
import { layBank, type LaidBank } from './laid';
import type { Drawer } from './schema';

/** What cannot be built, with the number that would do; the first kind of trouble there is, since the rest may follow from it. */
export function refuseDrawer(
  drawer: Drawer,
  place: PartPlace,
  innardsOf: (drawer: Drawer, place: PartPlace) => Innards = drawerInnards,
): Issue[] {
  const named = namedIssues(drawer, place);
  if (named.length > 0) return named;
  const laid = layBank(drawer, place);
  const innards = innardsOf(drawer, place);
  const trouble = [
    () => coverIssues(drawer, laid),
    () => bankIssues(drawer.bank, laid.heights.reduce((sum, mm) => sum + mm, 0)),
    () => runsIssues(drawer, laid, laid.drawers[0]!, { sheet: place.built.layout.shell.sheet, closed: place.carcass.back !== null }),
    () => heightIssues(drawer, laid),
    () => laid.drawers.flatMap(({ box }) => innards.issues(box, laid.frontThick)).slice(0, 1),
    () => frontIssues(drawer, laid),
    () =>
      laid.drawers
        .flatMap((at) =>
          within(
            'contents',
            contentsIssues(
              drawer.contents,
              innards.tiers(at.box).map((inner) => ({ inner, ceiling: innards.closed ? inner.z[1] : at.place[1] - drawer.box.above.mm })),
            ),
          ),
        )
        .slice(0, 1),
  ]; // prettier-ignore
  for (const look of trouble) {
    const issues = look();
    if (issues.length > 0) return issues;
  }
  return [];
}

export const within = (step: string, issues: readonly Issue[]): Issue[] =>
  issues.map(({ path, message }) => ({ path: [step, ...path], message }));
const refuse = (path: Issue['path'], message: string): Issue[] => [{ path, message }];

/** Bay, materials and hardware it names must be there, and of the kind it needs. */
function namedIssues({ bay, front, box, fit, runs }: Drawer, { built, stock, hardware }: PartPlace): Issue[] {
  if (!built.layout.openings.has(bay)) return refuse(['bay'], `Its carcass has no bay “${bay}”.`);
  return [
    ...namedMaterials(box, stock),
    ...(fit.kind !== 'none' && !stock.has(front.material)
      ? refuse(['front', 'material'], `There is no material “${front.material}”.`)
      : []),
    ...namedSlide(runs, hardware),
  ];
}

/** Materials a box names that are not there. Paths start at the part. */
function namedMaterials({ material, bottom, dividers }: Drawer['box'], stock: PartPlace['stock']): Issue[] {
  const named: [Issue['path'], string][] = [
    [['box', 'material'], material],
    ...('material' in bottom ? [[['box', 'bottom', 'material'], bottom.material] as [Issue['path'], string]] : []),
    [['box', 'dividers', 'material'], dividers.material],
  ];
  return named
    .filter(([, id]) => !stock.has(id))
    .map(([path, id]) => ({ path, message: `There is no material “${id}”.` }));
} // prettier-ignore

function namedSlide(runs: Drawer['runs'], hardware: PartPlace['hardware']): Issue[] {
  if (runs.kind === 'wooden runners') return [];
  const kind = runs.kind === 'under slides' ? 'under slide' : 'slide';
  return hardware.find(runs.hardware, kind)
    ? []
    : refuse(['runs', 'hardware'], `There is no ${kind} “${runs.hardware}”.`);
}

/** The first edge at which its fronts do not close their opening. */
function coverIssues({ fit }: Drawer, { opening, over }: LaidBank): Issue[] {
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
function heightIssues(drawer: Drawer, laid: LaidBank): Issue[] {
  const { box, bank, old } = drawer;
  for (const { box: at, place } of laid.drawers) {
    const high = span(at.z);
    const most = place[1] - place[0] - box.under.mm - box.above.mm;
    const path = old ? ['old', 'height'] : box.height ? ['box', 'height'] : countOf(bank) > 1 && bank.kind !== 'typed' ? ['bank', 'count'] : ['box', 'above']; // prettier-ignore
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

function frontIssues({ front, handle, fit, old, twoSided }: Drawer, laid: LaidBank): Issue[] {
  if (fit.kind === 'none') return [];
  if (twoSided)
    return refuse(['twoSided'], 'A front is wider than what runs between its slides, and stops it at the back: a drawer that comes out at both sides has no front, or only its box’s ends with grips.');
  if (front.made !== 'applied' && old) return refuse(['front', 'made'], 'An old box has its own ends: its front must be applied.');
  if (front.made !== 'applied' && laid.push > 0 && fit.kind !== 'inset')
    return refuse(['front', 'made'], 'Opened by a push, a front that lies over its case must be applied, or inset.');
  const lowest = laid.drawers.reduce((a, b) => (span(b.front!.z) < span(a.front!.z) ? b : a)).front!;
  if (handle && handle.width.mm > span(lowest.x))
    return refuse(['handle', 'width'], `The handle would stand off its front. At most ${lengthMark(span(lowest.x), 'most')} will do.`);
  if (handle && handle.height.mm > span(lowest.z))
    return refuse(['handle', 'height'], `The handle would stand off its front. At most ${lengthMark(span(lowest.z), 'most')} will do.`);
  if (handle && handle.holes.mm > span(lowest.x))
    return refuse(['handle', 'holes'], `The holes would stand off the front. At most ${lengthMark(span(lowest.x), 'most')} will do.`);
  const through = laid.side + laid.frontThick;
  if (front.made === 'applied' && front.screw.mm >= through)
    return refuse(
      ['front', 'screw'],
      `A screw of ${lengthMark(front.screw.mm)} comes out of the front: box and front are ${lengthMark(through)} together. Less than ${lengthMark(through, 'most')} will do.`,
    );
  if (front.made === 'applied' && front.screw.mm <= laid.side)
    return refuse(['front', 'screw'], `A screw of ${lengthMark(front.screw.mm)} does not reach the front through ${lengthMark(laid.side)} of box. More than ${lengthMark(laid.side, 'least')} will do.`);
  return [];
} // prettier-ignore
