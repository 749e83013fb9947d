/**
 * How a cooling stands against a pack, and against what holds whatever the pack. A pack is met only by what it says: in the
 * fridge within two hours also means shallow, and a pot in the fridge is not cooled by that. What is wrapped warm and heated
 * again at once was never to be cooled: it is judged by the time until the heat.
 */
import {
  COLD,
  type CoolingRule,
  type FallRule,
  HALF_WAY,
  HOT_HELD,
  type RulePack,
  SHALLOW_MM,
  WARM_RULE,
} from './packs';
import { endOf, fall, minuteAtMost, minutesBetween, type Track } from './exposure';
import { celsiusOf, isAbove } from './threshold';

/** What is known of a cooling. */
interface Cooling {
  /** The warmest place since it came off the heat. */
  track: Track;
  /** When it went into the cold; null where it does not; undefined where temperatures are all that is known. */
  coldAtMinute?: number | null;
  /** How deep it lies there, mm. */
  depthMm?: number;
  /** When it is heated again, cooled or not; null where it is not. */
  heatedAtMinute: number | null;
  /** The warmest air around it outside fridge and freezer, °C. */
  roomC?: number;
}

/**
 * How a rule was met, or not. `heated`: not asked, it was in the heat again in time. `deep`: in the cold in time, but deeper than
 * its authority says. `open`: its time is not up.
 */
export type StageEnd = 'met' | 'heated' | 'deep' | 'open' | 'missed';

export interface CoolingStage {
  rule: string;
  limitMinutes: number;
  /** Null where what the rule asks for does not come about. */
  tookMinutes: number | null;
  /** Minutes of its limit that were used: until it was met, or until it was in the heat again; null where neither comes about. */
  usedMinutes: number | null;
  /** Met, or heated again within the rule's time. */
  ok: boolean;
  end: StageEnd;
}

export type SafetyState = 'good' | 'watch' | 'fix';

/** Warmest place between hot-held and half-way for longer than this: Watch, then Fix, whatever the pack, minutes. */
export const WARM_MINUTES = { watch: 120, fix: WARM_RULE.limitMinutes } as const;

const limitOf = (rule: CoolingRule, roomC: number | undefined): number =>
  rule.kind === 'refrigerate' &&
  rule.warmRoomLimitMinutes !== null &&
  roomC !== undefined &&
  isAbove(roomC, rule.warmRoom)
    ? rule.warmRoomLimitMinutes
    : rule.limitMinutes;

/** The stages of a pack. */
export const coolingStages = ({ cooling }: RulePack, course: Cooling): CoolingStage[] =>
  cooling.map((rule) => (rule.kind === 'fall' ? fallStage(rule, course) : fridgeStage(rule, course)));

/** Both scales are the authority's: the one that is kinder to the food decides, as either is the rule. */
function fallStage(rule: FallRule, { track, heatedAtMinute }: Cooling): CoolingStage {
  const inBoth = [
    fall(track, rule.from.c, rule.to.c),
    fall(track, celsiusOf(rule.from.f), celsiusOf(rule.to.f)),
  ].filter((f) => f !== null);
  const base = { rule: rule.id, limitMinutes: rule.limitMinutes };
  // It never came down to where the clock starts: it is hot still.
  if (inBoth.length === 0)
    return { ...base, tookMinutes: null, usedMinutes: null, ok: heatedAtMinute !== null, end: 'open' };
  const reached = inBoth.flatMap(({ since, took }) =>
    took !== null && (heatedAtMinute === null || since + took <= heatedAtMinute) ? [took] : [],
  );
  const within = (minutes: number): boolean => minutes <= rule.limitMinutes + EXACT;
  if (reached.length > 0) {
    const took = Math.min(...reached);
    return { ...base, tookMinutes: took, usedMinutes: took, ok: within(took), end: within(took) ? 'met' : 'missed' };
  }
  const since = Math.max(...inBoth.map((f) => f.since));
  if (heatedAtMinute !== null) {
    const usedMinutes = heatedAtMinute - since;
    const ok = within(usedMinutes);
    return { ...base, tookMinutes: null, usedMinutes, ok, end: ok ? 'heated' : 'missed' };
  }
  return {
    ...base,
    tookMinutes: null,
    usedMinutes: null,
    ok: false,
    end: within(endOf(track) - since) ? 'open' : 'missed',
  };
}

function fridgeStage(rule: Extract<CoolingRule, { kind: 'refrigerate' }>, course: Cooling): CoolingStage {
  const { track, coldAtMinute, depthMm, heatedAtMinute, roomC } = course;
  const limitMinutes = limitOf(rule, roomC);
  const began = track[0]?.minute ?? 0;
  const isShallow = depthMm === undefined || depthMm <= SHALLOW_MM;
  // By temperatures alone: what has fallen below any room is in the cold, if it goes on to be cold.
  const coldBy = minuteAtMost(track, Math.max(rule.coldTo.c, celsiusOf(rule.coldTo.f)));
  const seenCold = coldAtMinute === undefined && coldBy !== null ? minuteAtMost(track, celsiusOf(HALF_WAY.f)) : null;
  const inTheCold = [isShallow ? (coldAtMinute ?? null) : null, seenCold, coldBy].filter((m) => m !== null);
  const cold = inTheCold.length === 0 ? null : Math.min(...inTheCold) - began;
  const heated = heatedAtMinute === null ? null : heatedAtMinute - began;
  const isHeated = heated !== null && (cold === null || heated < cold);
  const took = isHeated ? heated : cold;
  const base = { rule: rule.id, limitMinutes };
  if (took === null) {
    const isOpen = endOf(track) - began <= limitMinutes + EXACT;
    return { ...base, tookMinutes: null, usedMinutes: null, ok: false, end: isOpen ? 'open' : 'missed' };
  }
  const ok = took <= limitMinutes + EXACT;
  const isInFridge = typeof coldAtMinute === 'number' && coldAtMinute - began <= limitMinutes + EXACT;
  const end = ok ? (isHeated ? 'heated' : 'met') : isInFridge ? 'deep' : 'missed';
  return { ...base, tookMinutes: took, usedMinutes: took, ok, end };
}

/** Last digits of a crossing, minutes. */
const EXACT = 1e-6;

/** Minutes that the warmest place was between hot-held and half-way, until it was heated again. */
export const warmMinutes = ({ track, heatedAtMinute }: Pick<Cooling, 'track' | 'heatedAtMinute'>): number =>
  minutesBetween(track, HALF_WAY.c, HOT_HELD.c, heatedAtMinute ?? Infinity);

/** What warm minutes say, whatever the pack. */
export const warmState = (minutes: number): SafetyState =>
  minutes > WARM_MINUTES.fix ? 'fix' : minutes > WARM_MINUTES.watch ? 'watch' : 'good';

/** Cold enough for any pack, °C. */
export const COLD_C = COLD.c;
