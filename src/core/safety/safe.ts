/** The `safe` command: this room alone, asked without a batch. */
import { HAZARD_IDS } from '../vocabulary/foods';
import { PACK_IDS } from '../vocabulary/rule-packs';
import { SCHOOL_IDS } from '../vocabulary/schools';
import { PRACTICE, TYPED } from '../vocabulary/sources';
import { z } from '../zod';
import { choosePack, coreLimit } from './core-limit';
import { type CoolingStage, coolingStages, type SafetyState, warmMinutes, warmState } from './cooled';
import { coreEvidence } from './evidence';
import { DANGER, minutesBetween, STANDING, type Track } from './exposure';
import { judgeLoads } from './loads';
import { HOT_HELD } from './packs';

const minute = z
  .number()
  .min(0, 'must be 0 or later')
  .max(14 * 24 * 60, 'must be within two weeks');
const c = z
  .number()
  .min(-60, 'is colder than any freezer: −60 to 130 °C')
  .max(130, 'is hotter than any food: −60 to 130 °C');

export const safeInput = z.strictObject({
  pack: z.enum(['auto', ...PACK_IDS]).describe('The rules; auto follows the school.'),
  school: z.enum(SCHOOL_IDS),
  hazards: z.array(z.enum(HAZARD_IDS)).describe('Of everything in it, as it goes in.'),
  kitchen: z.looseObject({ roomC: c.optional() }).optional().describe('Its room, where that is warm.'),
  exposures: z
    .array(z.strictObject({ minute, c }))
    .refine((list) => list.every((m, i) => i === 0 || m.minute > list[i - 1].minute), 'minutes must increase')
    .optional()
    .describe('The warmest place, as measured.'),
  loads: z
    .array(
      z.strictObject({
        parcels: z.number().int('must be a whole number').min(1, 'must be 1 or more').max(500, 'must be at most 500'),
        readings: z.array(z.strictObject({ minute, c, source: z.enum(['typed', 'practice']) })),
      }),
    )
    .optional(),
});
type SafeInput = z.infer<typeof safeInput>;

interface Safe {
  cooling: {
    state: SafetyState;
    stages: Pick<CoolingStage, 'rule' | 'limitMinutes' | 'tookMinutes' | 'ok'>[];
    minutesBetween5And60: number;
  };
  core: {
    state: SafetyState;
    limitC: number;
    restMinutes: number;
    loads: { state: SafetyState; lowestC: number | null; enough: boolean }[];
  };
}

const worst = (...states: SafetyState[]): SafetyState =>
  states.includes('fix') ? 'fix' : states.includes('watch') ? 'watch' : 'good';

export function safe({ pack: chosen, school, hazards, kitchen, exposures = [], loads = [] }: SafeInput): Safe {
  const pack = choosePack(chosen, school !== 'cooked');
  const limit = coreLimit(
    pack,
    hazards.map((hazard) => ({ name: hazard, hazard })),
  );
  const track: Track = exposures;
  const roomC = kitchen?.roomC;
  const stages = coolingStages(pack, { track, heatedAtMinute: null, ...(roomC === undefined ? {} : { roomC }) });
  const verdict = judgeLoads(
    loads.map(({ parcels, readings }, i) => ({
      load: i + 1,
      parcels,
      isOut: true,
      counted: coreEvidence(
        readings.map(({ source, ...at }) => ({ ...at, source: source === 'typed' ? TYPED : PRACTICE })),
        { stays: [], notBefore: null, soonest: null },
        { isRehearsal: false },
      ).counted,
    })),
    limit,
    0,
  );
  return {
    cooling: {
      state: coolingState(track, pack, stages),
      stages: stages.map(({ rule, limitMinutes, tookMinutes, ok }) => ({ rule, limitMinutes, tookMinutes, ok })),
      minutesBetween5And60: minutesBetween(track, DANGER.fromC, DANGER.toC),
    },
    core: {
      // Without animal food there is no minimum that a thermometer could be short of.
      state: limit.kind === 'doneness' && verdict.state === 'fix' ? 'watch' : verdict.state,
      limitC: limit.c,
      restMinutes: limit.restMinutes,
      loads: verdict.loads.map(({ state, lowestC, enough }) => ({
        state: limit.kind === 'doneness' && state === 'fix' ? 'watch' : state,
        lowestC,
        enough,
      })),
    },
  };
}

function coolingState(
  track: Track,
  { cooling }: { cooling: readonly { kind: 'fall' | 'refrigerate' }[] },
  stages: readonly CoolingStage[],
): SafetyState {
  if (track.length === 0) return 'watch';
  const standing = minutesBetween(track, DANGER.fromC, DANGER.toC);
  const isHot = track.some((m) => m.c >= HOT_HELD.c);
  // What was never hot came out of the cold: of that nothing but the time counts.
  if (!isHot) return standing > STANDING.mostMinutes ? 'fix' : standing > STANDING.minutes ? 'watch' : 'good';
  const byRule = stages.map((stage, i): SafetyState => {
    if (stage.ok) return 'good';
    // Temperatures alone do not show the door of a fridge.
    return stage.end === 'open' || cooling[i].kind === 'refrigerate' ? 'watch' : 'fix';
  });
  const inAll: SafetyState = standing > LONGEST_IN_ALL ? 'fix' : 'good';
  return worst(...byRule, warmState(warmMinutes({ track, heatedAtMinute: null })), inAll);
}

/** No pack lets anything stand between 5 and 60 °C for longer than this (FDA Food Code 3-501.14), minutes. */
const LONGEST_IN_ALL = 360;
