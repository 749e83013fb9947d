/** Rules in words, in the kitchen's scale: each figure as its authority writes it there. */
import { type CoolingRule, RULE_PACKS } from '../safety/packs';
import { written } from '../safety/threshold';
import { formatMinutes } from '../units/format';

/** `57 → 21 °C within 2 h`; `in the fridge within 2 h`. */
export function ruleWords(rule: CoolingRule, scale: 'C' | 'F', limitMinutes = rule.limitMinutes): string {
  const within = `within ${formatMinutes(limitMinutes)}`;
  if (rule.kind === 'refrigerate') return `in the fridge ${within}`;
  const from = scale === 'C' ? rule.from.c : rule.from.f;
  return `${from} → ${written(rule.to, scale)} ${within}${rule.isInAll ? ' in all' : ''}`;
}

const RULES = new Map(
  Object.values(RULE_PACKS).flatMap(({ authority, cooling }) =>
    cooling.map((rule) => [rule.id, { rule, authority }] as const),
  ),
);

/** A rule by its id, with its authority; null where no pack has it. */
export const ruleById = (id: string) => RULES.get(id) ?? null;

/** The same in words. */
export function wordsOfRule(id: string, scale: 'C' | 'F', limitMinutes?: number): string {
  const known = ruleById(id);
  return known === null ? id : ruleWords(known.rule, scale, limitMinutes);
}
