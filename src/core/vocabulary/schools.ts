/** The schools of filling: what goes into the wrapper raw, and what has been cooked. */
import { idsOf, recordsOf } from './records';
import { type Stage } from './stages';

interface SchoolRecord {
  /** `raw filling` */
  label: string;
  /** As the one asked "the filling goes in …" answers. */
  answer: string;
  note: string;
  /** Where salt goes in. */
  saltAt: Stage;
  /** Where what is added at the end goes in: liquid worked in, and what binds without heat. */
  lateAt: Stage;
}

export const SCHOOLS = recordsOf<SchoolRecord>()({
  raw: {
    label: 'raw filling',
    answer: 'Raw',
    note: 'mixed and wrapped raw; it cooks inside, and its centre must be measured',
    saltAt: 'raw-mix',
    lateAt: 'raw-mix',
  },
  cooked: {
    label: 'cooked filling',
    answer: 'Cooked',
    note: 'cooked, thickened and cooled before it is wrapped',
    saltAt: 'simmer',
    lateAt: 'when-cool',
  },
  'part-cooked': {
    label: 'part-cooked filling',
    answer: 'Part-cooked',
    note: 'some of it cooked and cooled, then mixed with the raw rest: a looser crumb',
    saltAt: 'raw-mix',
    lateAt: 'when-cool',
  },
});
export type School = keyof typeof SCHOOLS;
export const SCHOOL_IDS = idsOf(SCHOOLS);
