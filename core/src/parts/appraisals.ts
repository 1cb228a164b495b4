import { APPRAISAL_LIST } from './appraisalList';
import type { Appraisal } from './contract/appraisal';
import type { Part } from './families';

/** What is made of a part of its family; what its family laid of it is handed back as it came. */
export const appraisalOf = ({ family }: Pick<Part, 'family'>): Appraisal<unknown> =>
  APPRAISAL_LIST[family] as Appraisal<unknown>;
