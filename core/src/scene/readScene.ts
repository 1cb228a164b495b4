import * as v from 'valibot';
import type { Issue } from '../item/issue';
import { plainSentence } from '../item/plainSentence';
import { LONGEST_MM } from '../length/length';
import { cupHingeMotion } from '../motion/cupHinge';
import { knotsOfTable, ratio, table } from '../motion/drive';
import { fourBarMotions } from '../motion/fourBar';
import { AT_REST, carried, chain, type Motion } from '../motion/motion';
import { squareTo } from '../motion/squareTo';
import { trackMotion } from '../motion/track';
import type { Convex } from '../solid/convex';
import { halfSpace, type Solid } from '../solid/halfSpace';
import { hull } from '../solid/hull';
import { holeFault, outlineFault, prismPieces, signedArea } from '../solid/outline';
import { box, type Point2, type Point3 } from '../solid/prism';
import type { Body, Mover, MovingBody, Scene } from './scene';
import {
  MOST_PIECES,
  SCENE_FORMAT,
  SCENE_VERSION,
  SceneFileSchema,
  type JointSpec,
  type PieceSpec,
  type SceneFile,
} from './schema';

export type SceneRead =
  { readonly ok: true; readonly scene: Scene } | { readonly ok: false; readonly issues: readonly Issue[] };

/** What is wrong with a part of a scene that has the right shape, thrown up to where the path is known. */
class Unbuildable extends Error {
  constructor(
    readonly path: Issue['path'],
    message: string,
  ) {
    super(message);
  }
}

/** Read a scene file from parsed JSON, and build it. What cannot be built is told with its path. */
export function readScene(raw: unknown): SceneRead {
  const version = (raw as Record<string, unknown> | null)?.['version'];
  if (typeof version === 'number' && version > SCENE_VERSION) {
    const message = `This file is of format version ${version}; this Tarnpass reads scenes up to version ${SCENE_VERSION}.`;
    return { ok: false, issues: [{ path: ['version'], message }] };
  }
  const read = v.safeParse(SceneFileSchema, raw);
  if (!read.success) {
    const issues = read.issues.map((issue) => ({
      path: (issue.path ?? []).map(({ key }) => (typeof key === 'number' ? key : String(key))),
      message: plainSentence(issue),
    }));
    return { ok: false, issues };
  }
  try {
    return { ok: true, scene: build(read.output) };
  } catch (error) {
    if (error instanceof Unbuildable)
      return { ok: false, issues: [{ path: error.path, message: error.message }] };
    throw error;
  }
}

/** Whether parsed JSON means to be a scene file. */
export const isSceneFile = (raw: unknown): boolean =>
  typeof raw === 'object' && raw !== null && (raw as Record<string, unknown>)['format'] === SCENE_FORMAT;

function build(file: SceneFile): Scene {
  const seen = new Set<string>();
  const take = (id: string, path: Issue['path']) => {
    if (seen.has(id)) throw new Unbuildable([...path, 'id'], `Two bodies have the id “${id}”.`);
    seen.add(id);
  };
  let pieces = 0;
  const counted = <P extends Solid>(built: P[]): P[] => {
    pieces += built.length;
    if (pieces > MOST_PIECES)
      throw new Unbuildable(['bodies'], `A scene may have up to ${MOST_PIECES} convex pieces.`);
    return built;
  };
  const still = file.bodies.map(({ id, name, pieces: specs }, i): Body => {
    take(id, ['bodies', i]);
    const built = specs.flatMap((spec, k) => piecesOf(spec, ['bodies', i, 'pieces', k]));
    return { id, name: name ?? id, item: id, pieces: counted(built) };
  });
  const moverIds = new Set<string>();
  const movers = file.movers.map((mover, m): Mover => {
    const path = ['movers', m];
    if (moverIds.has(mover.id))
      throw new Unbuildable([...path, 'id'], `Two movers have the id “${mover.id}”.`);
    moverIds.add(mover.id);
    const motions = motionsOf(mover, path);
    const bodies = mover.bodies.map(({ id, name, pieces: specs }, i): MovingBody => {
      take(id, [...path, 'bodies', i]);
      const built = specs.flatMap((spec, k) => convexPiecesOf(spec, [...path, 'bodies', i, 'pieces', k]));
      return { id, name: name ?? id, item: mover.id, pieces: counted(built), motion: motions[i]! };
    });
    const { from, to, contacts, unit, needs } = mover;
    return {
      id: mover.id,
      item: mover.id,
      name: mover.name ?? mover.id,
      unit,
      from,
      to,
      bodies,
      contacts,
      needs: { around: needs.around, of: needs.of ?? {} },
    };
  });
  refuseUnknownTouches(file);
  return { still, movers };
}

function piecesOf(spec: PieceSpec, path: Issue['path']): Solid[] {
  return spec.kind === 'half-space' ? [halfSpace(spec.point, spec.out)] : convexPiecesOf(spec, path);
}

const PLANES: Record<'x' | 'y' | 'z', (p: Point2, along: number) => Point3> = {
  x: ([y, z], x) => [x, y, z],
  y: ([z, x], y) => [x, y, z],
  z: ([x, y], z) => [x, y, z],
};

function convexPiecesOf(spec: PieceSpec, path: Issue['path']): Convex[] {
  switch (spec.kind) {
    case 'half-space':
      throw new Unbuildable([...path, 'kind'], 'A half-space cannot move.');
    case 'box':
      spec.least.forEach((least, axis) => {
        if (!(spec.most[axis]! > least))
          throw new Unbuildable([...path, 'most', axis], 'A box needs a thickness along each axis.');
      });
      return [box(spec.least, spec.most)];
    case 'hull':
      return [attempt([...path, 'points'], () => hull(spec.points))];
    case 'prism': {
      if (!(spec.to > spec.from))
        throw new Unbuildable(
          [...path, 'to'],
          'A prism needs a thickness: its end must lie beyond its start.',
        );
      [spec.outline, ...spec.holes].forEach((ring, k) => {
        const fault = outlineFault(ring);
        if (fault)
          throw new Unbuildable(
            [...path, ...(k === 0 ? ['outline', fault.at] : ['holes', k - 1, fault.at])],
            fault.message,
          );
      });
      const across = holeFault(spec.outline, spec.holes);
      if (across) throw new Unbuildable([...path, 'holes', across.hole, across.at], across.message);
      const outline = signedArea(spec.outline) > 0 ? spec.outline : [...spec.outline].reverse();
      return attempt(path, () =>
        prismPieces(outline, spec.holes, (point, end) =>
          PLANES[spec.axis](point, end === 0 ? spec.from : spec.to),
        ),
      );
    }
  }
}

/** The motion of each body of a mover: its own joints, on those of the bodies that carry it. */
function motionsOf({ bodies, from, to }: SceneFile['movers'][number], path: Issue['path']): Motion[] {
  const own = bodies.map(({ joints }, i) =>
    joints.reduce<Motion>((motion, joint, k) => {
      const here = attempt([...path, 'bodies', i, 'joints', k], () => jointMotion(joint, from, to));
      return motion === AT_REST ? here : carried(motion, here);
    }, AT_REST),
  );
  const whole = (i: number, above: readonly number[]): Motion => {
    const { parent } = bodies[i]!;
    if (parent === undefined) return own[i]!;
    const at = bodies.findIndex(({ id }) => id === parent);
    if (at < 0)
      throw new Unbuildable([...path, 'bodies', i, 'parent'], `This mover has no body “${parent}”.`);
    if (at === i || above.includes(at))
      throw new Unbuildable([...path, 'bodies', i, 'parent'], 'These bodies carry each other in a loop.');
    const carrier = whole(at, [...above, i]);
    return own[i] === AT_REST ? carrier : carried(carrier, own[i]!);
  };
  return bodies.map((_, i) => whole(i, []));
}

function jointMotion(joint: JointSpec, from: number, to: number): Motion {
  switch (joint.kind) {
    case 'turn':
    case 'slide': {
      const { drive, ...bare } = joint;
      const fault = wayFault(joint, from, to);
      if (fault) throw new Error(fault);
      const [how, knots] =
        'table' in drive ? [table(drive.table), knotsOfTable(drive.table)] : [ratio(drive.ratio), []];
      return chain([{ joint: bare, drive: how }], knots);
    }
    case 'four-bar':
      return fourBarMotions(joint, from, to)[joint.link];
    case 'track':
      return trackMotion(joint, from, to);
    case 'cup hinge': {
      const { origin, x, plate, cup, sense } = joint;
      const y = squareTo(joint.y, x, 'The x and y of the hinge must be square to each other.');
      const axis: Point3 = [x[1] * y[2] - x[2] * y[1], x[2] * y[0] - x[0] * y[2], x[0] * y[1] - x[1] * y[0]];
      const place = (u: number, w: number): Point3 => [
        origin[0] + u * x[0] + w * y[0],
        origin[1] + u * x[1] + w * y[1],
        origin[2] + u * x[2] + w * y[2],
      ];
      return cupHingeMotion({ plate, cup, opens: (to * 180) / Math.PI }, place, axis, sense, from, to);
    }
  }
}

/** Turned farther than this a figure is no travel of fitted storage: is the unit right? */
const MOST_TURN = 200 * Math.PI;

/** Why a joint goes farther than anything here can; undefined where it does not. */
function wayFault(joint: Extract<JointSpec, { kind: 'turn' | 'slide' }>, from: number, to: number) {
  const drive = joint.drive;
  const values =
    'table' in drive
      ? [from, to, ...drive.table.map(([travel]) => travel).filter((t) => t > from && t < to)].map(
          table(drive.table).value,
        )
      : [drive.ratio * from, drive.ratio * to];
  const most = joint.kind === 'slide' ? LONGEST_MM : MOST_TURN;
  if (values.every((value) => Math.abs(value) <= most)) return undefined;
  return joint.kind === 'slide'
    ? 'This slides over 20 m: is the unit right?'
    : 'This turns more than a hundred times round: is the unit right?';
}

/** Meant touches name bodies of the scene, one of them of the mover itself. */
function refuseUnknownTouches(file: SceneFile): void {
  const all = new Set([...file.bodies, ...file.movers.flatMap(({ bodies }) => bodies)].map(({ id }) => id));
  file.movers.forEach(({ id, bodies, contacts }, m) =>
    contacts.forEach(({ moving, still }, c) => {
      const path = ['movers', m, 'contacts', c];
      const unknown = [moving, still].findIndex((named) => !all.has(named));
      if (unknown >= 0)
        throw new Unbuildable(
          [...path, unknown === 0 ? 'moving' : 'still'],
          `The scene has no body “${[moving, still][unknown]}”.`,
        );
      if (!bodies.some((body) => body.id === moving || body.id === still))
        throw new Unbuildable([...path, 'moving'], `Neither of these bodies is of “${id}”.`);
    }),
  );
}

/** A part's own refusal, with the path to the part. */
function attempt<T>(path: Issue['path'], act: () => T): T {
  try {
    return act();
  } catch (error) {
    throw error instanceof Unbuildable ? error : new Unbuildable(path, (error as Error).message);
  }
}
