import type { Plan } from './schema';

/** Items of a plan on their own, to be put into it again or into another one. */
export interface Clip {
  readonly things: Plan['things'];
  readonly existing: Plan['existing'];
  readonly carcasses: Plan['carcasses'];
  readonly parts: Plan['parts'];
  /** What they are made of and hang on: it goes along to a plan that has it not. */
  readonly materials: Plan['materials'];
  readonly hardware: Plan['hardware'];
}
