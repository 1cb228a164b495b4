/** One clear opening that panels allow, mm from the left end of the run, and where each stands for it. */
export interface ClearOpening {
  /** Keys of the panels, from the left. */
  readonly panels: readonly string[];
  readonly from: number;
  readonly to: number;
  /** Left edge of each panel, from the left of the run; where it is shut; its track from the front; and how wide all are. */
  readonly at: readonly number[];
  readonly shut: readonly number[];
  readonly tracks: readonly number[];
  readonly wide: number;
}
