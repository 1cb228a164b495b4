import { AT_EASE, strutForce } from '../balance/force';
import { handOf, type Poised } from '../balance/poise';
import { placesIn, placeStruts, type PlacerTask } from '../balance/placer';
import { speedOver } from '../balance/coordinate';
import { SceneChecker } from '../clearance/checkScene';
import { finish } from '../clearance/steps';
import { motionOf } from '../motion/motion';
import { buildScene } from '../plan/buildScene';
import { withChanges } from '../plan/edit';
import type { Plan } from '../plan/schema';
import { weightForce } from '../balance/force';
import { reportOf } from './report';
import { strutAnswers, type StrutsAsked } from './strutAnswers';
import { mm, planWith } from '../testing/planWith';
import { boxAt, withFlap, withLid } from '../testing/partsOf';

/** Whatever is looked at is among these. */
const TRAVELS = 60;
const WANTS = { hand: 50, staysOpen: true, staysShut: false };
const ask = (part: string, other: Partial<StrutsAsked> = {}): StrutsAsked => ({
  part,
  wants: WANTS,
  drawer: [],
  ...other,
});
function answersOf(plan: Plan, asked: StrutsAsked) {
  const checker = new SceneChecker({ curves: false });
  checker.check(buildScene(plan));
  return finish(strutAnswers(plan, asked, checker));
}
const chest = withLid({ carries: 6 }, { height: mm(450), width: mm(900) });

describe('where struts go', () => {
  it('is never worse than every place of a grid of 5 mm, worked out one by one', () => {
    // A lid of 10 kg, its middle 230 before its axis; ends within a few places each, so that all of them can be worked out in full.
    const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, -1, 0] });
    const lid = weightForce('lid', 'the lid', { kg: 10, centre: [230, 0, 0] }, motion);
    const to = 1.6;
    const poised = (efforts: Poised['efforts']): Poised => ({
      efforts,
      ends: [0, to],
      handle: (from, until) => speedOver(motion, [450, 0, 0], from, until),
    });
    const strut = {
      push: 150,
      progression: 1.3,
      stroke: 150,
      extended: 385,
      friction: 0.15,
      tolerance: 0.07,
      ageing: 0.1,
    };
    const task: PlacerTask = {
      efforts: [lid],
      to,
      handle: poised([lid]).handle,
      onLeaf: { along: [70, 110], back: [30, 30] },
      onCase: { along: [60, 120], back: [230, 280] },
      corner: [0, 18],
      candidates: [{ id: 'one', strut, half: 9, own: false }],
      counts: [2],
      wants: WANTS,
      step: 5,
      keep: 5,
    };
    const search = placeStruts(task);
    let next = search.next();
    while (!next.done) next = search.next();
    const [kept] = next.value;
    /** What a hand gives at most at many travels, with the struts where they are told; Infinity where their stroke does not do. */
    const worst = (p: readonly [number, number], q: readonly [number, number]) => {
      const force = (key: string) =>
        strutForce(key, '', strut, { on: [p[0], 0, -p[1]], fixed: [q[0], 0, -q[1]], motion });
      const one = poised([lid, force('a'), force('b')]);
      let hand = 0;
      for (let i = 0; i <= TRAVELS; i += 1) {
        const t = (to * i) / TRAVELS;
        const turned = [
          p[0] * Math.cos(t) + p[1] * Math.sin(t),
          -p[0] * Math.sin(t) + p[1] * Math.cos(t),
        ] as const;
        const long = Math.hypot(turned[0] - q[0], turned[1] - q[1]);
        if (long < 385 - 150 + 5 || long > 385 - 5) return Infinity;
        const [lift, shut] = ([1, -1] as const).map((sense) => handOf(one, { ...AT_EASE, sense })(t, t));
        hand = Math.max(hand, lift!.most, shut!.most, -shut!.least);
        if (i === TRAVELS && shut!.least < 0) return Infinity;
      }
      return hand;
    };
    const all = placesIn(task.onLeaf, 5).flatMap((p) => placesIn(task.onCase, 5).map((q) => worst(p, q)));
    const best = Math.min(...all);
    expect(best).toBeLessThan(50);
    const first = kept!.filter(({ miss }) => miss === 0).map(({ onLeaf, onCase }) => worst(onLeaf, onCase));
    expect(Math.min(...first)).toBeLessThanOrEqual(best + 1e-9);
    // What was seen of each is never more than it is.
    kept!.slice(0, 20).forEach(({ hand, onLeaf, onCase }) => {
      const whole = worst(onLeaf, onCase);
      if (whole < Infinity) expect(hand).toBeLessThanOrEqual(whole + 1e-6);
    });
  });

  it('is told for the five best kinds, and what is taken is what was promised', () => {
    const plan = planWith(chest);
    const { answers, nearest, tried } = answersOf(plan, ask('case-lid-1'));
    expect([answers.length, nearest, tried.struts]).toEqual([5, undefined, 38]);
    expect(new Set(answers.map(({ key }) => key)).size).toBe(5);
    for (const { changes, hand, does } of answers) {
      expect([does, hand <= 50]).toEqual([true, true]);
      const report = reportOf(withChanges(plan, changes));
      expect(report.parts.map(({ verdict }) => verdict)).not.toContain('hits');
      const { hand: given, open } = report.balances[0]!.weathers[0]!;
      expect(Math.max(given.lift.most, given.push.most, given.back.most)).toBeCloseTo(hand, 0);
      expect(['stays', 'may rise', 'rises']).toContain(open);
    }
  });

  it('does for arms, and takes what lies in the drawer first', () => {
    const plan = planWith(withFlap('parallel arms'));
    const { answers } = answersOf(plan, ask('case-flap-1', { drawer: ['strut-285-100'] }));
    expect(answers.length).toBe(5);
    expect(answers.every(({ hand }) => hand <= 50)).toBe(true);
    expect([answers[0]!.own, answers[0]!.words]).toEqual([true, 'Two of gas strut 285 mm, 100 N']);
  });

  it('says that none does it, and what comes nearest', () => {
    const heavy = withLid({ carries: 60 }, { height: mm(450), width: mm(900) });
    const { answers, nearest } = answersOf(
      planWith(heavy),
      ask('case-lid-1', { wants: { ...WANTS, hand: 20 } }),
    );
    expect(answers.every(({ does }) => !does)).toBe(true);
    expect(nearest).toMatch(
      /^None does all that is wanted\. The nearest, .* takes \d+ N at the hand, and 20 N is wanted, staying open\.$/,
    );
  });

  it('touches nothing: what stands in the way of the best place has it go elsewhere', () => {
    const free = answersOf(planWith(chest), ask('case-lid-1')).answers[0]!;
    const full = planWith({
      ...chest,
      change: boxAt('Tank', { x: 3020, y: 3180, z: 110, width: 860, depth: 260, height: 190 }),
    });
    const about = answersOf(full, ask('case-lid-1'));
    for (const { changes } of about.answers)
      expect(reportOf(withChanges(full, changes)).parts.map(({ verdict }) => verdict)).not.toContain('hits');
    expect(about.answers[0]?.hand ?? Infinity).toBeGreaterThanOrEqual(free.hand - 1e-6);
  });
});
