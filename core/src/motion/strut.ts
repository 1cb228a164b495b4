import type { Drive } from './drive';

/**
 * A strut between a fixed point and a point of a leaf that turns: in the plane across the axis, the leaf's point is
 * `leaf` from the axis, the fixed one `fixed`, and `between` is the angle between the two as built, growing as it opens.
 */
export interface Strut {
  readonly leaf: number;
  readonly fixed: number;
  readonly between: number;
}

const lengthAt = ({ leaf: r, fixed: f, between }: Strut, turn: number): number =>
  Math.sqrt(r * r + f * f - 2 * r * f * Math.cos(between + turn));

/** The shortest a strut gets over a stretch: at an end, or in line where the stretch passes that. */
function shortest(strut: Strut, from: number, to: number): number {
  const { between } = strut;
  const inLine = 2 * Math.PI * Math.ceil((between + from) / (2 * Math.PI));
  const ends = Math.min(lengthAt(strut, from), lengthAt(strut, to));
  return inLine <= between + to ? Math.min(ends, Math.abs(strut.leaf - strut.fixed)) : ends;
}

/** How long a strut is, mm, less as built; L' = r f sin / L, |L''| <= r f / L + (r f)^2 / L^3. */
export function strutReach(strut: Strut): Drive {
  const { leaf: r, fixed: f, between } = strut;
  const built = lengthAt(strut, 0);
  const rate = (turn: number) => (r * f * Math.sin(between + turn)) / lengthAt(strut, turn);
  return {
    key: `strut reach ${r} ${f} ${between}`,
    value: (turn) => lengthAt(strut, turn) - built,
    rate,
    over: (from, to) => {
      const least = shortest(strut, from, to);
      if (!(least > 0)) return { rate: Infinity, bend: Infinity };
      const bend = (r * f) / least + (r * f) ** 2 / least ** 3;
      // The ends of a strut part no faster than the slower of the two turns about the other.
      return { rate: Math.min(r, f, Math.abs(rate((from + to) / 2)) + (bend * (to - from)) / 2), bend };
    },
  };
}

/** How far a strut has turned about its fixed point, radians; a' = r (r - f cos) / L^2, a'' = r f sin (f^2 - r^2) / L^4. */
export function strutTurn(strut: Strut): Drive {
  const { leaf: r, fixed: f, between } = strut;
  // With the fixed point's direction as x, the leaf's point is at (r cos, r sin) and the strut from (f, 0) to it.
  const angle = (turn: number) => {
    const at = between + turn;
    return Math.atan2(r * Math.sin(at), r * Math.cos(at) - f);
  };
  const rate = (turn: number) => (r * (r - f * Math.cos(between + turn))) / lengthAt(strut, turn) ** 2;
  return {
    key: `strut turn ${r} ${f} ${between}`,
    value: (turn) => {
      const by = angle(turn) - angle(0);
      return by - 2 * Math.PI * Math.round((by - 0) / (2 * Math.PI));
    },
    rate,
    over: (from, to) => {
      const least = shortest(strut, from, to);
      if (!(least > 0)) return { rate: Infinity, bend: Infinity };
      const bend = (r * f * Math.abs(f * f - r * r)) / least ** 4;
      return { rate: Math.abs(rate((from + to) / 2)) + (bend * (to - from)) / 2, bend };
    },
  };
}
