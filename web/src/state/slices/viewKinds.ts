/** What a pane of the sheet can show. */
export const VIEWS = {
  plan: 'Plan',
  front: 'Front',
  section: 'Section',
  solid: 'Solid',
  pass: 'The pass',
} as const;
export type ViewKind = keyof typeof VIEWS;
/** As many panes as the sheet holds side by side. */
export const MOST_PANES = 4;
