import { noteOf, type Assumption, type PartNote } from '../item/note';
import { forceMark } from '../length/lengthMark';
import type { FixedTo } from '../parts/contract/fixedTo';
import { planHardware } from '../plan/place';
import type { Plan } from '../plan/schema';
import { fixingAssumption } from './assumptions';
import { fixingHolds } from './fixing';
import type { Behind } from './framing';

/** Whether what holds a part to its wall does, in what is behind that. */
export function partFixingNote(plan: Plan, fixed: FixedTo, behind: readonly Behind[]): PartNote {
  const { fixing, what, pull, down, person } = fixed;
  const asks = `${what} ${pull > 0 ? `is drawn off the wall with ${forceMark(pull)} and ` : ''}bears ${forceMark(down)}`;
  // A lining breaks out all at once: whatever its fixings are said to hold, nobody is trusted to it.
  if (person && planHardware(plan).named(fixing.hardware)?.kind === 'hollow-wall fixing')
    return noteOf(
      'fixing',
      'hits',
      `${asks}: a lining bears nobody. Fix it into studs or masonry.`,
      'fixing',
    );
  const { verdict, sentence } = fixingHolds(plan, { fixing, behind, asks, pull, down });
  return noteOf('fixing', verdict, sentence, 'fixing');
}

/** What nobody looked for behind it. */
export const partFixingAssumptions = (
  plan: Plan,
  { fixing }: FixedTo,
  behind: readonly Behind[],
  name: string,
): Assumption[] => (behind.length > 0 ? [] : fixingAssumption(plan, fixing.hardware, name, 'behind'));
