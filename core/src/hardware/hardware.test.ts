import { GENERIC_HARDWARE } from './generic';
import { HARDWARE_KINDS } from './schema';

/**
 * What people buy by and bore by, figure by figure: usual, least and most of every number, common practice and of no maker. Written down a
 * second time, so that a slip in one of them is seen.
 */
const NUMBERS: readonly (readonly [string, Readonly<Record<string, readonly [number, number, number]>>])[] = [
  ['cup hinge', { cup: [35, 15, 60], deep: [12.5, 3, 40], constant: [11.5, -40, 60], half: [9.5, 0, 40], inset: [18, 0, 60], cupFrom: [3, 0, 30], cupTo: [7, 0, 30], plateTo: [6, 0, 40], plate1x: [24.5, -20, 120], plate1y: [6.5, -20, 120], plate2x: [19.5, -20, 120], plate2y: [24.5, -20, 120], cup1x: [6.5, -20, 60], cup1y: [10.5, -20, 60], cup2x: [2.5, -20, 60], cup2y: [5, -20, 60], opens: [110, 30, 180], holesBack: [37, 10, 120], holesApart: [32, 10, 120], adjustSide: [2, 0, 10], adjustDepth: [2, 0, 10], adjustHeight: [2, 0, 10], plateLong: [58, 10, 150], plateHigh: [50, 10, 120], rating: [10, 0.1, 2000], play: [0.2, 0, 5] }],
  ['face-frame hinge', { cup: [35, 15, 60], deep: [12.5, 3, 40], constant: [7.7, -40, 60], half: [9.5, 0, 40], inset: [18, 0, 60], cupFrom: [3, 0, 30], cupTo: [7, 0, 30], plateTo: [0, 0, 40], plate1x: [24.5, -20, 120], plate1y: [6.5, -20, 120], plate2x: [19.5, -20, 120], plate2y: [24.5, -20, 120], cup1x: [6.5, -20, 60], cup1y: [10.5, -20, 60], cup2x: [2.5, -20, 60], cup2y: [5, -20, 60], opens: [105, 30, 180], holesBack: [9.5, 2, 60], holesApart: [32, 10, 120], adjustSide: [2, 0, 10], adjustDepth: [2, 0, 10], adjustHeight: [2, 0, 10], plateLong: [45, 10, 150], plateHigh: [50, 10, 120], rating: [10, 0.1, 2000], play: [0.2, 0, 5] }],
  ['butt hinge', { thick: [1.5, 0.3, 8], wide: [22, 5, 120], high: [63, 15, 200], knuckle: [7, 2, 40], opens: [270, 30, 355], rating: [10, 0.1, 2000], play: [0.2, 0, 5] }],
  ['continuous hinge', { thick: [0.8, 0.3, 5], wide: [14, 5, 80], knuckle: [4.5, 2, 20], opens: [270, 30, 355], rating: [30, 0.1, 2000], play: [0.1, 0, 5] }],
  ['pivot', { pin: [10, 3, 60], opens: [180, 30, 355], rating: [40, 0.1, 2000], play: [0.1, 0, 5] }],
  ['slide', { length: [450, 100, 1500], travel: [450, 50, 1600], shortest: [0, 0, 1500], step: [50, 1, 500], side: [12.7, 0, 60], over: [0.8, 0, 10], high: [45, 5, 120], metal: [1.6, 0.3, 6], push: [3, 0, 15], play: [0.5, 0, 5], person: [0, 0, 500], rating: [35, 0.1, 2000] }],
  ['under slide', { length: [450, 100, 1500], travel: [450, 50, 1600], shortest: [250, 0, 1500], step: [50, 1, 500], inner: [42, 5, 120], sidesTo: [16, 5, 40], recess: [12.5, 3, 40], below: [14, 0, 80], rail: [14, 3, 60], boxLess: [10, 0, 80], notch: [35, 0, 120], hook: [6, 0, 20], hookIn: [7, 0, 80], hookUp: [11, 0, 80], push: [3, 0, 15], play: [0.3, 0, 5], person: [0, 0, 500], rating: [30, 0.1, 2000] }],
  ['handle', { out: [35, 1, 200], wide: [20, 1, 1000], high: [150, 1, 2000], bar: [10, 1, 80], holes: [128, 0, 1200] }],
  ['knob', { out: [28, 1, 150], wide: [30, 5, 120] }],
  ['stay', { length: [250, 50, 1500], closed: [160, 30, 1200], holds: [0, 0, 3000], rating: [8, 0.1, 2000] }],
  ['catch', { wide: [46, 5, 200], high: [16, 5, 120], deep: [14, 2, 120], holds: [40, 1, 500] }],
  ['castor', { wheel: [50, 10, 250], high: [68, 12, 320], wide: [60, 10, 250], rating: [40, 0.1, 2000] }],
  ['stud screw', { long: [60, 10, 300], thick: [5, 2, 20], pull: [300, 0, 20000], down: [400, 0, 20000] }],
  ['wall plug', { long: [60, 10, 300], thick: [5, 2, 20], pull: [250, 0, 20000], down: [400, 0, 20000] }],
  ['hollow-wall fixing', { long: [60, 10, 300], thick: [5, 2, 20], pull: [100, 0, 20000], down: [150, 0, 20000] }],
  ['bracket', { out: [50, 5, 1000], up: [50, 5, 1000], wide: [20, 5, 200], thick: [2.5, 0.5, 20], rating: [15, 0.1, 2000] }],
]; // prettier-ignore

/** Where what there always is differs from the usual of its kind: lengths in mm, ratings in kg. */
const GENERIC: readonly (readonly [string, Readonly<Record<string, number>>])[] = [
  ['cup-110', {  }],
  ['frame-1-4', { constant: 1.3499999999999996 }],
  ['frame-1-2', { constant: 7.699999999999999 }],
  ['frame-3-4', { constant: 14.049999999999997 }],
  ['frame-1', { constant: 20.4 }],
  ['butt-63', {  }],
  ['butt-100', { thick: 2.5, wide: 30, high: 100, knuckle: 10, rating: 25 }],
  ['continuous-32', {  }],
  ['pivot-40', {  }],
  ['pivot-120', { pin: 20, rating: 120 }],
  ['slide-full', { length: 700, travel: 700, shortest: 250 }],
  ['slide-part', { length: 700, travel: 525, shortest: 250, rating: 25 }],
  ['slide-over', { length: 700, travel: 735, shortest: 250, rating: 40 }],
  ['slide-full-in', { length: 711.1999999999999, travel: 711.1999999999999, shortest: 254, step: 50.8, rating: 45 }],
  ['slide-heavy', { length: 900, travel: 900, shortest: 450, side: 19.1, high: 76, metal: 2.5, rating: 100 }],
  ['slide-step', { length: 600, travel: 600, shortest: 300, side: 19.1, high: 76, metal: 2.5, person: 150, rating: 320 }],
  ['slide-450', {  }],
  ['under-full', { length: 600, travel: 600 }],
  ['under-part', { length: 550, travel: 412.5, rating: 25 }],
  ['bar-128', {  }],
  ['knob-30', {  }],
  ['stay-250', {  }],
  ['catch-40', {  }],
  ['castor-50', {  }],
  ['stud-screw', {  }],
  ['stud-screw-8', { long: 80, thick: 8, pull: 800, down: 1200 }],
  ['wall-plug', { thick: 8 }],
  ['hollow-fixing', {  }],
  ['bracket-50', {  }],
]; // prettier-ignore

describe('hardware that is bought', () => {
  it.each(NUMBERS)('%s has its usual numbers and bounds', (kind, numbers) => {
    const fields = HARDWARE_KINDS[kind as keyof typeof HARDWARE_KINDS] as Readonly<
      Record<string, { readonly usual: number; readonly least: number; readonly most: number }>
    >;
    expect(
      Object.fromEntries(
        Object.entries(fields).map(([name, { usual, least, most }]) => [name, [usual, least, most]]),
      ),
    ).toEqual(numbers);
  });

  it('is of every kind', () => {
    expect(NUMBERS.map(([kind]) => kind)).toEqual(Object.keys(HARDWARE_KINDS));
    expect(GENERIC.map(([id]) => id)).toEqual(GENERIC_HARDWARE.map(({ id }) => id));
  });

  it.each(GENERIC)('%s differs from its kind by its own figures alone', (id, own) => {
    const item = GENERIC_HARDWARE.find((one) => one.id === id) as unknown as Readonly<
      Record<string, unknown>
    >;
    const usual = HARDWARE_KINDS[item['kind'] as keyof typeof HARDWARE_KINDS] as Readonly<
      Record<string, { readonly usual: number }>
    >;
    for (const [name, { usual: value }] of Object.entries(usual))
      expect([name, item[name]]).toEqual([name, own[name] ?? value]);
    expect(item['confirmed']).toBe(false);
  });

  it('is named by the numbers it is bought by', () => {
    for (const one of GENERIC_HARDWARE) {
      const { name, kind } = one;
      if (kind === 'slide' || kind === 'under slide') {
        const [, shortest, longest] = /(\d+) to (\d+) (?:mm|in)/.exec(name) ?? [
          undefined,
          undefined,
          /(\d+) mm/.exec(name)![1],
        ];
        const scale = name.includes(' in,') ? 25.4 : 1;
        expect(Number(longest) * scale).toBeCloseTo(one.length, 9);
        if (shortest) expect(Number(shortest) * scale).toBeCloseTo(one.shortest, 9);
        const share = name.includes('three-quarter') ? 0.75 : name.includes('over-travel') ? 1.05 : 1;
        expect(one.travel / one.length).toBeCloseTo(share, 9);
      }
    }
  });
});
