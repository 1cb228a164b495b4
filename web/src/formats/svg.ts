import type { Point2, Traced } from '@tarnpass/core';
import { DOMParser, type Element } from '@xmldom/xmldom';
import svgpath from 'svgpath';
import { bezierPoints, strayIn } from './curves';
import { isHidden, styleOf, transformOf } from './svgStyle';
import { nestedView, rootView, unitOf, type Viewport } from './svgView';

const DRAWN = new Set(['path', 'rect', 'polygon', 'polyline', 'line', 'circle', 'ellipse']);
const PASSED = new Set(['svg', 'g', 'a', 'defs', 'title', 'desc', 'style', 'metadata', 'switch', 'symbol']);
const NEVER_SEEN = new Set(['defs', 'symbol', 'title', 'desc', 'metadata']);

/** A line as the drawing has it: runs of control points, each beginning where the one before ends. */
interface Curve {
  readonly runs: readonly (readonly Point2[])[];
  readonly closed: boolean;
}

/** The lines of an SVG drawing that an outline may be made of, y upwards. Throws with a sentence where it is no SVG. */
export function traceSvg(text: string): Traced {
  const root = rootOf(text);
  const curves: Curve[] = [];
  const ignored: Record<string, number> = {};
  const told = (what: string) => (ignored[what] = (ignored[what] ?? 0) + 1);
  const walk = (element: Element, transforms: readonly string[], around: Viewport) => {
    const name = element.localName ?? '';
    if (NEVER_SEEN.has(name)) return;
    if (name === 'style') {
      if (/\b(display|visibility|opacity|transform)\b/.test(element.textContent ?? ''))
        told('style sheet that hides or moves');
      return;
    }
    const style = styleOf(element);
    if (isHidden(element, style)) return told('hidden element');
    const moved = transformOf(element, style);
    if (moved === undefined) return told('element with a transform that cannot be read');
    const all = moved === '' ? [...transforms] : [...transforms, moved];
    if (DRAWN.has(name)) {
      const path = pathOf(element);
      const found = path ? curvesOf(path, all) : [];
      if (found.length > 0) curves.push(...found);
      else told(name);
    } else if (name === 'svg') {
      const own = element === root ? rootView(root) : nestedView(element, around);
      for (const child of childrenOf(element)) walk(child, [...all, ...own.transforms], own.viewport);
    } else if (PASSED.has(name)) for (const child of childrenOf(element)) walk(child, all, around);
    else told(name);
  };
  walk(root, [], { width: 100, height: 100 });
  const stray = strayIn(curves.flatMap(({ runs }) => runs.flat()));
  const lines = curves.map(({ runs, closed }) => ({
    closed,
    points: [
      runs[0]![0]!,
      ...runs.flatMap((run) => (run.length === 2 ? [run[1]!] : bezierPoints(run, stray))),
    ],
  }));
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

const number = (element: Element, name: string): number => Number(element.getAttribute(name) ?? 0) || 0;

function pathOf(element: Element): string | undefined {
  const get = (name: string) => number(element, name);
  switch (element.localName) {
    case 'path':
      return element.getAttribute('d') ?? undefined;
    case 'rect':
      return rectPath(element);
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

/** A rectangle, its corners round where it says so: a radius that is not given is as the other. */
function rectPath(element: Element): string {
  const [x, y, width, height] = (['x', 'y', 'width', 'height'] as const).map((name) =>
    number(element, name),
  ) as [number, number, number, number];
  const given = (name: 'rx' | 'ry') =>
    element.hasAttribute(name) ? Math.max(0, number(element, name)) : undefined;
  const rx = Math.min(given('rx') ?? given('ry') ?? 0, width / 2);
  const ry = Math.min(given('ry') ?? given('rx') ?? 0, height / 2);
  if (!(rx > 0 && ry > 0)) return `M${x} ${y}h${width}v${height}h${-width}z`;
  const arc = (dx: number, dy: number) => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
  return `M${x + rx} ${y}h${width - 2 * rx}${arc(rx, ry)}v${height - 2 * ry}${arc(-rx, ry)}h${2 * rx - width}${arc(-rx, -ry)}v${2 * ry - height}${arc(rx, -ry)}z`;
}

/** A path's own lines, transformed, their arcs as curves. */
function curvesOf(d: string, transforms: readonly string[]): Curve[] {
  let path = svgpath(d);
  for (const transform of [...transforms].reverse()) path = path.transform(transform);
  const curves: Curve[] = [];
  let runs: Point2[][] = [];
  const end = (closed: boolean) => {
    if (runs.length > 0) curves.push({ runs, closed });
    runs = [];
  };
  path
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _index, x, y) => {
      const [command, ...n] = segment as [string, ...number[]];
      const run = (...coordinates: number[]) => {
        const points: Point2[] = [[x, -y]];
        for (let i = 0; i < coordinates.length; i += 2) points.push([coordinates[i]!, -coordinates[i + 1]!]);
        runs.push(points);
      };
      if (command === 'M') end(false);
      else if (command === 'H') run(n[0]!, y);
      else if (command === 'V') run(x, n[0]!);
      else if (command === 'Z') end(true);
      else run(...n);
    });
  end(false);
  return curves;
}
