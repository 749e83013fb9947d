/** How a cooling stands against the rules: which stage took how long, and whether that is allowed. */
import { type CoolingRule, RULE_PACKS, type RulePack, WARM_ROOM_C } from './packs';

/** A falling temperature, as far as the rules ask about it. */
export interface FallingCurve {
  /** Minutes until it has fallen to a temperature; null where it does not. */
  minutesTo(c: number): number | null;
  /** Minutes from one temperature down to another; null where the second is not reached. */
  minutesBetween(fromC: number, toC: number): number | null;
}

export interface CoolingStage {
  rule: string;
  label: string;
  limitMinutes: number;
  /** Null where the temperature is not reached within a day. */
  tookMinutes: number | null;
  ok: boolean;
}

interface Circumstances {
  curve: FallingCurve;
  /** When it goes into fridge or freezer, min from the start; null where it does not. */
  coldAtMinute: number | null;
  /** The warmest air around it outside fridge and freezer, °C. */
  ambientC: number;
  /** Where it is cool enough to be wrapped, or put away. */
  untilC: number;
}

/** The stages of one rule pack. */
export function coolingStages(pack: RulePack, circumstances: Circumstances): CoolingStage[] {
  return pack.cooling.map((rule) => stage(rule, circumstances));
}

/** The stages of every rule pack. */
export function allCoolingStages(circumstances: Circumstances): CoolingStage[] {
  return Object.values(RULE_PACKS).flatMap((pack) => coolingStages(pack, circumstances));
}

function stage(rule: CoolingRule, { curve, coldAtMinute, ambientC, untilC }: Circumstances): CoolingStage {
  const warm = ambientC > WARM_ROOM_C;
  const limitMinutes = warm ? (rule.warmRoomLimitMinutes ?? rule.limitMinutes) : rule.limitMinutes;
  const tookMinutes = minutesTaken(rule, curve, coldAtMinute, untilC);
  return {
    rule: rule.id,
    label: rule.label,
    limitMinutes,
    tookMinutes,
    ok: tookMinutes !== null && tookMinutes <= limitMinutes,
  };
}

function minutesTaken(
  rule: CoolingRule,
  curve: Circumstances['curve'],
  coldAtMinute: number | null,
  untilC: number,
): number | null {
  if (rule.kind === 'between') return curve.minutesBetween(rule.fromC ?? 57, rule.toC ?? 5);
  // Food that stands in the cold is refrigerated from then on.
  const ready = curve.minutesTo(untilC);
  return coldAtMinute === null ? ready : Math.min(coldAtMinute, ready ?? Infinity);
}
