import type { MoverCheck } from '../clearance/checkMover';
import type { Encounter } from '../clearance/encounter';
import { capitalised } from '../item/capitals';
import { lengthMark, sayLengths } from '../length/lengthMark';
import type { Role } from '../piece/piece';
import { partBuilt } from '../plan/place';
import { carcassPieces } from '../plan/still';
import type { Plan } from '../plan/schema';
import { bodyOf, partsOfMover, type Mover, type Scene } from '../scene/scene';
import { meetingKey, type NoteFinding } from './records';
import { travelText } from './words';

/**
 * Gaps that two edges leave as they pass each other, mm, in which a hand or an arm is squeezed, and openings a child's finger goes into and
 * sticks in.
 *
 * @source European furniture safety standards, from memory: under 8 or over 25 between moving edges, no openings of 7 to 12 for fingers
 */
const SQUEEZES = [8, 25] as const;
const FINGER = [7, 12] as const;
/** At either end of a travel so much of it is its stop, where a leaf meets what it is to meet. */
const AT_END = 0.02;
const atStop = (share: number) => share < AT_END || share > 1 - AT_END;
/** And of a row of fronts so much is the shutting. */
const SHUTTING = 0.15;

/** What one sees and touches of what moves, and of what stands beside it. Handles have their own rule. */
const FACES: ReadonlySet<Role> = new Set<Role>(['leaf', 'front', 'panel', 'top', 'pane', 'stile', 'rail']);
const EDGES: ReadonlySet<Role> = new Set<Role>([
  ...FACES,
  'side',
  'bottom',
  'upright',
  'fixed shelf',
  'member',
  'end panel',
  'filler',
]);

/** Where two edges pass so that something is squeezed between them, and where a finger sticks in a gap of what is shut. */
export function squeezeFindings(plan: Plan, scene: Scene, checks: readonly MoverCheck[]): NoteFinding[] {
  const own = new Set(plan.parts.map(({ id }) => id));
  const movers = scene.movers.filter(({ item }) => own.has(item));
  if (movers.length === 0) return [];
  const roles = rolesOf(plan);
  return scene.movers.flatMap((mover, i) =>
    own.has(mover.item)
      ? checks[i]!.encounters.flatMap((encounter) => squeezeOf(plan, scene, mover, encounter, roles))
      : [],
  );
}

/** What everything of the plan is that a finding tells by name. */
function rolesOf(plan: Plan): ReadonlyMap<string, Role> {
  const links = [
    ...plan.carcasses.map((one) => carcassPieces(plan, one)),
    ...plan.parts.flatMap((part) => {
      const pieces = partBuilt(plan, part)?.pieces;
      return pieces ? [...pieces.moving, ...pieces.still] : [];
    }),
  ];
  const roles = new Map<string, Role>();
  for (const { pieces } of links)
    for (const { told, role } of pieces) if (!roles.has(told.key)) roles.set(told.key, role);
  return roles;
}

function squeezeOf(
  plan: Plan,
  scene: Scene,
  mover: Mover,
  { moving, still, least, verdict, contact }: Encounter,
  roles: ReadonlyMap<string, Role>,
): NoteFinding[] {
  const [own, other] = [roles.get(moving), roles.get(still)];
  if (!least || contact || verdict === 'hits' || own === undefined || !FACES.has(own)) return [];
  if (other === 'handle') return [];
  const { travel, clearance } = least.witness;
  const share = (travel - mover.from) / (mover.to - mover.from);
  const within = ([from, to]: readonly [number, number]) => least.lower >= from && clearance <= to;
  const body = bodyOf(scene, still);
  // Of its own row it comes by as it shuts: that is its stop, and the gap about it is the one that shows.
  const shut = body.row !== undefined && body.row === mover.needs.row?.of;
  if (
    shut
      ? share > SHUTTING || !(other && EDGES.has(other) && within(FINGER))
      : atStop(share) || !within(SQUEEZES)
  )
    return [];
  const frail = plan.users !== 'anyone';
  const named = partsOfMover(mover).find(({ id }) => id === moving)!;
  const gap = lengthMark(clearance);
  const said = shut
    ? `Shut, ${named.name} leaves a gap of ${gap} at ${body.name}: a child’s finger goes into ${lengthMark(FINGER[0])} to ${lengthMark(FINGER[1])} and sticks. Less or more will do.`
    : `${capitalised(named.name)} passes ${body.name} with ${gap} between them at ${mover.unit === 'mm' ? lengthMark(travel) : travelText(mover, travel, plan.units)}: between ${lengthMark(SQUEEZES[0])} and ${lengthMark(SQUEEZES[1])} a hand goes in and is squeezed. Less or more will do.`;
  const key = `squeeze|${meetingKey(mover.id, moving, still)}`;
  const taken = plan.taken[key];
  return [
    {
      about: 'squeeze',
      verdict: frail ? 'tight' : 'clear',
      key,
      item: mover.item,
      said,
      sentence: sayLengths(said, plan.units),
      taken: taken?.said === said ? { by: taken.by, why: taken.why } : undefined,
    },
  ];
}
