/** What a recipe is read as. */
import { type FormId } from '../../forms';
import { type Batch } from '../../stored/schema';
import { type Method } from '../../vocabulary/methods';
import { type School } from '../../vocabulary/schools';
import { type Question } from '../to-batch';
import { type Answer } from '../to-line';

/** Something that was found, to be looked over. */
export interface Found {
  what: 'form' | 'count' | 'school' | 'dough' | 'size' | 'heat' | 'glaze' | 'boiled off';
  value: string;
  /** The words it was read from; null where the recipe is silent, and it is as is usual. */
  words: string | null;
}

export interface Ask {
  /** The line, or the part of it. */
  text: string;
  /** What is asked; null where nothing is. */
  question: string | null;
  /** "an ordinary jam", where it is taken as its class. */
  takenAs: string | null;
  answers: Answer[];
}

export interface Planned {
  batch: Batch;
  questions: Question[];
  /** Lines that leave something open, or are taken as what they are likest, with answers to be tapped. */
  asks: Ask[];
  /** Lines of this filling that are kept in words. */
  notes: string[];
  found: Found[];
}

export interface RecipePlan {
  plans: Planned[];
  /** What is kept in words. */
  notes: string[];
}

/** What the cook says otherwise than it was read. */
export interface PlanSaid {
  form?: FormId;
  count?: number;
  school?: School;
  method?: Method;
}
