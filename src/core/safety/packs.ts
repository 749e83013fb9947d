/**
 * Rule packs: data, not code. Each limit names the authority it comes from; local codes and licensed practice come first.
 * The shipped figures are the published ones; a pack decides nothing by itself.
 */
import { type PackId } from '../document/vocabulary/rule-packs';
import { type Hazard } from '../document/vocabulary/foods';

export interface CoreLimit {
  c: number;
  /** How long it must be held at that temperature, minutes; 0 where reaching it is enough. */
  holdMinutes: number;
  /** How long it must rest afterwards, minutes. */
  restMinutes: number;
}

export interface CoolingRule {
  id: string;
  label: string;
  /** `between`: the clock runs from one temperature to another. `refrigerate`: it runs until the food is in the cold. */
  kind: 'between' | 'refrigerate';
  fromC?: number;
  toC?: number;
  limitMinutes: number;
  /** What the authority says to do when the limit is missed, in its words' sense. */
  missed: string;
  /** The limit where the room is above 32 °C. */
  warmRoomLimitMinutes?: number;
}

export interface RulePack {
  id: PackId;
  label: string;
  authority: string;
  core: Partial<Record<Hazard, CoreLimit>>;
  cooling: readonly CoolingRule[];
  /** A single reading this high needs no holding time. */
  atOnceC: number;
}

const reach = (c: number, holdMinutes = 0, restMinutes = 0): CoreLimit => ({ c, holdMinutes, restMinutes });
const all = (limit: CoreLimit): RulePack['core'] => ({
  poultry: limit,
  'minced-meat': limit,
  'whole-meat': limit,
  fish: limit,
  shellfish: limit,
  egg: limit,
  'cooked-animal': limit,
  cured: limit,
});

export const RULE_PACKS: Record<PackId, RulePack> = {
  home: {
    id: 'home',
    label: 'home chart',
    authority: 'US federal safe minimum internal temperature chart',
    core: {
      poultry: reach(74),
      'minced-meat': reach(71),
      'whole-meat': reach(63, 0, 3),
      fish: reach(63),
      shellfish: reach(63),
      egg: reach(71),
      'cooked-animal': reach(74),
      // The chart knows raw ham (63) and leftovers (74); inside a parcel what is cured counts as the stricter.
      cured: reach(74),
    },
    cooling: [
      {
        missed:
          'Perishable food that has stood out longer than this is thrown away. Do not taste it, do not reheat it to save it.',
        id: 'home-2h',
        label: 'in the fridge within 2 h',
        kind: 'refrigerate',
        limitMinutes: 120,
        warmRoomLimitMinutes: 60,
      },
    ],
    atOnceC: 74,
  },
  stuffed: {
    id: 'stuffed',
    label: 'stuffed-food rule',
    authority: 'FDA Food Code 3-401.11 and 3-501.14',
    core: all(reach(74)),
    cooling: [
      {
        id: 'stuffed-57-21',
        label: '57 → 21 °C within 2 h',
        kind: 'between',
        fromC: 57,
        toC: 21,
        limitMinutes: 120,
        missed:
          'Still above 21 °C after two hours: either reheat it at once to 74 °C all through and cool it again faster, once only, or throw it away.',
      },
      {
        id: 'stuffed-57-5',
        label: '57 → 5 °C within 6 h in all',
        missed: 'Not at 5 °C after six hours in all: throw it away.',
        kind: 'between',
        fromC: 57,
        toC: 5,
        limitMinutes: 360,
      },
    ],
    atOnceC: 74,
  },
  uk: {
    id: 'uk',
    label: '70 °C for 2 minutes',
    authority: 'UK Food Standards Agency guidance',
    core: all(reach(70, 2)),
    cooling: [
      {
        id: 'uk-90',
        label: 'cooled and in the fridge within 90 min',
        kind: 'refrigerate',
        limitMinutes: 90,
        missed:
          'Cooked food is to be in the fridge within one to two hours. What has stood out longer is thrown away; it cannot be made good by reheating.',
      },
    ],
    // The published equivalents: 75 °C for half a minute, which is how long a probe takes to settle.
    atOnceC: 75,
  },
};

/** Above this a room counts as warm, °C (US federal two-hour rule). */
export const WARM_ROOM_C = 32;
