import { reuseUnchanged } from '../plan/reuseUnchanged';
import type { Plan } from '../plan/schema';
import type { Answer, PartReport, Report } from '../report/records';

/** A report on its way from a worker: parts that are as they were sent before go by their id alone. */
export interface SentReport extends Omit<Report, 'answer' | 'parts'> {
  readonly answer: Answer;
  readonly parts: readonly (PartReport | string)[];
}

/** The worker's end: remembers what it sent. One a worker. */
export class ReportSender {
  private last = new Map<string, PartReport>();

  send({ parts, ...rest }: Report): SentReport {
    const sent = parts.map((part) => (this.last.get(part.id) === part ? part.id : part));
    this.last = new Map(parts.map((part) => [part.id, part]));
    return { ...rest, parts: sent };
  }
}

/** The other end: must be shown every report its worker sends, wanted or not, in their order. One a worker. */
export class ReportReceiver {
  private last = new Map<string, PartReport>();

  read({ parts: sent, ...rest }: SentReport): Report {
    const parts = sent.map((part) => {
      const known = typeof part === 'string' ? this.last.get(part) : part;
      if (!known) throw new Error(`A report counts on part ${String(part)}, which was never sent.`);
      return known;
    });
    this.last = new Map(parts.map((part) => [part.id, part]));
    return { ...rest, parts };
  }
}

/** The lists of a plan, which are most of it. */
const LISTS = [
  'materials',
  'hardware',
  'measured',
  'wayIn',
  'existing',
  'things',
  'carcasses',
  'parts',
] as const;
type List = (typeof LISTS)[number];

/** A plan on its way to a worker: what of its lists is as it was sent before goes by its place there alone. */
export interface SentPlan {
  readonly rest: Omit<Plan, List>;
  readonly lists: Readonly<Record<string, readonly (object | number)[]>>;
}

/** The asking end: remembers what it sent. One a worker. */
export class PlanSender {
  private last: Plan | undefined;

  send(plan: Plan): SentPlan {
    const { last } = this;
    this.last = plan;
    const { materials, hardware, measured, wayIn, existing, things, carcasses, parts, ...rest } = plan;
    const lists = { materials, hardware, measured, wayIn, existing, things, carcasses, parts };
    const sent = LISTS.map((list) => {
      const places = new Map<object, number>(last?.[list].map((item, i) => [item, i]));
      return [list, lists[list].map((item: object) => places.get(item) ?? item)] as const;
    });
    return { rest, lists: Object.fromEntries(sent) };
  }
}

/**
 * The worker's end: must be shown every plan that is sent to it, in their order. A message brings copies: what of them did not change
 * comes out as the very objects of the plan before.
 */
export class PlanReceiver {
  private last: Plan | undefined;

  read({ rest, lists }: SentPlan): Plan {
    const read = LISTS.map((list) => {
      const known: readonly object[] = this.last?.[list] ?? [];
      const items = lists[list]!.map((item) => {
        const one = typeof item === 'number' ? known[item] : item;
        if (!one)
          throw new Error(`A plan counts on number ${String(item)} of its ${list}, which was never sent.`);
        return one;
      });
      return [list, items] as const;
    });
    return (this.last = reuseUnchanged(this.last, { ...rest, ...Object.fromEntries(read) } as Plan));
  }
}
