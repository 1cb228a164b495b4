import type { Units } from '@tarnpass/core';
import { colour } from '../theme/palette';

/** Lengths a scale bar may have, mm and how they read. */
const LENGTHS: Record<Units['system'], readonly (readonly [number, string])[]> = {
  mm: [
    [10, '10 mm'],
    [50, '50 mm'],
    [100, '100 mm'],
    [500, '500 mm'],
    [1000, '1 m'],
    [5000, '5 m'],
  ],
  in: [
    [25.4, '1 in'],
    [101.6, '4 in'],
    [304.8, '1 ft'],
    [609.6, '2 ft'],
    [1828.8, '6 ft'],
    [6096, '20 ft'],
  ],
};
const WIDEST = 130;

/** A bar of five black and white parts, as long as fits, with what it measures. */
export function ScaleBar({
  right,
  y,
  scale,
  system,
}: {
  right: number;
  y: number;
  scale: number;
  system: Units['system'];
}) {
  const [mm, text] =
    [...LENGTHS[system]].reverse().find(([length]) => length * scale <= WIDEST) ?? LENGTHS[system][0]!;
  const length = mm * scale;
  const x = right - length - 62;
  return (
    <g aria-hidden="true">
      <rect x={x - 6} y={y - 16} width={length + 74} height={24} fill={colour('paper')} opacity={0.85} />
      {[0, 1, 2, 3, 4].map((i) => (
        <rect
          key={i}
          x={x + (i * length) / 5}
          y={y - 7}
          width={length / 5}
          height={7}
          fill={i % 2 === 0 ? colour('ink') : colour('paper')}
          stroke={colour('ink')}
          strokeWidth={1}
        />
      ))}
      <text x={x + length + 8} y={y} fontSize={15} fill={colour('ink2')}>
        {text}
      </text>
    </g>
  );
}
