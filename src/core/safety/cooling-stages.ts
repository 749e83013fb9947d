/** How a cooling stands against the rules: which stage took how long, and whether that is allowed. */
import { type CoolingCurve } from '../heat/cooling';
import { type Place } from '../heat/surfaces';
import { type CoolingRule, RULE_PACKS, type RulePack, WARM_ROOM_C } from './packs';

export interface CoolingStage {
  rule: string;
  label: string;
  limitMinutes: number;
  /** Null where the temperature is not reached within a day. */
  tookMinutes: number | null;
  ok: boolean;
}

interface Circumstances {
  curve: CoolingCurve;
  place: Place;
  /** °C of the air around it. */
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

function stage(rule: CoolingRule, { curve, place, ambientC, untilC }: Circumstances): CoolingStage {
  const warm = place !== 'fridge' && place !== 'freezer' && ambientC > WARM_ROOM_C;
  const limitMinutes = warm ? (rule.warmRoomLimitMinutes ?? rule.limitMinutes) : rule.limitMinutes;
  const tookMinutes = minutesTaken(rule, curve, place, untilC);
  return {
    rule: rule.id,
    label: rule.label,
    limitMinutes,
    tookMinutes,
    ok: tookMinutes !== null && tookMinutes <= limitMinutes,
  };
}

function minutesTaken(rule: CoolingRule, curve: CoolingCurve, place: Place, untilC: number): number | null {
  if (rule.kind === 'between') return curve.minutesBetween(rule.fromC ?? 57, rule.toC ?? 5);
  // Food that stands in the cold already is refrigerated from the first minute.
  if (place === 'fridge' || place === 'freezer') return 0;
  return curve.minutesTo(untilC);
}
