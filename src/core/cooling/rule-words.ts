/** Rules in words, in the kitchen's scale: each figure as its authority writes it there. */
import { type CoolingRule, HALF_WAY, HOT_HELD, RULE_PACKS, WARM_RULE } from '../safety/packs';
import { written } from '../safety/threshold';
import { formatMinutes } from '../units/format';

/** `57 → 21 °C within 2 h`; `in the fridge within 2 h`. */
function ruleWords(rule: CoolingRule, scale: 'C' | 'F', limitMinutes = rule.limitMinutes): string {
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

/** Of a rule that no pack has any more. */
const UNKNOWN = { missed: 'Throw it away.', canReheat: false } as const;

/** Who set a limit, what is to be done where it was missed, and whether it may then be reheated and cooled again. */
export function adviceOf(id: string): { authority: string; advice: string; canReheat: boolean } {
  const found = ruleById(id);
  const { missed, canReheat } = id === WARM_RULE.id ? WARM_RULE : (found?.rule ?? UNKNOWN);
  const authority = id === WARM_RULE.id ? WARM_RULE.authority : (found?.authority ?? '');
  return { authority, advice: missed, canReheat };
}

/** In the scale of whoever reads it: 57 and 21 °C are 135 and 70 °F. */
export const warmRange = (scale: 'C' | 'F'): string =>
  `${scale === 'C' ? HALF_WAY.c : HALF_WAY.f} and ${written(HOT_HELD, scale)}`;

/** The same in words. */
export function wordsOfRule(id: string, scale: 'C' | 'F', limitMinutes?: number): string {
  if (id === WARM_RULE.id)
    return `never more than ${formatMinutes(WARM_RULE.limitMinutes)} between ${warmRange(scale)}`;
  const found = ruleById(id);
  return found === null ? id : ruleWords(found.rule, scale, limitMinutes);
}
