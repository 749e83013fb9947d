/** What every station is given: the documents, what follows from them, and how to change them. */
import { type Assessment } from '@/core/batch/assess';
import { type Kitchen } from '@/core/batch/kitchen';
import { type Operation } from '@/core/batch/operations';
import { type Batch } from '@/core/batch/schema';

export interface StationProps {
  batch: Batch;
  kitchen: Kitchen;
  assessment: Assessment;
  /** @param what names the field, so that its keystrokes are one step of undo */
  edit: (change: Operation | readonly Operation[], what?: string) => void;
}
