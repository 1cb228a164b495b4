import type { Field } from '../../card/field';
import type { PathStep } from '../../item/path';

/** Fields of lengths in one group of a part's card. */
export const lengthOf =
  <Part>(group: string) =>
  (label: Field<Part>['label'], path: readonly PathStep[], when?: (part: Part) => boolean): Field<Part> => ({
    group,
    label,
    path,
    input: 'length',
    ...(when && { when }),
  });
