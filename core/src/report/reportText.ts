import { formatLength } from '../length/formatLength';
import { itemsOf } from '../plan/items';
import type { Plan } from '../plan/schema';
import { sumText } from '../sizing/sum';
import type { Report } from './records';

/** What would mend a finding, as far as a text tells it. */
interface OfferText {
  readonly of: string;
  readonly offers: readonly { readonly words: string; readonly cost: string }[];
  readonly nearest: string | undefined;
}

/** A report as sentences for a shell: how it stands, what to do next, then each part with what it meets and its size. */
export function reportText(plan: Plan, report: Report, offers: readonly OfferText[] = []): string {
  const { answer, parts, air, notes } = report;
  const byKey = new Map(offers.map((one) => [one.of, one]));
  const first = answer.finding && byKey.get(answer.finding)?.offers[0]?.words;
  const mending = (key: string): string[] => {
    const known = byKey.get(key);
    if (!known) return [];
    if (known.nearest) return [`    ${known.nearest}`];
    return known.offers.map(({ words, cost }) => `    To mend it: ${words} (${cost}).`);
  };
  const lines = [`${plan.title}`, `${answer.stands},`, `so next, ${first ?? answer.next}.`];
  for (const { name, short, findings, main } of parts) {
    lines.push('', `${name}: ${short.word} ${short.amount}, ${short.detail}`);
    for (const { sentence, key } of findings) lines.push(`  ${sentence}`, ...mending(key));
    if (main?.cut) {
      const { length, width, thick } = main.cut;
      lines.push(
        `  Cut ${formatLength(length.mm, plan.units)} long, ${formatLength(width.mm, plan.units)} wide, ${formatLength(thick.mm, plan.units)} thick.`,
        `    length: ${sumText(length, plan.units)}`,
        `    width: ${sumText(width, plan.units)}`,
      );
    }
  }
  const told = notes.filter(({ verdict }) => verdict !== 'clear');
  if (told.length > 0) lines.push('');
  const called = new Map(itemsOf(plan).map(({ id, name }) => [id, name]));
  const items = new Set(told.map(({ item }) => item));
  for (const item of items) {
    lines.push(`${called.get(item) ?? item}:`);
    for (const note of told)
      if (note.item === item)
        lines.push(
          `  ${note.sentence}`,
          ...(note.taken ? [`    Taken by ${note.taken.by}: ${note.taken.why}`] : mending(note.key)),
        );
  }
  if (air.length > 0) lines.push('');
  for (const { sentence, key } of air) lines.push(sentence, ...mending(key));
  return `${lines.join('\n')}\n`;
}
