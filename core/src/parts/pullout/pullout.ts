import { rowOf } from '../../carcass/build';
import { frameOf } from '../../carcass/frame';
import { called } from '../../item/called';
import type { Issue } from '../../item/issue';
import { lengthMark, massMark } from '../../length/lengthMark';
import type { MoverCheck } from '../../clearance/checkMover';
import type { Body } from '../../scene/scene';
import { boundsIn, span } from '../box/box';
import { buildDrawer } from '../drawer/build';
import { adviseDrawer } from '../drawer/advice';
import { firstBuildable, mirrored, onRuns, USUAL_DRAWER_FIT } from '../drawer/fresh';
import { layBank } from '../drawer/laid';
import { drawerNotes, drawerRests } from '../drawer/notes';
import { refuseDrawer } from '../drawer/refuse';
import type { Drawer } from '../drawer/schema';
import { drawerSizes } from '../drawer/sizes';
import type { BuiltPart, Family, PartNote, PartPlace, Proposal } from '../family';
import { pulloutFields } from './fields';
import { freshPullout } from './fresh';
import { pulloutInnards } from './innards';
import type { Pullout } from './schema';

/** A pull-out runs, is fronted and is laid out as a bank of one drawer; only what comes out is made otherwise. */
export function asDrawer(pullout: Pullout): Drawer {
  const { id, name, carcass, bay, fit, front, handle, box, runs, closing, contents, cable, schools } =
    pullout;
  const shared = { id, name, carcass, bay, fit, front, handle, box, runs, closing, contents, cable, schools };
  return { ...shared, family: 'drawer', bank: { kind: 'even', count: 1 }, old: null, twoSided: false };
}

function refuse(pullout: Pullout, place: PartPlace): Issue[] {
  const issues = refuseDrawer(asDrawer(pullout), place, () => pulloutInnards(pullout, place));
  // It is no bank: what is wrong with its height is told of its bay.
  if (issues.length > 0)
    return issues.map(({ path, message }) => ({ path: path[0] === 'bank' ? ['bay'] : path, message }));
  const { guide } = pullout;
  const { drawers } = layBank(asDrawer(pullout), place);
  const [at] = drawers;
  const over = at!.place[1] - at!.box.z[1];
  if (guide && over < guide.play.mm + LEAST_GUIDE)
    return [
      {
        path: ['box', 'above'],
        message: `A guide finds no room over its top. At least ${lengthMark(guide.play.mm + LEAST_GUIDE, 'least')} free above it will do.`,
      },
    ];
  return [];
}
/** A guide strip is at least so high, mm. */
const LEAST_GUIDE = 5;
/** And about so wide, mm. CP. */
const GUIDE_WIDE = 20;

function build(pullout: Pullout, place: PartPlace): BuiltPart {
  const built = buildDrawer(asDrawer(pullout), place, pulloutInnards(pullout, place));
  const { guide } = pullout;
  if (!guide) return built;
  const { start, room, drawers } = layBank(asDrawer(pullout), place);
  const { box, place: free } = drawers[0]!;
  const middle = (box.x[0] + box.x[1]) / 2;
  const strip: Body = {
    id: `${pullout.id}/guide`,
    name: `the guide over the ${called(pullout.name)}`,
    item: pullout.id,
    row: rowOf(place.carcass),
    pieces: [
      frameOf(place.carcass).box(
        [middle - GUIDE_WIDE / 2, start, box.z[1] + guide.play.mm],
        [middle + GUIDE_WIDE / 2, start + room, free[1]],
      ),
    ],
  };
  const movers = built.movers.map((mover) => ({
    ...mover,
    needs: { ...mover.needs, of: { ...mover.needs.of, [strip.id]: 0 } },
  }));
  return { movers, still: [...built.still, strip] };
}

/**
 * How far the top of what stands on a pair of slides gives by their play, mm: sideways over the way from one slide to
 * the other, and to and fro over the slides' length.
 *
 * @source DER: the box turns by play over that way, and its top stands `height` over the slides
 */
export function racking(play: number, height: number, apart: number, length: number) {
  return { aside: (play * height) / apart, forth: (play * height) / length };
}

/**
 * What a pair of slides carries at the outer edge of what is drawn out, kg: they are rated for a load that is spread over
 * the box, whose middle is half the depth nearer the case.
 *
 * @source DER: equal moments about the front of the case
 */
export function edgeLoad(rating: number, travel: number, depth: number): number {
  return (rating * Math.max(0, travel - depth / 2)) / travel;
}

function notes(pullout: Pullout, place: PartPlace): PartNote[] {
  const drawer = asDrawer(pullout);
  const laid = layBank(drawer, place);
  const { carries, guide, runs, fit } = pullout;
  const { slide } = laid;
  const at = laid.drawers[0]!;
  const found = drawerNotes(drawer, place, pulloutInnards(pullout, place));
  const note = (about: PartNote['about'], verdict: PartNote['verdict'], sentence: string) =>
    found.push({ about, verdict, sentence });
  const apart = span(at.box.x);
  const up = runs.kind === 'side slides' ? runs.up.mm : 0;
  const height = span(at.box.z) - up;
  // A thing as low as it is wide does not rack so that one sees it.
  if (slide && laid.length !== undefined && height > apart) {
    const free = racking(slide.play, height, apart, laid.length);
    const gap = fit.kind === 'even' ? fit.gap.mm : fit.kind === 'inset' ? fit.sides.mm : undefined;
    const aside = guide ? Math.min(guide.play.mm, free.aside) : free.aside;
    const held = guide ? `; the guide over it lets it no farther` : '';
    if (gap !== undefined && aside > gap)
      note('runs', 'hits', `Its top sways ${lengthMark(aside)} aside by the play of its slides${held}, and ${lengthMark(gap)} is left beside its front. ${guide ? `A guide with at most ${lengthMark(gap, 'most')} of play will do.` : 'A guide over its top will hold it.'}`);
    else
      note('runs', gap !== undefined && aside > gap / 2 ? 'tight' : 'clear', `By the play of its slides its top sways ${lengthMark(aside)} aside and ${lengthMark(free.forth)} to and fro${held}.`);
  }
  if ((carries.kind === 'table' || carries.kind === 'step') && slide) {
    const most = edgeLoad(slide.rating, laid.travel, laid.depth);
    note('runs', carries.edge > most ? 'hits' : carries.edge > 0.8 * most ? 'tight' : 'clear', `At its outer edge its slides carry ${massMark(most)}, drawn out fully; ${massMark(carries.edge)} is asked of it${carries.edge > most ? ': take stronger slides, let it come out less far, or give it a leg' : ''}.`);
    if (carries.kind === 'step')
      note('caution', 'tight', 'Who stands on a step stands on its edge: let it lock when it is out, give it a rough face, and try it low down first.');
  }
  return found;
} // prettier-ignore

/** Raised over what it meets beneath its box, where that is low enough. */
function raised(pullout: Pullout, check: MoverCheck, place: PartPlace, met: Body): Proposal | undefined {
  const [worst] = check.encounters;
  if (!worst || worst.verdict !== 'hits' || !/\/(box|slides|content-\d+)$/.test(worst.moving))
    return undefined;
  const { drawers } = layBank(asDrawer(pullout), place);
  const at = boundsIn(frameOf(place.carcass), met);
  if (!at) return undefined;
  const by = at.z[1] + worst.needed - drawers[0]!.box.z[0];
  // What stands high beside its way is no lip.
  if (by <= 0 || by > MOST_RAISED) return undefined;
  const mm = Math.ceil(pullout.box.under.mm + by);
  // Where it cannot go up so far, that is no cure.
  if (refuse({ ...pullout, box: { ...pullout.box, under: { mm } } }, place).length > 0) return undefined;
  return {
    words: `raise it to ${lengthMark(mm, 'least')} above the foot of its place`,
    changes: [{ path: ['box', 'under'], before: pullout.box.under, after: { mm } }],
  };
}
/** A lip is not higher than this over what runs above it, mm. */
const MOST_RAISED = 250;

export const PULLOUT: Family<Pullout> = {
  word: 'pull-out',
  add: 'A pull-out',
  mover: 'pull-out',
  piece: 'Front',
  fields: pulloutFields,
  fresh: (id, name, place, bay, behind = false) => {
    const made = freshPullout(id, name, place, bay);
    const fronted = behind ? { ...made, fit: USUAL_DRAWER_FIT.none, handle: null } : made;
    return firstBuildable(onRuns(fronted), (pullout) => refuse(pullout, place));
  },
  refuse,
  build,
  mirror: (pullout, place) => {
    const { width, opening } = layBank(asDrawer(pullout), place);
    return mirrored(pullout, width, [opening.inside.left, opening.inside.right]);
  },
  sizes: (pullout, place) => drawerSizes(asDrawer(pullout), place, pulloutInnards(pullout, place)),
  takes: (pullout, place) => {
    const { length } = layBank(asDrawer(pullout), place);
    return pullout.runs.kind === 'wooden runners' || length === undefined
      ? []
      : [{ hardware: pullout.runs.hardware, count: 1, length }];
  },
  notes,
  rests: (pullout, place) => drawerRests(asDrawer(pullout), place),
  advise: (pullout, check, place, met) =>
    (met && raised(pullout, check, place, met)) ?? adviseDrawer(asDrawer(pullout), check, place, met),
};
