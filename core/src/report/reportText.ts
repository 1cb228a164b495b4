import { formatLength } from '../length/formatLength';
import type { Plan } from '../plan/schema';
import { sumText } from '../sizing/sum';
import type { Report } from './report';

/** A report as sentences for a shell: how it stands, what to do next, then each part with what it meets and its size. */
export function reportText(plan: Plan, report: Report): string {
  const { answer, parts, air } = report;
  const lines = [`${plan.title}`, `${answer.stands},`, `so next, ${answer.next}.`];
  for (const { name, short, findings, sizes } of parts) {
    lines.push('', `${name}: ${short.word} ${short.amount}, ${short.detail}`);
    for (const { sentence } of findings) lines.push(`  ${sentence}`);
    for (const { width, height, thickness } of sizes) {
      lines.push(
        `  Cut ${formatLength(width.mm, plan.units)} x ${formatLength(height.mm, plan.units, true)}, ${formatLength(thickness, plan.units)} thick.`,
      );
      lines.push(`    width: ${sumText(width, plan.units)}`, `    height: ${sumText(height, plan.units)}`);
    }
  }
  if (air.length > 0) lines.push('', ...air.map(({ sentence }) => sentence));
  return `${lines.join('\n')}\n`;
}
