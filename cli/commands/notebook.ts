/** `causes`: why a batch came out as it did, read off its own numbers. */
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { readBatch } from '@/core/stored/read';
import { contradictions } from '@/core/notebook/contradictions';
import { findCauses } from '@/core/notebook/find-causes';
import { numbersOf } from '@/core/notebook/numbers';
import { type Command, InputError } from '../command';

type Json = Record<string, unknown>;
const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An outcome that is only named is clearly so, nowhere in particular. */
function withOutcomes(input: unknown): unknown {
  if (!isObject(input) || !isObject(input.note) || !Array.isArray(input.note.outcomes)) return input;
  const outcomes = (input.note.outcomes as unknown[]).map((o) =>
    typeof o === 'string' && input.version !== 9 ? { what: o, much: 'clearly', where: null } : o,
  );
  return { ...input, note: { ...input.note, outcomes } };
}

export const causesCommand: Command = (input) => {
  const read = readBatch(withOutcomes(input));
  if (!read.ok) throw new InputError(read.problems);
  const batch = read.value;
  const explained = findCauses(numbersOf(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first')));
  return {
    outcomes: explained.map(({ outcome, causes }) => ({
      outcome: outcome.what,
      causes: causes.map(({ id, strength, sentence, evidence, against }) => ({
        id,
        strength: Math.round(strength * 100) / 100,
        // Asterisks mark the deciding number on screen.
        sentence: sentence.replace(/\*/g, ''),
        evidence,
        against,
      })),
    })),
    questions: contradictions(batch.note.outcomes).map(({ question }) => question),
  };
};
