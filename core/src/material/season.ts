import { lengthMark } from '../length/lengthMark';
import type { Material } from './schema';

/** Where a job stands, by how damp wood gets there over a year. */
export const CLIMATES = ['heated', 'unheated'] as const;
export type Climate = (typeof CLIMATES)[number];

/**
 * Moisture of wood over a year, percent.
 *
 * @source USDA Wood Handbook ch. 4 and 13, from memory
 */
export const MOISTURE: Readonly<Record<Climate, readonly [least: number, most: number]>> = {
  heated: [6, 11],
  unheated: [9, 16],
};

/** How damp wood gets over a year where a job stands, and how damp it is when it is cut; null where nobody measured that. */
export interface Season {
  readonly climate: Climate;
  readonly made: number | null;
}

/** How much wider and how much narrower a board may get across its grain than it is cut, mm. */
export interface Movement {
  readonly swells: number;
  readonly shrinks: number;
}

/**
 * What a board does over a year: width x coefficient x points of moisture. Cut at a moisture nobody measured it may do all of it either way.
 *
 * @source USDA Wood Handbook ch. 13, from memory: dD = D x C x dM, tangentially
 */
export function movementOf(
  { kind, swells }: Pick<Material, 'kind' | 'swells'>,
  across: number,
  { climate, made }: Season,
): Movement {
  if (kind !== 'solid wood' || !swells) return { swells: 0, shrinks: 0 };
  const [least, most] = MOISTURE[climate];
  const of = (points: number) => across * swells * Math.max(0, points);
  return made === null
    ? { swells: of(most - least), shrinks: of(most - least) }
    : { swells: of(most - made), shrinks: of(made - least) };
}

/** "over a year in a heated room it swells by up to 6.4 mm and shrinks by up to 6.4 mm across its grain". */
export const movementWords = ({ swells, shrinks }: Movement, { climate }: Season): string =>
  `over a year in ${climate === 'heated' ? 'a heated' : 'an unheated'} room it swells by up to ${lengthMark(swells, 'least')} and shrinks by up to ${lengthMark(shrinks, 'least')} across its grain`;
