import { HAIR_WORDS, showLength, type Units } from '@tarnpass/core';

/** Figures of a fraction, as a share of the figures beside them. */
const SMALL = 0.74;

/** A length with its fraction set as one: figures of a tape, not of a typewriter. */
export function LengthText({
  mm,
  units,
  withUnit = false,
  inSum = false,
}: {
  mm: number;
  units: Units;
  withUnit?: boolean;
  /** A hair over or under is told by a word: a sign would be taken for one of the sum. */
  inSum?: boolean;
}) {
  const { sign, feet, whole, fraction, hair, mark, unit } = showLength(mm, units);
  const [top, bottom] = fraction.split('/');
  return (
    <span style={{ whiteSpace: 'nowrap' }}>
      {sign}
      {feet}
      {whole && <span style={{ marginLeft: feet ? '0.16em' : 0 }}>{whole}</span>}
      {fraction && (
        <span style={{ marginLeft: whole || feet ? '0.16em' : 0 }}>
          <span style={{ fontSize: `${SMALL}em`, position: 'relative', top: '-0.34em' }}>{top}</span>/
          <span style={{ fontSize: `${SMALL}em` }}>{bottom}</span>
        </span>
      )}
      {!inSum && hair}
      {mark}
      {inSum && HAIR_WORDS[hair]}
      {withUnit && unit}
    </span>
  );
}

/** The same inside a drawing's text. */
export function SvgLength({ mm, units, size }: { mm: number; units: Units; size: number }) {
  const { sign, feet, whole, fraction, hair, mark } = showLength(mm, units);
  const [top, bottom] = fraction.split('/');
  const lift = 0.26 * size;
  return (
    <>
      {sign}
      {feet}
      {whole && <tspan dx={feet ? 0.16 * size : 0}>{whole}</tspan>}
      {fraction && (
        <>
          <tspan dx={whole || feet ? 0.16 * size : 0} dy={-lift} fontSize={SMALL * size}>
            {top}
          </tspan>
          <tspan dy={lift}>/</tspan>
          <tspan fontSize={SMALL * size}>{bottom}</tspan>
        </>
      )}
      {hair}
      {mark}
    </>
  );
}
