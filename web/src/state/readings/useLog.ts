import { createSelector } from '@reduxjs/toolkit';
import { measurable, summarise, type Dimension, type LogSummary, type Plan } from '@tarnpass/core';
import { useApp, type RootState } from '../slices/app';

const planOf = ({ job }: RootState) => job?.plan;
const NONE: readonly Dimension[] = [];

/** Everything of the plan that can be read, by key. */
const dimensionsOf = createSelector([planOf], (plan) => (plan ? measurable(plan) : NONE));

const summaryOf = createSelector(
  [
    ({ readings }: RootState) => readings.log,
    ({ readings }: RootState) => readings.rules,
    dimensionsOf,
    planOf,
  ],
  (log, rules, dimensions, plan): LogSummary => {
    const usual = new Map(dimensions.map(({ key, rule }) => [key, rule]));
    const used = new Map((plan as Plan | undefined)?.measured.map(({ of, rule }) => [of, rule]));
    return summarise(log, (of) => rules[of] ?? used.get(of) ?? usual.get(of) ?? 'mean');
  },
);

export const useDimensions = (): readonly Dimension[] => useApp(dimensionsOf);
/** What the readings come to: instruments compared, and of each dimension the value that governs. */
export const useSummary = (): LogSummary => useApp(summaryOf);
