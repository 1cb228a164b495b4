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
  ['stay', { length: [250, 50, 1500], closed: [160, 30, 1200], holds: [0, 0, 3000], rubs: [0, 0, 2000], bears: [300, 10, 10000], rating: [8, 0.1, 2000] }],
  ['locking stay', { length: [300, 50, 1500], closed: [170, 30, 1200], bears: [500, 10, 10000], rating: [15, 0.1, 2000] }],
  ['chain', { longest: [350, 50, 2000], thick: [4, 1, 40], bears: [400, 10, 10000] }],
  ['gas strut', { push: [150, 10, 5000], progression: [1.3, 1, 3], stroke: [100, 10, 1000], extended: [275, 40, 2500], friction: [15, 0, 60], tolerance: [7, 0, 40], ageing: [10, 0, 60], tube: [18, 5, 60], rod: [8, 2, 40], off: [12, 0, 60], screws: [2, 1, 8] }],
  ['pull spring', { rate: [1.2, 0.01, 50], begins: [8, 0, 1000], free: [180, 20, 2000], longest: [340, 30, 4000], across: [20, 3, 100], tolerance: [10, 0, 40] }],
  ['counterweight', { kg: [4, 0.1, 100], cord: [12, 2, 60] }],
  ['lid spring', { torque: [4, 0.1, 200], less: [3, 0, 200], long: [90, 10, 500], across: [14, 4, 80], tolerance: [10, 0, 40] }],
  ['friction hinge', { torque: [3, 0.1, 100], tolerance: [15, 0, 50], ageing: [20, 0, 60], wide: [30, 5, 200], high: [60, 10, 300], thick: [12, 2, 40] }],
  ['soft closer', { takes: [3, 0.1, 200], from: [20, 2, 90], wide: [14, 4, 100], long: [60, 10, 300] }],
  ['lift arms', { long: [300, 40, 1200], apart: [60, 10, 600], thick: [6, 2, 40], wide: [20, 5, 100], rating: [12, 0.1, 2000] }],
  ['catch', { wide: [46, 5, 200], high: [16, 5, 120], deep: [14, 2, 120], holds: [40, 1, 500] }],
  ['roller catch', { wide: [50, 5, 200], high: [14, 5, 120], deep: [20, 2, 120], holds: [30, 1, 500] }],
  ['turn button', { wide: [45, 10, 200], high: [16, 5, 120], deep: [12, 2, 120], holds: [150, 1, 2000], hand: [60, 0, 300] }],
  ['bolt', { wide: [30, 5, 200], high: [80, 10, 400], deep: [18, 2, 120], throw: [15, 2, 100], holds: [500, 1, 10000], hand: [60, 0, 300] }],
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
  ['pivot-250', { pin: 25, rating: 250 }],
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
  ['stay-lock', {  }],
  ['stay-rub', { length: 260, closed: 150, rubs: 60 }],
  ['chain-350', {  }],
  ['strap-400', { longest: 400, thick: 2, bears: 600 }],
  ['rope-750', { longest: 750, thick: 5, bears: 2500 }],
  ['rope-1100', { longest: 1100, thick: 5, bears: 2500 }],
  ['strut-245-50', { push: 50, stroke: 80, extended: 245 }],
  ['strut-245-80', { push: 80, stroke: 80, extended: 245 }],
  ['strut-245-100', { push: 100, stroke: 80, extended: 245 }],
  ['strut-245-150', { push: 150, stroke: 80, extended: 245 }],
  ['strut-245-200', { push: 200, stroke: 80, extended: 245 }],
  ['strut-245-300', { push: 300, stroke: 80, extended: 245 }],
  ['strut-245-400', { push: 400, stroke: 80, extended: 245 }],
  ['strut-285-50', { push: 50, stroke: 100, extended: 285 }],
  ['strut-285-80', { push: 80, stroke: 100, extended: 285 }],
  ['strut-285-100', { push: 100, stroke: 100, extended: 285 }],
  ['strut-285-150', { push: 150, stroke: 100, extended: 285 }],
  ['strut-285-200', { push: 200, stroke: 100, extended: 285 }],
  ['strut-285-300', { push: 300, stroke: 100, extended: 285 }],
  ['strut-285-400', { push: 400, stroke: 100, extended: 285 }],
  ['strut-385-50', { push: 50, stroke: 150, extended: 385 }],
  ['strut-385-80', { push: 80, stroke: 150, extended: 385 }],
  ['strut-385-100', { push: 100, stroke: 150, extended: 385 }],
  ['strut-385-150', { push: 150, stroke: 150, extended: 385 }],
  ['strut-385-200', { push: 200, stroke: 150, extended: 385 }],
  ['strut-385-300', { push: 300, stroke: 150, extended: 385 }],
  ['strut-385-400', { push: 400, stroke: 150, extended: 385 }],
  ['strut-485-50', { push: 50, stroke: 200, extended: 485 }],
  ['strut-485-80', { push: 80, stroke: 200, extended: 485 }],
  ['strut-485-100', { push: 100, stroke: 200, extended: 485 }],
  ['strut-485-150', { push: 150, stroke: 200, extended: 485 }],
  ['strut-485-200', { push: 200, stroke: 200, extended: 485 }],
  ['strut-485-300', { push: 300, stroke: 200, extended: 485 }],
  ['strut-485-400', { push: 400, stroke: 200, extended: 485 }],
  ['strut-585-600', { push: 600, stroke: 250, extended: 585, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-585-800', { push: 800, stroke: 250, extended: 585, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-585-1000', { push: 1000, stroke: 250, extended: 585, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-585-1200', { push: 1200, stroke: 250, extended: 585, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-585-1500', { push: 1500, stroke: 250, extended: 585, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-685-600', { push: 600, stroke: 300, extended: 685, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-685-800', { push: 800, stroke: 300, extended: 685, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-685-1000', { push: 1000, stroke: 300, extended: 685, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-685-1200', { push: 1200, stroke: 300, extended: 685, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['strut-685-1500', { push: 1500, stroke: 300, extended: 685, tube: 23, rod: 10, off: 15, screws: 4 }],
  ['spring-1-2', {  }],
  ['spring-4', { rate: 4, begins: 25, free: 220, longest: 420, across: 26 }],
  ['weight-4', {  }],
  ['lid-spring-4', {  }],
  ['lid-spring-8', { torque: 8, less: 5, long: 120, across: 18 }],
  ['friction-3', {  }],
  ['friction-8', { torque: 8, wide: 40, high: 80, thick: 16 }],
  ['soft-3', {  }],
  ['lift-300', {  }],
  ['lift-200', { long: 200, rating: 8 }],
  ['catch-40', {  }],
  ['roller-30', {  }],
  ['button-45', {  }],
  ['bolt-80', {  }],
  ['castor-50', {  }],
  ['castor-75', { wheel: 75, high: 100, wide: 90, rating: 100 }],
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
