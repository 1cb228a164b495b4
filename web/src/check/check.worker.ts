import { reportOf, SceneChecker } from '@tarnpass/core';
import type { CheckReply, CheckRequest } from './messages';

/** Kept from one plan to the next: only what an edit changed is checked anew. */
const checker = new SceneChecker({ curves: true });

self.onmessage = ({ data: { version, plan } }: MessageEvent<CheckRequest>) => {
  let reply: CheckReply;
  try {
    reply = { version, ok: true, report: reportOf(plan, checker) };
  } catch (error) {
    reply = { version, ok: false, message: error instanceof Error ? error.message : String(error) };
  }
  self.postMessage(reply);
};
