import type { Units } from '@tarnpass/core';
import { colour } from '../theme/palette';
import { SvgLength } from '../ui/LengthText';

/** Figures of a dimension, px. */
const SIZE = 15;

interface Props {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly mm: number;
  readonly units: Units;
}

/** A dimension along a level or upright line, with oblique ticks and its figure on a halo in the middle. */
export function Dimension({ from, to, mm, units }: Props) {
  const upright = from[0] === to[0];
  const middle = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as const;
  const tick = ([x, y]: readonly [number, number]) => (
    <line x1={x - 5} y1={y + 5} x2={x + 5} y2={y - 5} stroke={colour('ink')} strokeWidth={1.6} />
  );
  return (
    <g>
      <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={colour('ink2')} strokeWidth={0.8} />
      {tick(from)}
      {tick(to)}
      <text
        textAnchor="middle"
        transform={`translate(${middle[0]} ${middle[1]})${upright ? ' rotate(-90)' : ''}`}
        y={5}
        fontSize={SIZE}
        fontWeight={500}
        fill={colour('ink')}
        stroke={colour('paper')}
        strokeWidth={6}
        paintOrder="stroke"
      >
        <SvgLength mm={mm} units={units} size={SIZE} />
      </text>
    </g>
  );
}
