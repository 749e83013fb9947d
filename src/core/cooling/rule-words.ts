/** Rules in words, in the kitchen's scale: each figure as its authority writes it there. */
import { type CoolingRule, RULE_PACKS } from '../safety/packs';
import { WARM_MINUTES } from '../safety/cooled';
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
    cooling.map((rule) => [rule.id, { rule, authority: rule.authority ?? authority }] as const),
  ),
);

/** A rule by its id, with its authority; null where no pack has it. */
export const ruleById = (id: string) => RULES.get(id) ?? null;

/** What holds whatever the pack. */
export const WARM_RULE_ID = 'warm-4h';
/** In the scale of whoever reads it: 57 and 21 °C are 135 and 70 °F. */
export const warmRange = (scale: 'C' | 'F'): string => (scale === 'C' ? '57 and 21 °C' : '135 and 70 °F');

/** The same in words. */
export function wordsOfRule(id: string, scale: 'C' | 'F', limitMinutes?: number): string {
  const known = ruleById(id);
  if (known !== null) return ruleWords(known.rule, scale, limitMinutes);
  return id === WARM_RULE_ID ? `never more than ${formatMinutes(WARM_MINUTES.fix)} between ${warmRange(scale)}` : id;
}
