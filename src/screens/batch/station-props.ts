/** What every station is given: the documents, what follows from them, and how to change them. */
import { type Assessment } from '@/core/checks/judgement';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { type Outcome, type SaidWhere } from '@/data/hooks';

/** What is only shown. */
export interface ShownProps {
  batch: Batch;
  kitchen: Kitchen;
  assessment: Assessment;
}

/** The alternative that is under the finger: its curve comes forward. */
export interface Touch {
  id: string | null;
  set: (id: string | null) => void;
}

export interface StationProps extends ShownProps {
  touch: Touch;
  /**
   * @param what names the field, so that its keystrokes are one step of undo
   * @param where who says it when it is refused: the foot of the screen, or the caller, beside its field
   * @returns what became of it
   */
  edit: (change: Operation | readonly Operation[], what?: string, where?: SaidWhere) => Promise<Outcome>;
  /** Takes back the step that an edit was. @returns whether it was */
  undoStep: (outcome: Outcome) => Promise<boolean>;
}
