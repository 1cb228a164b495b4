import { GRAVITY } from '../piece/mass';
import type { Assumption } from '../item/note';
import { shelfLoadMark } from '../length/lengthMark';
import type { StripLoad } from './beam';

/** Books to a metre of shelf, kg. Common practice: 25 to 35. */
export const BOOKS = 30;
/** Higher than this nobody sits on a top, mm. Common practice: seats are 400 to 460 high. */
export const SEAT_TO = 600;
/** A person on a bed, a bench or a platform, kg. From memory of furniture standards. */
export const PERSON = 120;
/** Who stands on a step, kg. @source EN 14183, from memory */
export const STANDING_PERSON = 150;
/** Clothes on a metre of a rod, kg. Common practice: 15 to 25. */
export const CLOTHES_RAIL = 20;
/** Who leans on the edge of a top, kg. Common practice. */
export const LEANING_PERSON = 20;
/** What a drawer is filled with, kg/m3: 8.5 lb a cubic foot. @source ASTM F2057-23, from memory */
export const CLOTHES = 136;

/** A person on a board is borne by a strip so wide, mm. Common practice: the strip of a deck that slats are reckoned by. */
export const PERSON_STRIP = 300;

const MM_A_M = 1000;

/** So many kg on every metre of it. */
export const perMetre = (kg: number): StripLoad => ({ spread: (kg * GRAVITY) / MM_A_M, middle: 0 });
/** So many kg spread over a length, mm. */
export const spreadOver = (kg: number, length: number): StripLoad => ({
  spread: (kg * GRAVITY) / length,
  middle: 0,
});
export const atMiddle = (kg: number): StripLoad => ({ spread: 0, middle: kg * GRAVITY });

/** What nobody said a shelf carries. */
export const BOOKS_ASSUMPTION: Assumption = {
  words: `a shelf carries at most ${shelfLoadMark(BOOKS)}, as of books`,
  measure: 'weigh what goes on a metre of the shelf',
};
