import type * as v from 'valibot';

/** Valibot's own words are for programmers; ours, where we gave some, are kept. */
export function plainSentence(issue: v.BaseIssue<unknown>): string {
  if (issue.expected === 'never') return 'This field is not known here.';
  if (issue.received === 'undefined') return 'This field is missing.';
  if (!issue.message.startsWith('Invalid ')) return issue.message;
  return issue.expected ? `This must be ${issue.expected}, not ${issue.received}.` : issue.message;
}
