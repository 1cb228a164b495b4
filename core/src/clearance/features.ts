import type { Convex } from '../solid/convex';
import type { Separation } from './separation';

/**
 * Distance of two convex pieces that are apart, by comparing every corner with every face and every edge with every
 * edge. Slow and sure: the search's referee, and its stand-in where faces nearly in touch make it stall.
 * The supporting planes across the found direction give the proven bound.
 */
export function closestByFeatures(
  a: Convex,
  atA: Float64Array,
  b: Convex,
  atB: Float64Array,
  out: Separation,
): Separation {
  const axis = Float64Array.from(out.normal);
  const alongAxis = gapAlong(atA, atB, axis);
  out.value = Infinity;
  cornersToFaces(atA, b, atB, out, false);
  cornersToFaces(atB, a, atA, out, true);
  for (const [p, q] of edgesOf(a)) for (const [r, s] of edgesOf(b)) edgeToEdge(atA, p, q, atB, r, s, out);
  if (out.value > 0) {
    for (let k = 0; k < 3; k += 1) out.normal[k] = (out.onFirst[k]! - out.onSecond[k]!) / out.value;
    out.lower = gapAlong(atA, atB, out.normal);
  } else out.lower = -Infinity;
  if (alongAxis > out.lower) {
    out.normal.set(axis);
    out.lower = alongAxis;
  }
  return out;
}

function gapAlong(atA: Float64Array, atB: Float64Array, n: Float64Array): number {
  let least = Infinity;
  let most = -Infinity;
  for (let i = 0; i < atA.length; i += 3)
    least = Math.min(least, n[0]! * atA[i]! + n[1]! * atA[i + 1]! + n[2]! * atA[i + 2]!);
  for (let i = 0; i < atB.length; i += 3)
    most = Math.max(most, n[0]! * atB[i]! + n[1]! * atB[i + 1]! + n[2]! * atB[i + 2]!);
  return least - most;
}

function* edgesOf({ faces }: Convex): Generator<[number, number]> {
  for (const face of faces) {
    for (let i = 0; i < face.length; i += 1) {
      const from = face[i]!;
      const to = face[(i + 1) % face.length]!;
      if (from < to) yield [from, to]; // each edge bounds two faces, once in each sense
    }
  }
}

function keep(first: readonly number[], second: readonly number[], swapped: boolean, out: Separation): void {
  const d = Math.hypot(first[0]! - second[0]!, first[1]! - second[1]!, first[2]! - second[2]!);
  if (d < out.value) {
    out.value = d;
    out.onFirst.set(swapped ? second : first);
    out.onSecond.set(swapped ? first : second);
  }
}

const point = (at: Float64Array, i: number): [number, number, number] => [
  at[3 * i]!,
  at[3 * i + 1]!,
  at[3 * i + 2]!,
];
const less = (a: readonly number[], b: readonly number[]) => [a[0]! - b[0]!, a[1]! - b[1]!, a[2]! - b[2]!];
const dot = (a: readonly number[], b: readonly number[]) => a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;
const cross = (a: readonly number[], b: readonly number[]) => [
  a[1]! * b[2]! - a[2]! * b[1]!,
  a[2]! * b[0]! - a[0]! * b[2]!,
  a[0]! * b[1]! - a[1]! * b[0]!,
];

function cornersToFaces(
  atP: Float64Array,
  solid: Convex,
  atF: Float64Array,
  out: Separation,
  swapped: boolean,
): void {
  for (const face of solid.faces) {
    const origin = point(atF, face[0]!);
    const normal = cross(less(point(atF, face[1]!), origin), less(point(atF, face[2]!), origin));
    const size2 = dot(normal, normal);
    for (let i = 0; i < atP.length / 3; i += 1) {
      const p = point(atP, i);
      const height = dot(normal, less(p, origin)) / size2;
      const foot = [p[0] - height * normal[0]!, p[1] - height * normal[1]!, p[2] - height * normal[2]!];
      const within = face.every((from, k) => {
        const start = point(atF, from);
        const side = less(point(atF, face[(k + 1) % face.length]!), start);
        return dot(cross(side, less(foot, start)), normal) >= 0;
      });
      if (within) keep(p, foot, swapped, out);
    }
  }
}

/** @source Ericson, Real-Time Collision Detection, 2005, closest points of two segments */
function edgeToEdge(
  atA: Float64Array,
  p: number,
  q: number,
  atB: Float64Array,
  r: number,
  s: number,
  out: Separation,
): void {
  const p1 = point(atA, p);
  const p2 = point(atB, r);
  const d1 = less(point(atA, q), p1);
  const d2 = less(point(atB, s), p2);
  const gap = less(p1, p2);
  const a = dot(d1, d1);
  const e = dot(d2, d2);
  const f = dot(d2, gap);
  const c = dot(d1, gap);
  const b = dot(d1, d2);
  const area = a * e - b * b;
  const clamp = (x: number) => Math.min(1, Math.max(0, x));
  let u = area > 1e-14 * a * e ? clamp((b * f - c * e) / area) : 0;
  let w = (b * u + f) / e;
  if (w < 0) {
    w = 0;
    u = clamp(-c / a);
  } else if (w > 1) {
    w = 1;
    u = clamp((b - c) / a);
  }
  keep(
    p1.map((x, k) => x + u * d1[k]!),
    p2.map((x, k) => x + w * d2[k]!),
    false,
    out,
  );
}
