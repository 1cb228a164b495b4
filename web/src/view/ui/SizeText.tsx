import type { Sizes, Units } from '@tarnpass/core';
import { LengthText } from './LengthText';

/** A size as builders write it: length by width by thickness. */
export function SizeText({
  size,
  units,
  withUnit = false,
}: {
  size: Sizes;
  units: Units;
  withUnit?: boolean;
}) {
  return (
    <>
      <LengthText mm={size.length.mm} units={units} /> × <LengthText mm={size.width.mm} units={units} /> ×{' '}
      <LengthText mm={size.thick.mm} units={units} {...(withUnit && { withUnit })} />
    </>
  );
}
