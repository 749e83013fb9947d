/** What was done where a limit of cooling was missed. Until it is said, nothing goes on. */
import { idsOf, recordsOf } from './records';

interface MissedRecord {
  /** As the button says it. */
  label: string;
  /** As it is said afterwards. */
  done: string;
}

export const MISSED = recordsOf<MissedRecord>()({
  nothing: { label: 'Not said yet', done: 'you haven’t said what you did' },
  reheated: { label: 'Reheated all through, and cooling again', done: 'reheated all through and cooled again' },
  'thrown-away': { label: 'Thrown away', done: 'thrown away' },
});
export type MissedAnswer = keyof typeof MISSED;
export const MISSED_IDS = idsOf(MISSED);
