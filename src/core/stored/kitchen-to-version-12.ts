/** Version 12 of the kitchen: lengths, amounts and times of day as its cook likes them, and what is always in the house. */
import { ALWAYS_AT_HOME } from '../vocabulary/always-at-home';

type Json = Record<string, unknown>;

export const kitchenToVersion12 = (kitchen: Json): Json => ({
  ...kitchen,
  version: 12,
  lengths: 'mm',
  amounts: 'written',
  hours: 24,
  alwaysAtHome: [...ALWAYS_AT_HOME],
});
