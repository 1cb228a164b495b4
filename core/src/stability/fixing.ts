import type { FIXING_KINDS, HardwareOf } from '../hardware/schema';
import { called } from '../item/called';
import { uncapitalised } from '../item/capitals';
import type { PartNote } from '../item/note';
import type { Verdict } from '../item/verdict';
import { forceMark } from '../length/lengthMark';
import { planHardware } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { Behind } from './framing';

/** Of what its fixings hold, more than this is told as tight. */
const NEAR_LIMIT = 0.8;

type Fixing = HardwareOf<(typeof FIXING_KINDS)[number]>;
type Held = Pick<PartNote, 'verdict' | 'sentence'>;

/** What is asked of fixings, N, with what is behind them. */
export interface Asked {
  readonly fixing: { readonly hardware: string; readonly count: number } | null;
  readonly behind: readonly Behind[];
  /** The sentence up to here: "it pulls with 40 N and bears down with 120 N". */
  readonly asks: string;
  readonly pull: number;
  readonly down: number;
}

/** Whether fixings hold a pull and a weight. */
export function fixingHolds(plan: Plan, { fixing: asked, behind, asks, pull, down }: Asked): Held {
  const item = asked && planHardware(plan).named(asked.hardware);
  if (!asked || !item)
    return {
      verdict: 'tight',
      sentence: `${asks}: say what it is fixed with, so that it is seen whether that holds.`,
    };
  const { count } = asked;
  const fixing = item as unknown as Fixing;
  const wrong = unsuited(fixing, behind);
  if (wrong)
    return {
      verdict: 'hits',
      sentence: `${asks}. A plug holds in masonry, and behind it is the ${called(wrong.thing.name)}: take screws into timber, or fixings for a hollow wall.`,
    };
  const { each, finds, timber } = holdOf(fixing, count, behind);
  const [takes, bears] = [finds * each, finds * fixing.down];
  const share = Math.max(shareOf(pull, takes), shareOf(down, bears));
  const verdict: Verdict = share > 1 ? 'hits' : share > NEAR_LIMIT ? 'tight' : 'clear';
  const holds = `${count} of ${uncapitalised(called(fixing.name))} hold${share > 1 ? ' only' : ''} ${forceMark(takes)}${down > 0 ? ` and ${forceMark(bears)}` : ''}`;
  return {
    verdict,
    sentence: `${asks}; ${holds}.${lost(count, finds, timber)}${share > 1 && finds === count ? ` ${Math.ceil(count * share)} of them would do.` : ''}`,
  };
}

const shareOf = (asked: number, held: number): number =>
  asked <= 0 ? 0 : held > 0 ? asked / held : Infinity;

const isTimber = ({ timbers }: Behind) => timbers !== undefined;
const isHollow = ({ thing: { kind } }: Behind) => kind === 'hollow wall' || kind === 'thin wall';

/** What is behind that a plug does not hold in, as far as it was drawn. */
function unsuited({ kind }: Fixing, behind: readonly Behind[]): Behind | undefined {
  if (kind !== 'wall plug') return undefined;
  return behind.find((one) => isHollow(one) || isTimber(one));
}

/** What each fixing holds, pulled out, N, and how many of them find what they are made for. */
function holdOf({ kind, pull }: Fixing, count: number, behind: readonly Behind[]) {
  const rail = behind.find((one) => !isTimber(one) && !isHollow(one));
  const timber = rail ? undefined : behind.find(isTimber);
  if (kind !== 'stud screw') {
    const hollow = behind.find(isHollow);
    return { each: Math.min(pull, hollow?.holds ?? pull), finds: count, timber: undefined };
  }
  const holds = rail ?? timber ?? behind.find(isHollow);
  return {
    each: Math.min(pull, holds?.holds ?? pull),
    finds: timber ? Math.min(count, timber.timbers!) : count,
    timber,
  };
}

function lost(count: number, finds: number, timber: Behind | undefined): string {
  if (!timber || finds === count) return '';
  const find = finds === 0 ? 'None of them finds' : `Only ${finds} of them ${finds === 1 ? 'finds' : 'find'}`;
  return ` ${find} a timber of the ${called(timber.thing.name)} behind it: a board screwed across more of them spreads the pull.`;
}
