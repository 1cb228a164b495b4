/** A number of a quick start, with a usual one to begin with. */
export interface QuickAsk {
  readonly key: string;
  readonly label: string;
  readonly input: 'length' | 'degrees' | 'count';
  /** mm, degrees, or how many. */
  readonly usual: number;
}

/** The numbers given, mm or degrees. */
export type QuickNumbers = Readonly<Record<string, number>>;

/** What a card makes of its numbers, as it would stand in a plan; what cannot be is refused as a plan is. */
export interface QuickMade {
  readonly existing?: readonly unknown[];
  readonly things?: readonly unknown[];
  readonly space: unknown;
  readonly carcasses: readonly unknown[];
  readonly parts: readonly unknown[];
}

/** What one may be making, and the three to five numbers that decide it. */
export interface QuickCard {
  readonly id: string;
  readonly title: string;
  /** What it finds out, in a sentence. */
  readonly words: string;
  readonly asks: readonly QuickAsk[];
  /** It is seen from its side, cut through its middle: what turns about a level axis shows little from above. */
  readonly section?: true;
  make(numbers: QuickNumbers): QuickMade;
}

/** The numbers a card begins with. */
export const usualNumbers = ({ asks }: QuickCard): QuickNumbers =>
  Object.fromEntries(asks.map(({ key, usual }) => [key, usual]));
