import type { Plan } from '@tarnpass/core';

/** Whether two plans are the same, whatever the order of their keys: the database gives them in an order of its own. */
export function samePlan(a: Plan, b: Plan): boolean {
  return JSON.stringify(canonical(a)) === JSON.stringify(canonical(b));
}

function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, canonical(inner)]),
  );
}
