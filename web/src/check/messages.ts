import type { Plan, Report } from '@tarnpass/core';

/** The one channel to the worker: a plan with its version goes in, the report of that version comes back. */
export interface CheckRequest {
  readonly version: number;
  readonly plan: Plan;
}
export type CheckReply =
  | { readonly version: number; readonly ok: true; readonly report: Report }
  | { readonly version: number; readonly ok: false; readonly message: string };
