import type { Point2, Traced } from '@tarnpass/core';
import { DOMParser, type Element } from '@xmldom/xmldom';
import svgpath from 'svgpath';

const MM: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
  '': 25.4 / 96,
};
/** Steps that a curve is taken in. */
const STEPS = 24;
const DRAWN = new Set(['path', 'rect', 'polygon', 'polyline', 'line', 'circle', 'ellipse']);
const PASSED = new Set(['svg', 'g', 'defs', 'title', 'desc', 'style', 'metadata', 'switch', 'symbol']);

/** The lines of an SVG drawing that an outline may be made of, y upwards. Throws with a sentence where it is no SVG. */
export function traceSvg(text: string): Traced {
  const root = rootOf(text);
  const lines: { points: Point2[]; closed: boolean }[] = [];
  const ignored: Record<string, number> = {};
  const walk = (element: Element, transforms: readonly string[]) => {
    const own = element.getAttribute('transform');
    const all = own ? [...transforms, own] : transforms;
    const name = element.localName ?? '';
    if (DRAWN.has(name)) {
      const path = pathOf(element);
      const found = path ? linesOf(path, all) : [];
      if (found.length > 0) lines.push(...found);
      else ignored[name] = (ignored[name] ?? 0) + 1;
    } else if (PASSED.has(name)) {
      if (name !== 'defs' && name !== 'symbol') for (const child of childrenOf(element)) walk(child, all);
    } else ignored[name] = (ignored[name] ?? 0) + 1;
  };
  walk(root, []);
  return { lines, ignored, unit: unitOf(root) };
}

/** The root of an SVG text. A package reads it, since a worker, where no file can hold up the page, has no parser of its own. */
function rootOf(text: string): Element {
  let root: Element | null = null;
  try {
    // The first thing that is wrong ends it: half a drawing is none.
    root = new DOMParser({ onError: fail }).parseFromString(text, 'image/svg+xml').documentElement;
  } catch {
    // told below
  }
  if (root?.localName?.toLowerCase() !== 'svg') throw new Error('This is no SVG drawing that can be read.');
  return root;
}

function fail(level: 'warning' | 'error' | 'fatalError', message: string): void {
  if (level !== 'warning') throw new Error(message);
}

function* childrenOf(element: Element): Generator<Element> {
  for (let child = element.firstChild; child; child = child.nextSibling)
    if (child.nodeType === child.ELEMENT_NODE) yield child as Element;
}

/** mm for one user unit, from the size the drawing gives itself; undefined where it gives none in a real unit. */
function unitOf(root: Element): number | undefined {
  const [, size, unit = ''] = /^\s*([\d.]+)\s*([a-z]*)\s*$/i.exec(root.getAttribute('width') ?? '') ?? [];
  const box = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const by = MM[unit.toLowerCase()];
  if (!size || by === undefined) return undefined;
  const wide = box.length === 4 ? box[2]! : Number(size);
  return wide > 0 ? (Number(size) * by) / wide : undefined;
}

const number = (element: Element, name: string): number => Number(element.getAttribute(name) ?? 0) || 0;

function pathOf(element: Element): string | undefined {
  const get = (name: string) => number(element, name);
  switch (element.localName) {
    case 'path':
      return element.getAttribute('d') ?? undefined;
    case 'rect':
      return `M${get('x')} ${get('y')}h${get('width')}v${get('height')}h${-get('width')}z`;
    case 'line':
      return `M${get('x1')} ${get('y1')}L${get('x2')} ${get('y2')}`;
    case 'polygon':
    case 'polyline': {
      const points = (element.getAttribute('points') ?? '').trim();
      return points ? `M${points}${element.localName === 'polygon' ? 'z' : ''}` : undefined;
    }
    default: {
      const [rx, ry] = element.localName === 'circle' ? [get('r'), get('r')] : [get('rx'), get('ry')];
      const [cx, cy] = [get('cx'), get('cy')];
      return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0z`;
    }
  }
}

/** A path's own lines, transformed, its curves in short steps. */
function linesOf(d: string, transforms: readonly string[]): { points: Point2[]; closed: boolean }[] {
  let path = svgpath(d);
  for (const transform of [...transforms].reverse()) path = path.transform(transform);
  const lines: { points: Point2[]; closed: boolean }[] = [];
  let points: Point2[] = [];
  const end = (closed: boolean) => {
    if (points.length > 1) lines.push({ points, closed });
    points = [];
  };
  path
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _index, x, y) => {
      const [command, ...n] = segment as [string, ...number[]];
      const put = (px: number, py: number) => points.push([px, -py]);
      if (command === 'M') {
        end(false);
        put(n[0]!, n[1]!);
      } else if (command === 'L') put(n[0]!, n[1]!);
      else if (command === 'H') put(n[0]!, y);
      else if (command === 'V') put(x, n[0]!);
      else if (command === 'C' || command === 'Q') {
        for (let i = 1; i <= STEPS; i += 1) {
          const [px, py] =
            command === 'C' ? cubic([x, y, ...n], i / STEPS) : quadratic([x, y, ...n], i / STEPS);
          put(px, py);
        }
      } else if (command === 'Z') {
        const first = points[0];
        end(true);
        if (first) points = [first];
      }
    });
  end(false);
  return lines;
}

function cubic(n: readonly number[], t: number): Point2 {
  const at = (k: 0 | 1) =>
    (1 - t) ** 3 * n[k]! +
    3 * (1 - t) ** 2 * t * n[2 + k]! +
    3 * (1 - t) * t ** 2 * n[4 + k]! +
    t ** 3 * n[6 + k]!;
  return [at(0), at(1)];
}

function quadratic(n: readonly number[], t: number): Point2 {
  const at = (k: 0 | 1) => (1 - t) ** 2 * n[k]! + 2 * (1 - t) * t * n[2 + k]! + t ** 2 * n[4 + k]!;
  return [at(0), at(1)];
}
