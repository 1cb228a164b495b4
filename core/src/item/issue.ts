/** Something wrong with what came in: where, and a sentence. */
export interface Issue {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** A path as people read it: `parts[0].fit.hinge`. */
export function pathText(path: Issue['path']): string {
  return path.reduce<string>((text, step) => {
    if (typeof step === 'number') return `${text}[${step}]`;
    return text === '' ? step : `${text}.${step}`;
  }, '');
}
