import type { Units } from '@tarnpass/core';
import { colour } from '../theme/palette';
import { SvgLength } from '../ui/LengthText';

/** Figures of a dimension, px. */
const SIZE = 15;

/** A dimension of the sheet: between two px points level or upright, and what it measures. */
export interface Dim {
  readonly key: string;
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly mm: number;
  /** What it measures, for who types over it: "Width of the wardrobe". */
  readonly name: string;
}

interface Props extends Dim {
  readonly units: Units;
  /** Absent where the figure cannot be typed over. */
  onType?(at: readonly [number, number]): void;
}

export const isUpright = ({ from, to }: Pick<Dim, 'from' | 'to'>): boolean =>
  Math.abs(from[0] - to[0]) < 1e-6;

/** With oblique ticks and its figure on a halo in the middle; the figure is a button where it can be typed over. */
export function Dimension({ from, to, mm, name, units, onType }: Props) {
  const upright = isUpright({ from, to });
  const middle = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as const;
  const tick = ([x, y]: readonly [number, number]) => (
    <line x1={x - 5} y1={y + 5} x2={x + 5} y2={y - 5} stroke={colour('ink')} strokeWidth={1.6} />
  );
  const type = onType && (() => onType(middle));
  return (
    <g>
      <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={colour('ink2')} strokeWidth={0.8} />
      {tick(from)}
      {tick(to)}
      <g
        transform={`translate(${middle[0]} ${middle[1]})${upright ? ' rotate(-90)' : ''}`}
        {...(type && {
          role: 'button',
          tabIndex: 0,
          'aria-label': `${name}: type over it`,
          'data-handle': 'dimension',
          onClick: type,
          onKeyDown: (event: React.KeyboardEvent) => {
            if (event.key !== 'Enter' && event.key !== ' ') return;
            event.preventDefault();
            type();
          },
          style: { cursor: 'text' },
        })}
      >
        {type && <rect x={-26} y={-22} width={52} height={44} fill="transparent" />}
        <text
          textAnchor="middle"
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
        {type && <line x1={-18} x2={18} y1={9} y2={9} stroke={colour('ink')} strokeWidth={0.8} />}
      </g>
    </g>
  );
}
