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
