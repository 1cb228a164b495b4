import { formatLength, type Nearest, type Units } from '@tarnpass/core';
import { colour } from '../theme/palette';
import { SvgLength } from '../ui/LengthText';
import type { SheetFrame } from './frame';

/** The nearest points tied with a line between two rings, and their distance on a tag. */
export function NearestTie({ nearest, frame, units }: { nearest: Nearest; frame: SheetFrame; units: Units }) {
  const { clearance, onMover, onStill } = nearest.witness;
  const a = frame.put(onMover);
  const b = frame.put(onStill);
  const hits = clearance <= 0;
  const text = hits ? 'hits' : formatLength(clearance, units);
  const width = text.length * 9 + 14;
  const x = (a[0] + b[0]) / 2;
  const y = (a[1] + b[1]) / 2 - 26;
  const fill = hits ? colour('heather') : colour('ink');
  return (
    <g aria-hidden="true" pointerEvents="none" data-testid="nearest">
      <line x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} stroke={fill} strokeWidth={1.4} />
      <line
        x1={x}
        y1={y + 12}
        x2={(a[0] + b[0]) / 2}
        y2={(a[1] + b[1]) / 2 - 5}
        stroke={fill}
        strokeWidth={0.8}
      />
      {[a, b].map(([cx, cy], i) => (
        <circle key={i} cx={cx} cy={cy} r={4} fill={colour('paper')} stroke={fill} strokeWidth={1.6} />
      ))}
      <rect x={x - width / 2} y={y - 12} width={width} height={24} rx={2} fill={fill} />
      <text x={x} y={y + 5.5} textAnchor="middle" fontSize={16} fontWeight={700} fill={colour('paper')}>
        {hits ? text : <SvgLength mm={clearance} units={units} size={16} />}
      </text>
    </g>
  );
}
