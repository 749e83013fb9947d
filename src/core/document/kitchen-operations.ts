/** The small changes a kitchen is edited by: settings, what it owns, and what it has learned. */
import { type OwnIngredient } from './own-ingredient-schema';
import { type OwnDough } from './own-dough-schema';
import { learnSpread } from './portion-spread';
import { type Learned } from './learned-schema';
import { type Lesson, withLesson } from './learned';
import { type LearnedId } from './vocabulary/learned';
import { learnTarget } from './tastings';
import { type Appliance, type ApplianceHeat, type Kitchen, USUAL_SALT_TARGET } from './kitchen';
import { type Batch } from './schema';

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
  | 'tastings'
  | 'ingredients'
  | 'vessels'
  | 'cooling'
  | 'doughs'
  | 'appliances'
  | 'learned'
>;

export type KitchenOperation =
  | { do: 'setKitchen'; to: Partial<Settings> }
  | { do: 'addVessel'; vessel: Vessel }
  | { do: 'removeVessel'; id: string }
  | { do: 'keepOwn'; ingredient: OwnIngredient }
  | { do: 'dropOwn'; id: string }
  | { do: 'keepDough'; dough: OwnDough }
  | { do: 'dropDough'; id: string }
  /** The spread of one batch's portions, %, moves the kitchen's. */
  | { do: 'learnSpread'; percent: number }
  /** Something to cook in, new or as it is now. */
  | { do: 'keepAppliance'; appliance: Appliance }
  | { do: 'dropAppliance'; id: string }
  /** How an appliance really heats, from readings. */
  | { do: 'keepHeat'; id: string; heat: ApplianceHeat }
  | { do: 'forgetHeat'; id: string; medium: ApplianceHeat['medium'] }
  | { do: 'keepFit'; fit: Fit }
  | { do: 'forgetFit'; key: FitKey }
  /** A tasting moves the target a little. */
  | { do: 'learnSalt'; tasting: Batch['season']['tastings'][number] }
  | { do: 'forgetTastings' }
  /** What a batch says of a figure; it is frozen as it is, or let learn again; it goes back to the estimate. */
  | { do: 'learn'; lesson: Lesson; batchId: string; at: string }
  | { do: 'freezeLearned'; what: LearnedId; of: string; isFrozen: boolean }
  | { do: 'forgetLearned'; what: LearnedId; of: string }
  /** A figure as it was, put back. */
  | { do: 'keepLearned'; learned: Learned };

const isSameKey = (a: FitKey, b: FitKey): boolean =>
  a.vessel === b.vessel && a.place === b.place && a.base === b.base && a.covered === b.covered;

/** Applies a change. What is not in the kitchen changes nothing. */
export function applyToKitchen(kitchen: Kitchen, change: KitchenOperation): Kitchen {
  switch (change.do) {
    case 'setKitchen':
      return { ...kitchen, ...change.to };
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
    case 'learnSpread':
      return { ...kitchen, portionSpread: learnSpread(kitchen.portionSpread, change.percent) };
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
      return withHeats(kitchen, change.id, (heats) => [
        ...heats.filter((h) => h.medium !== change.heat.medium),
        change.heat,
      ]);
    case 'forgetHeat':
      return withHeats(kitchen, change.id, (heats) => heats.filter((h) => h.medium !== change.medium));
    case 'keepFit':
      return { ...kitchen, cooling: [...kitchen.cooling.filter((f) => !isSameKey(f, change.fit)), change.fit] };
    case 'forgetFit':
      return { ...kitchen, cooling: kitchen.cooling.filter((f) => !isSameKey(f, change.key)) };
    case 'learnSalt':
      return {
        ...kitchen,
        saltTargetPercent: learnTarget(kitchen.saltTargetPercent, change.tasting),
        tastings: kitchen.tastings + 1,
      };
    case 'learn':
      return { ...kitchen, learned: withLesson(kitchen.learned, change.lesson, change) };
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
    case 'forgetLearned':
      return { ...kitchen, learned: kitchen.learned.filter((l) => l.what !== change.what || l.of !== change.of) };
    case 'forgetTastings':
      return { ...kitchen, saltTargetPercent: USUAL_SALT_TARGET, tastings: 0 };
  }
}

const withHeats = (kitchen: Kitchen, id: string, change: (heats: ApplianceHeat[]) => ApplianceHeat[]): Kitchen => ({
  ...kitchen,
  appliances: kitchen.appliances.map((a) => (a.id === id ? { ...a, heats: change(a.heats) } : a)),
});
