/** The small changes a kitchen is edited by: settings, what it owns, and what it has learned. */
import { type OwnIngredient } from './own-ingredient-schema';
import { type OwnDough } from './own-dough-schema';
import { type Learned, type Lesson, withLesson, withoutLesson } from '../learning/learned';
import { type LearnedId } from '../vocabulary/learned';
import { type Appliance, type ApplianceHeat, type Kitchen } from './kitchen';

type Vessel = Kitchen['vessels'][number];
type Fit = Kitchen['cooling'][number];
/** What a fit of cooling is kept under. */
export type FitKey = Pick<Fit, 'vessel' | 'place' | 'base' | 'covered'>;

type Settings = Omit<
  Kitchen,
  | 'format'
  | 'version'
  | 'revision'
  | 'writer'
  | 'ingredients'
  | 'vessels'
  | 'cooling'
  | 'doughs'
  | 'appliances'
  | 'learned'
  | 'putAside'
  | 'frozen'
>;

export type KitchenOperation =
  | { do: 'setKitchen'; to: Partial<Settings> }
  | { do: 'addVessel'; vessel: Vessel }
  | { do: 'removeVessel'; id: string }
  | { do: 'keepOwn'; ingredient: OwnIngredient }
  | { do: 'dropOwn'; id: string }
  | { do: 'keepDough'; dough: OwnDough }
  | { do: 'dropDough'; id: string }
  /** Something to cook in, new or as it is now. */
  | { do: 'keepAppliance'; appliance: Appliance }
  | { do: 'dropAppliance'; id: string }
  /** How an appliance really heats, from readings. */
  | { do: 'keepHeat'; id: string; heat: ApplianceHeat }
  | { do: 'forgetHeat'; id: string; medium: ApplianceHeat['medium'] }
  | { do: 'keepFit'; fit: Fit }
  | { do: 'forgetFit'; key: FitKey }
  /** What a batch says of a figure; it is frozen as it is, or let learn again; it goes back to the estimate. */
  | { do: 'learn'; lesson: Lesson; batchId: string; at: string }
  /** What a batch said at a time is taken back, of whatever figures. */
  | { do: 'unlearn'; batchId: string; at: string }
  | { do: 'freezeLearned'; what: LearnedId; of: string; isFrozen: boolean }
  | { do: 'forgetLearned'; what: LearnedId; of: string }
  /** A fit of cooling or of an appliance stays as it is, or follows readings again. */
  | { do: 'freeze'; key: string; isFrozen: boolean }
  /** What was put aside by a later version has been read. */
  | { do: 'readPutAside' }
  /** A figure as it was, put back. */
  | { do: 'keepLearned'; learned: Learned };

const isSameKey = (a: FitKey, b: FitKey): boolean =>
  a.vessel === b.vessel && a.place === b.place && a.base === b.base && a.covered === b.covered;

/** What a fit is frozen under. */
export const fitKey = ({ vessel, place, base, covered }: FitKey): string =>
  `cooling ${vessel} ${place} ${base}${covered ? ' covered' : ''}`;
export const heatKey = (applianceId: string, medium: ApplianceHeat['medium']): string =>
  `heat ${applianceId} ${medium}`;

/** Applies a change. What is not in the kitchen changes nothing. */
export function applyToKitchen(kitchen: Kitchen, change: KitchenOperation): Kitchen {
  switch (change.do) {
    case 'setKitchen':
      // What is aimed for is set by hand: what was learned of it before says no more.
      return change.to.saltTargetPercent === undefined
        ? { ...kitchen, ...change.to }
        : { ...kitchen, ...change.to, learned: kitchen.learned.filter(({ what }) => what !== 'salt') };
    case 'addVessel':
      return { ...kitchen, vessels: [...kitchen.vessels, change.vessel] };
    case 'removeVessel':
      return { ...kitchen, vessels: kitchen.vessels.filter((v) => v.id !== change.id) };
    case 'keepOwn': {
      const others = kitchen.ingredients.filter((i) => i.id !== change.ingredient.id);
      return { ...kitchen, ingredients: [...others, change.ingredient] };
    }
    case 'dropOwn':
      return { ...kitchen, ingredients: kitchen.ingredients.filter((i) => i.id !== change.id) };
    case 'keepDough': {
      const others = kitchen.doughs.filter((d) => d.id !== change.dough.id);
      return { ...kitchen, doughs: [...others, change.dough] };
    }
    case 'dropDough':
      return { ...kitchen, doughs: kitchen.doughs.filter((d) => d.id !== change.id) };
    case 'keepAppliance': {
      const isThere = kitchen.appliances.some((a) => a.id === change.appliance.id);
      const appliances = isThere
        ? kitchen.appliances.map((a) => (a.id === change.appliance.id ? change.appliance : a))
        : [...kitchen.appliances, change.appliance];
      return { ...kitchen, appliances };
    }
    case 'dropAppliance':
      return { ...kitchen, appliances: kitchen.appliances.filter((a) => a.id !== change.id) };
    case 'keepHeat':
      if (kitchen.frozen.includes(heatKey(change.id, change.heat.medium))) return kitchen;
      return withHeats(kitchen, change.id, (heats) => [
        ...heats.filter((h) => h.medium !== change.heat.medium),
        change.heat,
      ]);
    case 'forgetHeat':
      return withHeats(kitchen, change.id, (heats) => heats.filter((h) => h.medium !== change.medium));
    case 'keepFit':
      if (kitchen.frozen.includes(fitKey(change.fit))) return kitchen;
      return { ...kitchen, cooling: [...kitchen.cooling.filter((f) => !isSameKey(f, change.fit)), change.fit] };
    case 'forgetFit':
      return { ...kitchen, cooling: kitchen.cooling.filter((f) => !isSameKey(f, change.key)) };
    case 'learn':
      return { ...kitchen, learned: withLesson(kitchen.learned, change.lesson, change) };
    case 'unlearn':
      return { ...kitchen, learned: withoutLesson(kitchen.learned, change) };
    case 'freezeLearned':
      return {
        ...kitchen,
        learned: kitchen.learned.map((l) =>
          l.what === change.what && l.of === change.of ? { ...l, isFrozen: change.isFrozen } : l,
        ),
      };
    case 'keepLearned': {
      const { what, of } = change.learned;
      const others = kitchen.learned.filter((l) => l.what !== what || l.of !== of);
      return { ...kitchen, learned: [...others, change.learned] };
    }
    case 'readPutAside':
      return { ...kitchen, putAside: [] };
    case 'forgetLearned':
      return { ...kitchen, learned: kitchen.learned.filter((l) => l.what !== change.what || l.of !== change.of) };
    case 'freeze': {
      const others = kitchen.frozen.filter((key) => key !== change.key);
      return { ...kitchen, frozen: change.isFrozen ? [...others, change.key] : others };
    }
  }
}

const withHeats = (kitchen: Kitchen, id: string, change: (heats: ApplianceHeat[]) => ApplianceHeat[]): Kitchen => ({
  ...kitchen,
  appliances: kitchen.appliances.map((a) => (a.id === id ? { ...a, heats: change(a.heats) } : a)),
});
