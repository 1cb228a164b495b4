import { partBuilt } from '../../../plan/place';
import { balanceReport, balancedIn, balancesOf } from '../../../report/balance';
import { whatIfs } from '../../../report/weathers';
import { flapOf, withBed, withFlap, withLid } from '../../../testing/partsOf';
import { mm, planWith, type Made } from '../../../testing/planWith';
import { told } from '../../../testing/told';
import { USUAL_BED_HELP } from '../../bed/fresh';
import { helpsFlap, USUAL_FLAP_HELP } from '../../flap/fresh';
import { USUAL_HELP } from '../../lid/fresh';
import type { Help, HelpKind, UsualHelp } from './schema';

const balanceOf = (made: Made) => {
  const plan = planWith(made);
  const balance = balancesOf(plan, plan.parts[0]!.id)[0]!;
  const { to } = partBuilt(plan, plan.parts[0]!)!.movers[0]!;
  return { plan, balance, to, report: balanceReport(plan, balance, to) };
};

/** What a hand lifts its weight with at most: as it opens upward, or as what came down goes back up. */
const lifted = ({ balance, report }: ReturnType<typeof balanceOf>): number => {
  const { lift, push } = report.weathers[0]!.hand;
  return balance.opens === 'up' ? lift.most : push.most;
};

/** Hinges that rub hold a leaf where it is left: they lift nothing. */
const LIFTING = ['gas struts', 'pull springs', 'counterweight', 'lid springs'] as const;

const TURNING: Readonly<Record<string, { usual: UsualHelp; made: (help: Help) => Made; offers?: (kind: HelpKind) => boolean }>> = {
  'a bed at its end': { usual: USUAL_BED_HELP, made: (help) => withBed('at the end', { help }) },
  'a bed at its side': { usual: USUAL_BED_HELP, made: (help) => withBed('at the side', { help }) },
  'a drop front': { usual: USUAL_FLAP_HELP, made: (help) => withFlap('drop front', { help }), offers: (kind) => helpsFlap(kind, flapOf('drop front').way) },
  'a flap hung at its head': { usual: USUAL_FLAP_HELP, made: (help) => withFlap('top-hung', { help }), offers: (kind) => helpsFlap(kind, flapOf('top-hung').way) },
  'a lid': { usual: USUAL_HELP, made: (help) => withLid({ help }, { height: mm(450) }) },
}; // prettier-ignore

describe('what usually helps', () => {
  it.each(
    Object.entries(TURNING).flatMap(([what, { usual, made, offers = () => true }]) =>
      LIFTING.map((kind) => [what, kind, made, usual[kind], offers(kind)] as const),
    ),
  )('%s is lighter by its %s than with none, where that is offered', (_what, _kind, made, help, offered) => {
    const lighter = lifted(balanceOf(made(help))) < lifted(balanceOf(made({ kind: 'none' }))) - 1;
    expect(lighter).toBe(offered);
  });

  it('that makes it heavier is told as such, with what it takes with none', () => {
    const wrong = {
      ...USUAL_BED_HELP['gas struts'],
      hardware: 'strut-685-1000',
      onLeaf: { along: mm(140), in: mm(20) },
      onCase: { along: mm(600), in: mm(120) },
    };
    const none = balanceOf(withBed('at the end', {}));
    const { report, to } = balanceOf(withBed('at the end', { help: wrong }));
    expect(to).toBeCloseTo(none.to, 6);
    expect(report.unhelped).toBeCloseTo(lifted(none), 0);
    expect(told(withBed('at the end', { help: wrong }))).toContain('with nothing to help it, it takes');
    const right = balanceOf(withBed('at the end', { help: USUAL_BED_HELP['gas struts'] }));
    expect(right.report.unhelped).toBe(undefined);
  });
});

describe('springs side by side', () => {
  const springs = (each: number, hardware = 'spring-1-2') =>
    balanceOf(withBed('at the side', { help: { ...USUAL_BED_HELP['pull springs'], hardware, each } }));

  it('pull with as many times what one does, and bear on one bracket', () => {
    // 1.2 N a mm over 180 of the length they are drawn to, and 8 as they begin; 10 percent either way.
    const [one] = springs(1).report.springs;
    expect(one!.most / ((8 + 1.2 * (one!.drawn - 180)) * 1.1)).toBeCloseTo(1, 2);
    const [three] = springs(3).report.springs;
    expect(three!.most / one!.most).toBeCloseTo(3, 3);
    expect([three!.count, three!.bears]).toEqual([3, one!.bears]);
  });

  it('are taken out by count: with one less at either side it is as with so many', () => {
    const { plan, balance, to, report } = springs(3);
    const out = whatIfs(plan, balance);
    const hand = (key: string) =>
      balancedIn(
        balance,
        to,
        out.find((one) => one.key === key)!,
      ).hand.push.most;
    const typed = (each: number) => springs(each).report.weathers[0]!.hand.push.most;
    expect(hand('sprung')).toBeCloseTo(typed(2), 0);
    expect(hand('sprung-two')).toBeCloseTo(typed(1), 0);
    expect(hand('sprung-two')).toBeGreaterThan(report.weathers[0]!.hand.push.most + 1);
    // The last one stays.
    expect(whatIfs(plan, springs(2).balance).map(({ key }) => key)).not.toContain('sprung-two');
  });

  it('are drawn no farther than they may be, by the way between their ends', () => {
    // By hand, down: leaf end 150 and 39 behind the axis, turned by a quarter; case end 330 up and 19 behind.
    const drawn = Math.hypot(330 + 39, -19 + 150);
    const on = (hardware: string) =>
      told(withBed('at the side', { help: { ...USUAL_BED_HELP['pull springs'], hardware } }));
    expect(springs(1, 'spring-4').report.springs[0]!.drawn).toBeCloseTo(drawn, 0);
    expect(on('spring-1-2')).toContain('340 mm is the longest before a spring is spoilt');
    expect(on('spring-4')).not.toContain('spoilt');
  });

  it('are bought one by one', () => {
    const { plan } = springs(3);
    const bought = partBuilt(plan, plan.parts[0]!)!
      .pieces.moving.flatMap(({ pieces }) => pieces)
      .reduce((sum, { hardware }) => sum + (hardware?.id === 'spring-1-2' ? hardware.share : 0), 0);
    expect(bought).toBe(6);
  });
});
