import { INCHES, MILLIMETRES } from '../length/units';
import { QUICK_CARDS } from '../parts/quickCards';
import { usualNumbers, type QuickNumbers } from '../parts/kit/quick';
import { reportOf } from '../report/report';
import { quickPlan } from './quickPlan';

const card = (id: string) => QUICK_CARDS.find((one) => one.id === id)!;
const reportFor = (id: string, numbers: QuickNumbers) => {
  const read = quickPlan(card(id), { ...usualNumbers(card(id)), ...numbers }, MILLIMETRES);
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return reportOf(read.plan);
};
const degrees = (rad: number) => (rad * 180) / Math.PI;

describe('the quick start', () => {
  it.each(QUICK_CARDS.map((one) => [one.title, one] as const))(
    '%s: asks for three to five numbers, and the usual ones can be built in either unit',
    (_title, one) => {
      expect(one.asks.length).toBeGreaterThanOrEqual(3);
      expect(one.asks.length).toBeLessThanOrEqual(5);
      for (const units of [MILLIMETRES, INCHES]) {
        const read = quickPlan(one, usualNumbers(one), units);
        expect(read.ok && reportOf(read.plan).parts.length).toBeGreaterThan(0);
      }
    },
  );

  it('a door beside a wall goes less far the nearer the wall, and the farther its handle stands out', () => {
    const usable = (numbers: QuickNumbers) => {
      const [part] = reportFor('door-beside-wall', numbers).parts;
      return degrees(part!.check.usable);
    };
    expect(usable({ gap: 20 })).toBeLessThan(usable({ gap: 60 }));
    expect(usable({ gap: 60, handle: 60 })).toBeLessThan(usable({ gap: 60, handle: 0 }));
    expect(usable({ gap: 600 })).toBeCloseTo(110, 6);
  });

  it('a case on a door that is there opens as far as its corner lets it beside the wall, and the answer is of that door', () => {
    const usable = (numbers: QuickNumbers) => degrees(reportFor('case-on-door', numbers).parts[0]!.check.usable);
    // Its front is 200 - 6 before the pin, its side 3.5 past it, the wall 120 + 1.5 off: b sin q - 3.5 cos q = s.
    const far = Math.hypot(194, 3.5);
    expect(usable({ deep: 200, room: 120 })).toBeCloseTo(degrees(Math.asin(121.5 / far) + Math.atan2(3.5, 194)), 2);
    expect(usable({ deep: 200, room: 120 })).toBeLessThan(usable({ deep: 150, room: 120 }));
    expect(reportFor('case-on-door', {}).answer.stands).toMatch(/^The door opens fully, to 90°/);
    expect(reportFor('leaning-mirror', { room: 40, limit: 120 }).answer.stands).toMatch(/wall/);
  }); // prettier-ignore

  it('a door under a slope goes free where the slope begins above it', () => {
    const verdict = (numbers: QuickNumbers) => reportFor('door-under-slope', numbers).answer.verdict;
    expect(verdict({ knee: 1200, off: 600 })).toBe('hits');
    expect(verdict({ knee: 2000, off: 600 })).not.toBe('hits');
  });

  it('numbers that cannot be are refused with a sentence', () => {
    const read = quickPlan(
      card('door-beside-wall'),
      { ...usualNumbers(card('door-beside-wall')), width: 0 },
      MILLIMETRES,
    );
    expect(read.ok ? [] : read.issues.map(({ message }) => message)).toContain(
      'This must be at least 50 mm.',
    );
  });
});
