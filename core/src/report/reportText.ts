import { formatLength } from '../length/formatLength';
import type { Plan } from '../plan/schema';
import { sumText } from '../sizing/sum';
import type { Report } from './records';

/** A report as sentences for a shell: how it stands, what to do next, then each part with what it meets and its size. */
export function reportText(plan: Plan, report: Report): string {
  const { answer, parts, air } = report;
  const lines = [`${plan.title}`, `${answer.stands},`, `so next, ${answer.next}.`];
  for (const { name, short, findings, main } of parts) {
    lines.push('', `${name}: ${short.word} ${short.amount}, ${short.detail}`);
    for (const { sentence } of findings) lines.push(`  ${sentence}`);
    if (main?.cut) {
      const { length, width, thick } = main.cut;
      lines.push(
        `  Cut ${formatLength(length.mm, plan.units)} long, ${formatLength(width.mm, plan.units)} wide, ${formatLength(thick.mm, plan.units)} thick.`,
        `    length: ${sumText(length, plan.units)}`,
        `    width: ${sumText(width, plan.units)}`,
      );
    }
  }
  if (air.length > 0) lines.push('', ...air.map(({ sentence }) => sentence));
  return `${lines.join('\n')}\n`;
}
