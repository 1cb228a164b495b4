import { reportOf } from '@tarnpass/core';
import type { CheckReply, CheckRequest } from './messages';

self.onmessage = ({ data: { version, plan } }: MessageEvent<CheckRequest>) => {
  let reply: CheckReply;
  try {
    reply = { version, ok: true, report: reportOf(plan) };
  } catch (error) {
    reply = { version, ok: false, message: error instanceof Error ? error.message : String(error) };
  }
  self.postMessage(reply);
};
