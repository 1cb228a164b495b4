import { lengthMark } from '../../length/lengthMark';
import type { PartNote } from '../../item/note';
import { holesOf } from '../kit/reused';
import type { LaidReused } from './lay';

export function reusedNotes({ reused: kept, place, at }: LaidReused): PartNote[] {
  const { old, what } = kept;
  const found: PartNote[] = [];
  if (what === 'top') {
    const [left, right] = [-at.x[0], at.x[1] - place.carcass.width.mm];
    const even = Math.abs(left - right) < 0.05;
    found.push({
      about: 'fit',
      verdict: Math.min(left, right) < -1e-9 ? 'hits' : 'clear',
      sentence: even
        ? `The top stands over by ${lengthMark(left)} at either side.`
        : `The top stands over by ${lengthMark(left)} at the left and ${lengthMark(right)} at the right; ${lengthMark((left + right) / 2)} would be even.`,
    });
  }
  const holes = holesOf(old);
  if (holes.length > 0)
    found.push({
      about: 'holes',
      verdict: old.becomes === 'cleared' ? 'tight' : 'clear',
      sentence: {
        kept: 'Its old holes are used again.',
        plugged: 'Its old holes are plugged first.',
        cleared: `Its ${holes.length === 1 ? 'old hole stays' : `${holes.length} old holes stay`} open: keep what is bored now clear of them.`,
      }[old.becomes],
    });
  return found;
}
