import { colour } from '../theme/palette';

/** The eight uneven corners of a mover's mark, for a stone 22 across. */
const CORNERS: readonly (readonly [number, number])[] = [
  [-4.5, -10.6], [5.2, -10], [10.4, -4.4], [10.8, 4.8], [4.6, 10.7], [-5, 10.2], [-10.7, 4.2], [-10.2, -5.2],
]; // prettier-ignore

/** A mover's mark on strip, sheet and card: a stone with its letter; filled where it is selected. */
export function Stone({ x, y, letter, filled }: { x: number; y: number; letter: string; filled: boolean }) {
  return (
    <g transform={`translate(${x} ${y})`} aria-hidden="true" pointerEvents="none">
      <polygon
        points={CORNERS.map((corner) => corner.join(',')).join(' ')}
        fill={filled ? colour('tarn') : colour('paper')}
        stroke={colour('tarn')}
        strokeWidth={1.4}
      />
      <text
        textAnchor="middle"
        y={4.8}
        fontSize={14}
        fontWeight={700}
        fill={filled ? colour('onTarn') : colour('tarn')}
        style={{ userSelect: 'none' }}
      >
        {letter}
      </text>
    </g>
  );
}
