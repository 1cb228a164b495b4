import type { PartNote } from '../item/note';
import type { Verdict } from '../item/verdict';
import { capitalised } from '../item/capitals';
import { AT_EASE } from '../balance/force';
import { handOf } from '../balance/poise';
import { forceMark, forceText, lengthMark } from '../length/lengthMark';
import type { Units } from '../length/units';
import type { Balance } from '../parts/contract/balance';
import { poisedOf, type Balanced, type BalanceReport } from './balance';
import { conditionsOf } from './weathers';

const RADIANS = Math.PI / 180;
/** More than this times what is lifted with ease nobody lifts. */
const TOO_HEAVY = 2;
/** What lands with less than this hurts no hand, J. Common practice, cautious. */
const HARMLESS = 2;
/** So much of a stroke is kept at either end, mm. Common practice of those who make struts. */
const STROKE_LEFT = 5;
/** Of what screws bear, more than this is told as tight. */
const NEAR_LIMIT = 0.8;
/** A side that bows more shows it, mm. Common practice. */
const BOWS = 1;

const note = (about: PartNote['about'], of: string, verdict: Verdict, sentence: string): PartNote => ({
  about,
  of,
  verdict,
  sentence,
});

/** A travel as it reads: degrees of what turns. */
export const turnWords = (travel: number): string => {
  const degrees = Math.round((travel / RADIANS) * 10) / 10;
  return degrees === 0 ? 'shut' : `at ${degrees}°`;
};

/**
 * What a balance comes to, in sentences: by hand, whether it stays, how it lands, its struts, its hinges.
 *
 * @param frail  children or frail people use it
 */
export function balanceNotes(balance: Balance, report: BalanceReport, frail: boolean): PartNote[] {
  const [usual, ...others] = report.weathers;
  return [
    handNote(balance, usual!, report),
    ...heightNotes(balance, report),
    ...openNote(balance, report, usual!),
    ...shutNote(balance, report),
    ...slamNote(balance, usual!, frail),
    ...toldOnce(report.struts, 'each strut', (a, b) => a.left.in === b.left.in).flatMap(strutNotes),
    ...toldOnce(
      report.springs,
      (report.springs[0]?.count ?? 1) > 1 ? 'the springs at either side' : 'each spring',
      (a, b) => a.drawn === b.drawn,
    ).flatMap(springNotes),
    ...hingeNote(report),
    ...others.flatMap((one) => weatherNote(balance, one, usual!)),
  ];
}

const handGrade = (newtons: number, comfortable: number): Verdict =>
  newtons > TOO_HEAVY * comfortable ? 'hits' : newtons > comfortable ? 'tight' : 'clear';

/** What a hand gives, in words: "24 N to lift it, shut; 12 N to push it shut". */
export function handWords({ opens }: Balance, { hand }: Balanced): string {
  const { lift, push, back } = hand;
  const parts = [
    lift.most > 0.5
      ? `${forceMark(lift.most)} to ${opens === 'up' ? 'lift' : 'pull'} it, most ${turnWords(lift.travel)}`
      : 'nothing to open it: it goes by itself',
    ...(push.most > 0.5
      ? [
          `${forceMark(push.most)} to ${opens === 'up' ? 'push' : 'lift'} it shut, most ${turnWords(push.travel)}`,
        ]
      : []),
    ...(back.most > 0.5 ? [`${forceMark(back.most)} to let it down, most ${turnWords(back.travel)}`] : []),
  ];
  return parts.join('; ');
}

function handNote(balance: Balance, usual: Balanced, report: BalanceReport): PartNote {
  const { lift, push, back } = usual.hand;
  const most = Math.max(lift.most, push.most, back.most);
  const verdict = handGrade(most, balance.comfortable);
  return note(
    'balance',
    'hand',
    verdict,
    `By hand it takes ${handWords(balance, usual)}. ${forceMark(balance.comfortable)} is given with ease${verdict === 'clear' ? '' : `: ${easingWords(balance, report)}`}.`,
  );
}

/** What makes it lighter: struts that are too strong are let off before others are bought. */
function easingWords({ struts, helpers }: Balance, { letOff: off, unhelped }: BalanceReport): string {
  const [strut] = struts;
  if (unhelped !== undefined && !off)
    return `with nothing to help it, it takes ${forceMark(unhelped)} at most: weaker help will do, or help that works the other way`;
  if (helpers.length === 0) return 'help it with struts or springs, or make it lighter';
  if (!strut) return 'help it more or otherwise, or make it lighter';
  if (!off) return 'look for other struts, or make it lighter';
  const push = forceMark(off.gas * strut.strut.push);
  const valves = struts.length > 1 ? `their valves to ${push} each` : `its valve to ${push}`;
  return `let off at ${valves}, before others are bought, it takes ${forceMark(off.most)} at most; gas that is let off does not come back`;
}

/** Where a hand takes it as it passes: what it pulls it with there, and what it lifts it back with. */
function heightNotes({ comfortable }: Balance, { heights }: BalanceReport): PartNote[] {
  return heights.map(({ words, mm, opening, closing }) => {
    const most = Math.max(Math.abs(opening), Math.abs(closing));
    const parts = [
      opening > 0.5 ? `${forceMark(opening)} to pull it on` : 'nothing to pull it on',
      closing > 0.5 ? `${forceMark(closing)} to lift it back` : 'nothing to lift it back',
      ...(closing < -0.5 ? [`${forceMark(-closing)} to hold it down`] : []),
    ];
    return note(
      'balance',
      `at ${words}`,
      handGrade(most, comfortable) === 'clear' ? 'clear' : 'tight',
      `At ${words}, ${lengthMark(mm)} above the floor, it takes ${parts.join('; ')}.`,
    );
  });
}

function openNote(balance: Balance, report: BalanceReport, { open, stands }: Balanced): PartNote[] {
  const at = turnWords(report.usable).replace(/^at /, '');
  const way = balance.opens === 'up' ? 'shut' : 'open';
  if (balance.locks)
    return [note('balance', 'open', 'clear', `Open at ${at} ${balance.locks} holds it until it is let go.`)];
  if (balance.opens === 'down') return [];
  if (open === 'falls')
    return [
      note(
        'balance',
        'open',
        'hits',
        `It does not stay open: let go at ${at} it falls ${way}. A stay that locks, struts that hold it, or a stop that lets it lean farther will do.`,
      ),
    ];
  if (open === 'may fall' || open === 'may move')
    return [
      note(
        'balance',
        'open',
        'tight',
        `Open at ${at} it may fall ${way}: whether it stays hangs on how its struts, springs and hinges come out. Reckon with a stay.`,
      ),
    ];
  const from = stands[stands.length - 1]!.from;
  const over = report.usable - from;
  return [
    note(
      'balance',
      'open',
      'clear',
      over > 0 && stands.length > 1
        ? `Open at ${at} it stays: it is past where it turns over by ${Math.round((over / RADIANS) * 10) / 10}°.`
        : `Open at ${at} it stays.`,
    ),
  ];
}

/** Less than this is lost in a hinge, N. */
const HARDLY = 0.5;

/** What opens by itself, shut, is held by a catch or opens. On whichever day that is most. */
function shutNote({ latch, opens }: Balance, { weathers }: BalanceReport): PartNote[] {
  const worst = weathers.reduce((a, b) => (b.opensWith.most > a.opensWith.most ? b : a));
  const { least, most } = worst.opensWith;
  if (most < HARDLY) return [];
  const does = opens === 'up' ? 'rises' : 'falls open';
  const when = worst.weather.key === 'usual' ? '' : `${worst.weather.words} `;
  const holds = latch && (latch.holds >= most ? 'clear' : 'hits');
  const verdict: Verdict = holds ?? (least > 0 || opens === 'down' ? 'hits' : 'tight');
  const by = `${when}it ${least > 0 ? does : `may ${opens === 'up' ? 'rise' : 'fall open'}`} by itself, with up to ${forceMark(most)} at its edge`;
  return [
    note(
      'balance',
      'shut',
      verdict,
      latch
        ? `Shut, ${by}; its catch holds ${forceMark(latch.holds)}${holds === 'hits' ? ', which is not enough' : ''}.`
        : `Shut, ${by}: a catch that holds so much will do${opens === 'up' ? ', or struts that push less' : ''}.`,
    ),
  ];
}

function slamNote(balance: Balance, { slam, stands }: Balanced, frail: boolean): PartNote[] {
  if (balance.opens === 'down' || slam.joules < HARMLESS) {
    const still = stands.every(({ stand }) => stand === 'stays');
    return still ? [note('balance', 'slam', 'clear', 'Let go anywhere it stays where it is left.')] : [];
  }
  const lands = `Let go ${turnWords(slam.from)} it falls, and lands with ${slam.joules.toFixed(1)} J, its edge at ${slam.metresASecond.toFixed(1)} m/s`;
  return [
    note(
      'caution',
      'slam',
      frail ? 'hits' : 'tight',
      `${lands}: a hand on the edge is crushed. Struts, a friction stay or a soft closer take that; keep hands off the edge until it is down.`,
    ),
  ];
}

/** Struts that are alike are told once, and so are springs. */
function toldOnce<One extends { readonly words: string; readonly most: number }>(
  all: readonly One[],
  words: string,
  alike: (a: One, b: One) => boolean,
): readonly One[] {
  const [first, ...others] = all;
  if (!first || others.length === 0) return all;
  return others.every((one) => alike(one, first) && Math.abs(one.most - first.most) < 0.1)
    ? [{ ...first, words }]
    : all;
}

function strutNotes({ words, left, shut, most, bears, bows }: BalanceReport['struts'][number]): PartNote[] {
  const pinch = Math.min(left.in, left.out);
  const said = capitalised(words);
  return [
    note(
      'balance',
      `${words} stroke`,
      left.out < -1e-6 ? 'hits' : pinch < STROKE_LEFT ? 'tight' : 'clear',
      `${said} keeps ${lengthMark(Math.max(0, left.in), 'most')} of its stroke pressed in and ${lengthMark(Math.max(0, left.out), 'most')} drawn out${pinch < STROKE_LEFT ? `; ${lengthMark(STROKE_LEFT)} at either end is usual` : ''}.`,
    ),
    note(
      'balance',
      `${words} bracket`,
      most > bears ? 'hits' : most > NEAR_LIMIT * bears ? 'tight' : 'clear',
      `${said} pushes on its brackets with ${forceMark(shut)} shut and ${forceMark(most)} at most; the screws of one bear ${forceMark(bears)}${most > bears ? ': more of them, thicker wood or a plate behind will do' : ''}.`,
    ),
    ...(bows > BOWS
      ? [
          note(
            'balance',
            `${words} bow`,
            'tight',
            `${said} bows the side it is fixed to by ${lengthMark(bows)}, pushing beside it: a rail across, or a thicker side.`,
          ),
        ]
      : []),
    note(
      'caution',
      `${words} pressure`,
      'clear',
      `${said} is under pressure: it is never opened, bored or heated, and let go of only with the leaf wide open and propped.`,
    ),
  ];
}

/** Springs at one place: whether they are drawn too far, and what their screws bear. */
function springNotes(springs: BalanceReport['springs'][number]): PartNote[] {
  const { words, count, drawn, longest, most, bears, bows } = springs;
  const said = capitalised(words);
  const are = count > 1 ? 'are' : 'is';
  return [
    note(
      'balance',
      `${words} drawn`,
      drawn > longest ? 'hits' : 'clear',
      `${said} ${are} drawn out to ${lengthMark(drawn, 'least')} at most; ${lengthMark(longest)} is the longest${drawn > longest ? ' before a spring is spoilt: ends nearer to each other, or a longer one' : ''}.`,
    ),
    note(
      'balance',
      `${words} bracket`,
      most > bears ? 'hits' : most > NEAR_LIMIT * bears ? 'tight' : 'clear',
      `The brackets of ${words} are pulled at with ${forceMark(most)} at most; the screws of one bear ${forceMark(bears)}${most > bears ? ': fewer or weaker springs, more screws, or a plate behind will do' : ''}.`,
    ),
    ...(bows > BOWS
      ? [
          note(
            'balance',
            `${words} bow`,
            'tight',
            `The side that ${words} ${count > 1 ? 'hang' : 'hangs'} beside is bowed by ${lengthMark(bows)}: a rail across, or a thicker side.`,
          ),
        ]
      : []),
  ];
}

function hingeNote({ hinges }: BalanceReport): PartNote[] {
  if (!hinges) return [];
  const { most, travel, place, lifted, bears } = hinges;
  return [
    note(
      'hinges',
      'hinge',
      place > bears ? 'hits' : place > NEAR_LIMIT * bears ? 'tight' : 'clear',
      `Its hinge holds ${forceMark(most)} at most, ${turnWords(travel)}${lifted ? ', and is lifted off its wood there' : ''}; ${forceMark(place)} at its worst place, where screws bear ${forceMark(bears)}${place > bears ? ': longer screws, more of them, or bolts through will do' : ''}.`,
    ),
  ];
}

/** What another day, age or a failure changes, where that is of consequence. */
function weatherNote(balance: Balance, one: Balanced, usual: Balanced): PartNote[] {
  const most = Math.max(one.hand.lift.most, one.hand.push.most, one.hand.back.most);
  const falls = (one.open === 'falls' || one.open === 'may fall') && usual.open === 'stays';
  const verdict: Verdict = falls || handGrade(most, balance.comfortable) === 'hits' ? 'tight' : 'clear';
  return [
    note(
      'balance',
      one.weather.key,
      verdict,
      `${capitalised(one.weather.words)} it takes ${handWords(balance, one)}${falls ? ', and open it does not stay for certain' : ''}.`,
    ),
  ];
}

const NOW_WORDS = {
  falls: { up: 'let go it falls shut', down: 'let go it goes back shut' },
  'may fall': { up: 'let go it may fall shut', down: 'let go it may go back shut' },
  stays: { up: 'let go it stays', down: 'let go it stays' },
  'may move': { up: 'let go it may move either way', down: 'let go it may move either way' },
  'may rise': { up: 'let go it stays, or rises', down: 'let go it may fall open' },
  rises: { up: 'let go it rises', down: 'let go it falls open' },
} as const;

/** What a hand gives where it stands just now, and what comes of letting go there. */
export function handNow(
  balance: Balance,
  { usable }: BalanceReport,
  { weather, stands }: Balanced,
  travel: number,
  units: Units,
): string {
  const poised = poisedOf(balance, usable);
  const force = (sense: 1 | -1) =>
    handOf(poised, { ...AT_EASE, ...conditionsOf(weather), sense })(travel, travel);
  const [lift, shut] = [force(1), force(-1)];
  const said = (least: number, most: number, does: string) =>
    most < 0.5
      ? undefined
      : `${Math.abs(most - least) < 1 ? '' : `${forceText(Math.max(0, least), units)} to `}${forceText(most, units)} to ${does}`;
  const parts = [
    said(lift.least, lift.most, balance.opens === 'up' ? 'lift it' : 'pull it'),
    said(shut.least, shut.most, balance.opens === 'up' ? 'push it down' : 'lift it shut'),
    said(-shut.most, -shut.least, 'let it down'),
  ].filter((one) => one !== undefined);
  const stand = stands.find(({ from, to }) => travel >= from - 1e-9 && travel <= to + 1e-9)?.stand ?? 'stays';
  return `${capitalised(turnWords(travel))}, ${weather.words}: ${parts.join(', ') || 'hardly any force'}; ${NOW_WORDS[stand][balance.opens]}.`;
}
