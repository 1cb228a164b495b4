import type { Point2, Traced } from '@tarnpass/core';
import DxfParser, { type IEntity } from 'dxf-parser';

/** mm for one unit of a drawing, by its header's $INSUNITS. */
const UNITS: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };
/** Steps in which a bend is taken, radians. */
const STEP = Math.PI / 60;

interface Vertex {
  readonly x: number;
  readonly y: number;
  readonly bulge?: number;
}

/** The lines of a DXF drawing that an outline may be made of. Throws with a sentence where it is no DXF. */
export function traceDxf(text: string): Traced {
  let drawing;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch {
    drawing = null;
  }
  if (!drawing || !Array.isArray(drawing.entities))
    throw new Error('This is no DXF drawing that can be read.');
  const lines: { points: Point2[]; closed: boolean }[] = [];
  const ignored: Record<string, number> = {};
  for (const entity of drawing.entities) {
    const line = lineOf(entity);
    if (line) lines.push(line);
    else ignored[entity.type.toLowerCase()] = (ignored[entity.type.toLowerCase()] ?? 0) + 1;
  }
  const unit = UNITS[Number(drawing.header?.['$INSUNITS'])];
  return { lines, ignored, unit };
}

function lineOf(entity: IEntity): { points: Point2[]; closed: boolean } | undefined {
  const one = entity as unknown as {
    type: string;
    vertices?: Vertex[];
    shape?: boolean;
    center?: Vertex;
    radius?: number;
    startAngle?: number;
    endAngle?: number;
  };
  switch (one.type) {
    case 'LINE':
    case 'LWPOLYLINE':
    case 'POLYLINE': {
      const vertices = one.vertices ?? [];
      if (vertices.length < 2) return undefined;
      const closed = one.shape === true;
      const ends = closed ? [...vertices, vertices[0]!] : vertices;
      return {
        points: ends.flatMap((vertex, i) => (i === 0 ? [pointOf(vertex)] : bent(ends[i - 1]!, vertex))),
        closed,
      };
    }
    case 'CIRCLE':
      return { points: round(one.center!, one.radius!, 0, 2 * Math.PI), closed: true };
    case 'ARC': {
      const [from, to] = [one.startAngle!, one.endAngle!];
      return {
        points: round(one.center!, one.radius!, from, to > from ? to : to + 2 * Math.PI),
        closed: false,
      };
    }
    default:
      return undefined;
  }
}

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
