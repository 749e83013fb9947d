/** A tin or jar with all that is in it. */
export const UNDRAINED =
  /\b(?:with|in) (?:all )?(?:its|their|the) (?:own )?(?:juices?|liquid|brine|water|oil)\b|\bjuice and all\b|\bundrained\b|\b(?:not|un|without being|don't|do not)[ -]?(?:been )?(?:drained|drain)\b|\bwith (?:juice|liquid|brine)\b/i;
