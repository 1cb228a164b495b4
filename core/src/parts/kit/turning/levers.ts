import type { Lever } from '../../../item/lever';
import { choiceLever, cost } from '../../../item/leverOf';
import type { Closer, Help, Latch } from './schema';

/** Hardware at hand in every plan. */
const USUAL_CLOSER: NonNullable<Closer> = { hardware: 'soft-3', count: 2 };
const USUAL_LATCH: NonNullable<Latch> = { hardware: 'roller-30', reached: 'from outside' };

/** Hinges that hold it where it is left; struts are looked for under Forces. */
export const easingLevers = <Part extends { readonly help: Help }>(part: Part, rubs: Help): Lever[] =>
  part.help.kind === 'none'
    ? choiceLever(part, ['help'], rubs, {
        key: 'help.friction',
        what: 'what helps it',
        cost: cost('hinges that rub', 8),
        words: 'hang it on friction hinges',
      })
    : [];

/** What takes up the last of its fall. */
export const softLever = <Part extends { readonly closer: Closer }>(part: Part): Lever[] =>
  part.closer === null
    ? choiceLever(part, ['closer'], USUAL_CLOSER, {
        key: 'closer',
        what: 'how it lands',
        cost: cost('soft closers', 7),
        words: 'let soft closers take up the last of its fall',
      })
    : [];

/** What keeps it shut. */
export const catchLever = <Part extends { readonly latch: Latch }>(part: Part): Lever[] =>
  part.latch === null
    ? choiceLever(part, ['latch'], USUAL_LATCH, {
        key: 'latch',
        what: 'what keeps it shut',
        cost: cost('a catch', 4),
        words: 'keep it shut with a roller catch',
      })
    : [];
