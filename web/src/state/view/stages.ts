/** The stages that have a page; the pole shows the others as what comes after. */
export const STAGES = { measure: 'Measure', plan: 'Plan', check: 'Check', make: 'Make' } as const;
export type Stage = keyof typeof STAGES;

export const isStage = (text: string | undefined): text is Stage =>
  text !== undefined && Object.hasOwn(STAGES, text);
