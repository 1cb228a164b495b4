import type { Answer } from '@tarnpass/core';

const MOST_KEPT = 500;

/** Answers by job and revision, which never change: the oldest used go first. Each server keeps its own. */
class Answers {
  private readonly kept = new Map<string, Answer>();

  of(key: string, compute: () => Answer): Answer {
    const known = this.kept.get(key);
    const answer = known ?? compute();
    this.kept.delete(key);
    this.kept.set(key, answer);
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    return answer;
  }
}

export const answers = new Answers();
