import type { Point2, Traced } from '@tarnpass/core';
import { parseString, type DxfDrawing, type DxfEntity, type DxfVertex } from 'dxf';
import { arcPoints, strayIn } from './curves';

/** mm for one unit of a drawing, by its header's $INSUNITS. */
const UNITS: Readonly<Record<number, number>> = {
  1: 25.4,
  2: 304.8,
  4: 1,
  5: 10,
  6: 1000,
  10: 914.4,
  14: 100,
};
const NO_DXF = 'This is no DXF drawing that can be read.';
/** A normal so far off the upright is none of a plan. */
const TILTED = 1e-6;

type Vertex = Pick<DxfVertex, 'x' | 'y' | 'bulge'>;

/** The lines of a DXF drawing that an outline may be made of. Throws with a sentence where it is no DXF, or is cut off before any. */
export function traceDxf(text: string): Traced {
  const drawing = parsed(text);
  const stray = strayIn(drawing.entities.flatMap(extentOf));
  const off = layersOff(drawing);
  const lines: { points: Point2[]; closed: boolean }[] = [];
  const ignored: Record<string, number> = {};
  for (const entity of drawing.entities) {
    const why = hidden(entity, off) ?? (tilted(entity) ? `tilted ${entity.type.toLowerCase()}` : undefined);
    const line = why === undefined ? lineOf(entity, stray) : undefined;
    if (line) lines.push(line);
    else {
      const kind = why ?? entity.type.toLowerCase();
      ignored[kind] = (ignored[kind] ?? 0) + 1;
    }
  }
  if (!drawing.whole) {
    if (lines.length === 0)
      throw new Error('This drawing is cut off: its end is missing, and there is no whole line before that.');
    ignored['end that is cut off'] = 1;
  }
  return { lines, ignored, unit: UNITS[Number(drawing.header.insUnits)] };
}

/** What the package reads; a drawing that is cut off is given the end it lacks, so that what is whole in it is read. */
function parsed(text: string): DxfDrawing & { readonly whole: boolean } {
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

/** Layers that are frozen (bit 1 of their flags) or turned off (a colour below 0): nobody sees what is on them. */
function layersOff({ tables }: DxfDrawing): ReadonlySet<string> {
  const layers = Object.values(tables?.layers ?? {});
  return new Set(
    layers
      .filter(({ flags, colorNumber }) => (Number(flags ?? 0) & 1) === 1 || Number(colorNumber ?? 7) < 0)
      .map(({ name }) => name),
  );
}

function hidden({ visible, layer, paperSpace }: DxfEntity, off: ReadonlySet<string>): string | undefined {
  if (visible === false) return 'hidden entity';
  if (paperSpace) return 'entity of a print layout';
  return layer !== undefined && off.has(layer) ? 'entity on a layer that is off' : undefined;
}

/** Seen from below (a normal of 0, 0, -1) an entity's own x runs the other way; those between are no plan. Lines have no own x. */
const mirrored = ({ type, extrusionZ }: DxfEntity): boolean => type !== 'LINE' && Number(extrusionZ ?? 1) < 0;

const tilted = ({ type, extrusionX, extrusionY }: DxfEntity): boolean =>
  type !== 'LINE' && Math.hypot(Number(extrusionX ?? 0), Number(extrusionY ?? 0)) > TILTED;

function extentOf({ vertices = [], start, end, x, y, r = 0 }: DxfEntity): Point2[] {
  const round = [x, y].every(Number.isFinite) ? [-r, r].map((by): Point2 => [x! + by, y! + by]) : [];
  return [
    ...[...vertices, ...(start ? [start] : []), ...(end ? [end] : [])].filter(sound).map(pointOf),
    ...round,
  ];
}

function lineOf(entity: DxfEntity, stray: number): { points: Point2[]; closed: boolean } | undefined {
  const line = ownLineOf(entity, stray);
  return line && mirrored(entity) ? { ...line, points: line.points.map(([x, y]): Point2 => [-x, y]) } : line;
}

/** In the entity's own plane. */
function ownLineOf(entity: DxfEntity, stray: number): { points: Point2[]; closed: boolean } | undefined {
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
        points: ends.flatMap((vertex, i) =>
          i === 0 ? [pointOf(vertex)] : bent(ends[i - 1]!, vertex, stray),
        ),
        closed,
      };
    }
    case 'CIRCLE':
    case 'ARC': {
      if (x === undefined || y === undefined || !(r! > 0)) return undefined;
      const [from, to] = entity.type === 'ARC' ? [entity.startAngle, entity.endAngle] : [0, 2 * Math.PI];
      if (from === undefined || to === undefined) return undefined;
      const until = to > from ? to : to + 2 * Math.PI;
      return { points: arcPoints([x, y], r!, from, until, stray), closed: entity.type === 'CIRCLE' };
    }
    default:
      return undefined;
  }
}

const sound = ({ x, y }: Vertex): boolean => Number.isFinite(x) && Number.isFinite(y);
const pointOf = ({ x, y }: Vertex): Point2 => [x, y];

/** From one corner of a polyline to the next: straight, or round a bulge, which is the tangent of a quarter of the arc's turn. */
function bent(from: Vertex, to: Vertex, stray: number): Point2[] {
  const bulge = from.bulge ?? 0;
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const long = Math.hypot(dx, dy);
  if (bulge === 0 || long === 0) return [pointOf(to)];
  const turn = 4 * Math.atan(bulge);
  const radius = long / (2 * Math.sin(turn / 2));
  const out = radius * Math.cos(turn / 2);
  const centre: Point2 = [from.x + dx / 2 - (out * dy) / long, from.y + dy / 2 + (out * dx) / long];
  const start = Math.atan2(from.y - centre[1], from.x - centre[0]);
  return arcPoints(centre, Math.abs(radius), start, start + turn, stray).slice(1);
}
