import type { Point2, Traced } from '@tarnpass/core';
import { parseString, type DxfEntity, type DxfVertex } from 'dxf';

/** mm for one unit of a drawing, by its header's $INSUNITS. */
const UNITS: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };
const NO_DXF = 'This is no DXF drawing that can be read.';
/** Steps in which a bend is taken, radians. */
const STEP = Math.PI / 60;

type Vertex = Pick<DxfVertex, 'x' | 'y' | 'bulge'>;

/** The lines of a DXF drawing that an outline may be made of. Throws with a sentence where it is no DXF, or is cut off before any. */
export function traceDxf(text: string): Traced {
  const drawing = parsed(text);
  const lines: { points: Point2[]; closed: boolean }[] = [];
  const ignored: Record<string, number> = {};
  for (const entity of drawing.entities) {
    const line = lineOf(entity);
    if (line) lines.push(line);
    else ignored[entity.type.toLowerCase()] = (ignored[entity.type.toLowerCase()] ?? 0) + 1;
  }
  if (!drawing.whole) {
    if (lines.length === 0)
      throw new Error('This drawing is cut off: its end is missing, and there is no whole line before that.');
    ignored['end that is cut off'] = 1;
  }
  return { lines, ignored, unit: UNITS[Number(drawing.header.insUnits)] };
}

/** What the package reads; a drawing that is cut off is given the end it lacks, so that what is whole in it is read. */
function parsed(text: string): ReturnType<typeof parseString> & { readonly whole: boolean } {
  if (!/^\s*(999|0)\s*\r?\n/.test(text)) throw new Error(NO_DXF);
  const whole = /(^|\n)\s*0\s*\r?\n\s*EOF\s*$/.test(text.slice(-40));
  try {
    return { ...parseString(whole ? text : ended(text)), whole };
  } catch {
    throw new Error(NO_DXF);
  }
}

/** Code and value stand on a line each: a last code without its value goes. */
function ended(text: string): string {
  const lines = text.trimEnd().split('\n');
  return [...lines.slice(0, lines.length - (lines.length % 2)), '0', 'ENDSEC', '0', 'EOF', ''].join('\n');
}

function lineOf(entity: DxfEntity): { points: Point2[]; closed: boolean } | undefined {
  const { vertices = [], start, end, x, y, r } = entity;
  switch (entity.type) {
    case 'LINE':
      return start && end && sound(start) && sound(end)
        ? { points: [pointOf(start), pointOf(end)], closed: false }
        : undefined;
    case 'LWPOLYLINE':
    case 'POLYLINE': {
      if (vertices.length < 2 || !vertices.every(sound)) return undefined;
      const closed = entity.closed === true;
      const ends = closed ? [...vertices, vertices[0]!] : vertices;
      return {
        points: ends.flatMap((vertex, i) => (i === 0 ? [pointOf(vertex)] : bent(ends[i - 1]!, vertex))),
        closed,
      };
    }
    case 'CIRCLE':
    case 'ARC': {
      if (x === undefined || y === undefined || !(r! > 0)) return undefined;
      const [from, to] = entity.type === 'ARC' ? [entity.startAngle, entity.endAngle] : [0, 2 * Math.PI];
      if (from === undefined || to === undefined) return undefined;
      const until = to > from ? to : to + 2 * Math.PI;
      return { points: round({ x, y }, r!, from, until), closed: entity.type === 'CIRCLE' };
    }
    default:
      return undefined;
  }
}

const sound = ({ x, y }: Vertex): boolean => Number.isFinite(x) && Number.isFinite(y);
const pointOf = ({ x, y }: Vertex): Point2 => [x, y];

function round({ x, y }: Vertex, radius: number, from: number, to: number): Point2[] {
  const steps = Math.max(2, Math.ceil((to - from) / STEP));
  return Array.from({ length: steps + 1 }, (_, i): Point2 => {
    const angle = from + ((to - from) * i) / steps;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });
}

/** From one corner of a polyline to the next: straight, or round a bulge, which is the tangent of a quarter of the arc's turn. */
function bent(from: Vertex, to: Vertex): Point2[] {
  const bulge = from.bulge ?? 0;
  if (bulge === 0) return [pointOf(to)];
  const turn = 4 * Math.atan(bulge);
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const radius = Math.hypot(dx, dy) / (2 * Math.sin(turn / 2));
  const out = radius * Math.cos(turn / 2);
  const long = Math.hypot(dx, dy);
  const centre = { x: from.x + dx / 2 - (out * dy) / long, y: from.y + dy / 2 + (out * dx) / long };
  const start = Math.atan2(from.y - centre.y, from.x - centre.x);
  const steps = Math.max(2, Math.ceil(Math.abs(turn) / STEP));
  return Array.from({ length: steps }, (_, i): Point2 => {
    const angle = start + (turn * (i + 1)) / steps;
    return [centre.x + Math.abs(radius) * Math.cos(angle), centre.y + Math.abs(radius) * Math.sin(angle)];
  });
}
