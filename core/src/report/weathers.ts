import { AT_EASE, type Conditions } from '../balance/force';
import { MOISTURE } from '../material/season';
import type { Balance } from '../parts/contract/balance';
import { GRAVITY } from '../piece/mass';
import type { Plan } from '../plan/schema';

/** What a balance is looked at under: how warm it is, whether its years are over, what has failed, what is off it. */
export interface Weather {
  readonly key: string;
  readonly words: string;
  readonly celsius: number;
  readonly aged: boolean;
  readonly failed: readonly string[];
  /** All that weighs does so many times what it does. */
  readonly weighs: number;
  /** And some of it besides, by the forces' keys. */
  readonly heavier?: ReadonlyMap<string, number>;
  /** What is left of the gas in its struts, as a share. */
  readonly gas?: number;
}

/** Cold, as it is sold by, and warm: heated, and where it is not. Common practice, degrees. */
const COLD = { heated: 15, unheated: -5 } as const;
const WARM = { heated: 30, unheated: 38 } as const;

/** All weathers a mover is looked at under, the usual one first. */
export function weathersOf(plan: Plan, balance: Balance): Weather[] {
  const climate = plan.season.climate;
  const usual: Weather = {
    key: 'usual',
    words: 'on a usual day (20 °C)',
    celsius: 20,
    aged: false,
    failed: [],
    weighs: 1,
  };
  const struts = balance.struts;
  const warmth = (key: 'cold' | 'warm', celsius: number): Weather => ({
    ...usual,
    key,
    words: `on a ${key} day (${celsius} °C)`,
    celsius,
  });
  return [
    usual,
    ...(struts.length > 0
      ? [
          warmth('cold', COLD[climate]),
          warmth('warm', WARM[climate]),
          { ...usual, key: 'aged', words: 'after its years', aged: true },
          ...(struts.length > 1
            ? [{ ...usual, key: 'failed', words: 'with one strut failed', failed: [struts[0]!.key] }]
            : [{ ...usual, key: 'failed', words: 'with its strut failed', failed: [struts[0]!.key] }]),
        ]
      : []),
    ...(balance.mayBeOff
      ? [{ ...usual, key: 'bare', words: balance.mayBeOff.words, failed: balance.mayBeOff.keys }]
      : []),
    ...(balance.helpers.length > 0 ? [dampOf(plan.season, usual)] : []),
  ];
}

/** Damp, its wood weighs so much more than as it was made. */
function dampOf({ climate, made }: Plan['season'], usual: Weather): Weather {
  const [least, most] = MOISTURE[climate];
  const weighs = (100 + most) / (100 + Math.min(most, made ?? least));
  return { ...usual, key: 'damp', words: 'with its wood damp', weighs };
}

/** What lies on it, once, kg; and how much heavier and lighter another board may be. Common practice. */
const LEFT_ON_IT = 3;
const HEAVIER = 1.25;
const LIGHTER = 0.8;

/** What is only asked, and nothing found for: what helps a leaf is chosen for its weight, and with something left on it, or a board of another wood, that is no more so. */
export function whatIfs(plan: Plan, balance: Balance): Weather[] {
  if (balance.helpers.length === 0) return [];
  const [usual] = weathersOf(plan, balance);
  const newtons = balance.forces
    .filter(({ kind }) => kind === 'weight')
    .reduce((all, force) => all + force.newtons(AT_EASE).most, 0);
  const weighing = (key: string, words: string, weighs: number): Weather => ({
    ...usual!,
    key,
    words,
    weighs,
  });
  return [
    ...(balance.mayBe ?? []).map(({ key, words, times }): Weather => ({
      ...usual!,
      key,
      words,
      heavier: times,
    })),
    ...fewerSprings(balance, usual!),
    weighing('laden', `with ${LEFT_ON_IT} kg left on it`, (newtons + LEFT_ON_IT * GRAVITY) / newtons),
    weighing('heavier', 'of a board a quarter heavier', HEAVIER),
    weighing('lighter', 'of a board a fifth lighter', LIGHTER),
  ];
}

/** Springs are set by count: with the last one or two of each place taken out, where that leaves any. */
function fewerSprings({ springs }: Balance, usual: Weather): Weather[] {
  const each = springs[0]?.keys.length ?? 0;
  const at = springs.length > 1 ? ' at either side' : '';
  return [
    { key: 'sprung', out: 1, words: `with one spring taken out${at}` },
    { key: 'sprung-two', out: 2, words: `with two springs taken out${at}` },
  ]
    .filter(({ out }) => out < each)
    .map(({ key, out, words }): Weather => ({
      ...usual,
      key,
      words,
      failed: springs.flatMap(({ keys }) => keys.slice(-out)),
    }));
}

/** The conditions its efforts are asked under, but for which way it goes. */
export const conditionsOf = ({
  celsius,
  aged,
  failed,
  weighs,
  heavier,
  gas,
}: Weather): Omit<Conditions, 'sense'> => ({
  celsius,
  aged,
  failed: new Set(failed),
  weighs,
  ...(heavier && { heavier }),
  ...(gas !== undefined && { gas }),
});
