import { reportOf } from '../report/report';
import { planWith, refusalOf, type Made } from './planWith';

/** All that is told of a plan: its findings and notes, or why it is refused. */
export function told(made: Made): string {
  const refused = refusalOf(made);
  if (refused) return refused;
  const { parts, notes, air } = reportOf(planWith(made));
  return [...parts.flatMap(({ findings }) => findings), ...notes, ...air]
    .map(({ sentence }) => sentence)
    .join('\n');
}
