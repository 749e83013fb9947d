/** Something about one line that a practitioner would say, and what would mend it. */
import { type Operation } from '../stored/operations';

export interface Finding {
  lineId: string;
  /** A sentence with its reason. */
  text: string;
  /** It is also said at this station. */
  alsoAt?: 'cook';
  fix: { label: string; change: readonly Operation[] } | null;
}
