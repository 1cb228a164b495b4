import type { Request, Response } from 'express';
import * as v from 'valibot';
import { plainSentence, type Issue } from '@tarnpass/core';
import { JobIdSchema } from '../jobs/schema';

/** A body read through its schema; where it cannot be, the answer has been given. */
export function parsed<S extends v.GenericSchema>(
  schema: S,
  body: unknown,
  response: Response,
): v.InferOutput<S> | undefined {
  const read = v.safeParse(schema, body);
  if (read.success) return read.output;
  const issues: Issue[] = read.issues.map((issue) => ({
    path: (issue.path ?? []).map(({ key }) => (typeof key === 'number' ? key : String(key))),
    message: plainSentence(issue),
  }));
  response.status(400).json({ message: 'This request cannot be read.', issues });
  return undefined;
}

/** The job an address names; where it can name none, the answer has been given. */
export function jobId(request: Request, response: Response): string | undefined {
  const read = v.safeParse(JobIdSchema, request.params['id']);
  if (read.success) return read.output;
  noSuchJob(response);
  return undefined;
}

export const noSuchJob = (response: Response): void => {
  response.status(404).json({ message: 'There is no such job.' });
};
