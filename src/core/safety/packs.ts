/**
 * Rule packs: data, not code. Each limit names the authority it comes from; local codes and licensed practice come first.
 * The shipped figures are the published ones, each in its authority's own scales. Nothing rewrites them: what is asked of a
 * dough, how a wrapper is kept dry, when a filling can be wrapped is asked elsewhere, beside them.
 */
import { type PackId } from '../vocabulary/rule-packs';
import { type Hazard } from '../vocabulary/foods';
import { type Threshold } from './threshold';

export interface CoreLimit {
  at: Threshold;
  /** How long it must be held there, minutes; 0 where reaching it is enough. */
  holdMinutes: number;
  /** How long it must rest afterwards, minutes. */
  restMinutes: number;
}

interface RuleRecord {
  id: string;
  limitMinutes: number;
  /** What the authority says to do when the limit is missed, in its words' sense. */
  missed: string;
  /** Once only: reheated at once it may be cooled again. */
  canReheat: boolean;
  /** Who says so, where it is not the pack's own authority. */
  authority?: string;
}

/** The clock runs from one temperature to another. */
export interface FallRule extends RuleRecord {
  kind: 'fall';
  from: Threshold;
  to: Threshold;
  /** It counts all the time since `from`, and another rule the first part of it. */
  isInAll: boolean;
}

/** The clock runs until the food is in the cold. */
export interface FridgeRule extends RuleRecord {
  kind: 'refrigerate';
  /** The limit where the room is above `warmRoom`. */
  warmRoomLimitMinutes: number | null;
  warmRoom: Threshold;
  /** As cold as that it is to become in there. */
  coldTo: Threshold;
}

export type CoolingRule = FallRule | FridgeRule;

export interface RulePack {
  id: PackId;
  label: string;
  authority: string;
  core: Partial<Record<Hazard, CoreLimit>>;
  cooling: readonly CoolingRule[];
  /** Other temperatures, each with the minutes that are as good, the hottest last; empty where the pack has none. */
  equivalents: readonly { at: Threshold; minutes: number }[];
}

/** The two-hour rule. */
export const PERISHABLE_GUIDANCE = 'US federal guidance on perishable food at room temperature (2 h, 1 h above 90 °F)';

const POULTRY: Threshold = { f: 165, c: 74 };
const MINCED: Threshold = { f: 160, c: 71 };
const WHOLE: Threshold = { f: 145, c: 63 };
const UK_CORE: Threshold = { f: 158, c: 70 };
export const HOT_HELD: Threshold = { f: 135, c: 57 };
export const HALF_WAY: Threshold = { f: 70, c: 21 };
export const COLD: Threshold = { f: 41, c: 5 };
const UK_COLD: Threshold = { f: 46, c: 8 };
/** Above it a room counts as warm (US federal two-hour rule). */
export const WARM_ROOM: Threshold = { f: 90, c: 32 };

const reach = (at: Threshold, holdMinutes = 0, restMinutes = 0): CoreLimit => ({ at, holdMinutes, restMinutes });
const all = (limit: CoreLimit): RulePack['core'] => ({
  poultry: limit,
  'minced-meat': limit,
  'whole-meat': limit,
  fish: limit,
  shellfish: limit,
  egg: limit,
  'cooked-animal': limit,
  cured: limit,
  unknown: limit,
});

export const RULE_PACKS: Record<PackId, RulePack> = {
  home: {
    id: 'home',
    label: 'home chart',
    authority: 'US federal safe minimum internal temperature chart',
    core: {
      poultry: reach(POULTRY),
      'minced-meat': reach(MINCED),
      'whole-meat': reach(WHOLE, 0, 3),
      fish: reach(WHOLE),
      shellfish: reach(WHOLE),
      egg: reach(MINCED),
      'cooked-animal': reach(POULTRY),
      // The chart knows raw ham (145 °F) and leftovers (165); inside a parcel what is cured counts as the stricter.
      cured: reach(POULTRY),
      // What nobody has named is taken for what asks the most.
      unknown: reach(POULTRY),
    },
    cooling: [
      {
        id: 'home-2h',
        kind: 'refrigerate',
        limitMinutes: 120,
        warmRoomLimitMinutes: 60,
        warmRoom: WARM_ROOM,
        coldTo: COLD,
        authority: PERISHABLE_GUIDANCE,
        missed:
          'Throw away perishable food that has stood out longer than this. Don’t taste it, and don’t reheat it to save it.',
        canReheat: false,
      },
    ],
    equivalents: [],
  },
  stuffed: {
    id: 'stuffed',
    label: 'stuffed-food rule',
    authority: 'FDA Food Code 3-401.11 and 3-501.14',
    core: all(reach(POULTRY)),
    cooling: [
      {
        id: 'stuffed-57-21',
        kind: 'fall',
        from: HOT_HELD,
        to: HALF_WAY,
        limitMinutes: 120,
        isInAll: false,
        missed:
          'Too warm for too long: either reheat it at once to 165 °F (74 °C) all through and cool it again faster, once only, or throw it away.',
        canReheat: true,
      },
      {
        id: 'stuffed-57-5',
        kind: 'fall',
        from: HOT_HELD,
        to: COLD,
        limitMinutes: 360,
        isInAll: true,
        missed: 'Not cold after six hours in all: throw it away.',
        canReheat: false,
      },
    ],
    equivalents: [],
  },
  uk: {
    id: 'uk',
    label: '70 °C for 2 minutes',
    authority: 'UK Food Standards Agency guidance',
    core: all(reach(UK_CORE, 2)),
    cooling: [
      {
        id: 'uk-90',
        kind: 'refrigerate',
        limitMinutes: 90,
        warmRoomLimitMinutes: null,
        warmRoom: WARM_ROOM,
        coldTo: UK_COLD,
        missed:
          'Cooked food belongs in the fridge within one to two hours. Throw away what has stood out longer. Reheating doesn’t make it safe.',
        canReheat: false,
      },
    ],
    equivalents: [
      { at: { f: 140, c: 60 }, minutes: 45 },
      { at: { f: 149, c: 65 }, minutes: 10 },
      { at: UK_CORE, minutes: 2 },
      { at: { f: 167, c: 75 }, minutes: 0.5 },
      { at: { f: 176, c: 80 }, minutes: 0.1 },
    ],
  },
};

/** What holds whatever the pack: the warmest place half-way between hot and cold for so long. */
export const WARM_RULE = {
  id: 'warm-4h',
  limitMinutes: 240,
  authority: 'FDA Food Code 3-501.19, time as a public health control',
  missed: 'It was between hot and cold for more than four hours. Throw it away.',
  canReheat: false,
} as const satisfies RuleRecord;

/** "Shallow containers": no deeper than two inches (US federal guidance on leftovers), mm. */
export const SHALLOW_MM = 51;
