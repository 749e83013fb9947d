/** How dry or how moist each line is: its class, and what it wants and brings of liquid and fat. */
import { HAZARDS } from '../vocabulary/foods';
import { type DryBy, JUICE_SHARED, JUICE_TO_CATCH, MOIST, type Moist, SAUCE_BRINGS } from '../vocabulary/moist';
import { type Release } from '../vocabulary/releases';
import { binderOf } from './binders';
import { type ResolvedLine } from './lines';
import { goesInRaw } from './raw';

/** What a binder is when nothing has swollen it yet. */
const BY_BINDER: Readonly<Record<string, Moist>> = {
  'potato-flakes': 'potatoFlakes',
  'dry-crumbs': 'crumbs',
  oats: 'crumbs',
  couscous: 'smallGrain',
  'fresh-crumbs': 'freshCrumbs',
  'ground-nuts': 'groundNuts',
  'ground-seeds': 'poppy',
  'mashed-potato': 'potato',
  'cooked-grain': 'cookedGrain',
  semolina: 'starch',
};
const BY_RELEASE: Partial<Readonly<Record<Release, Moist>>> = {
  curd: 'curd',
  wheyCurd: 'leanCurd',
  leanCurd: 'leanCurd',
  cultured: 'cream',
  yoghurt: 'yoghurt',
  brined: 'brined',
  pressable: 'brined',
  driedFruit: 'driedFruit',
};
/** Less water than this, and a plant is dried. */
const DRIED_WATER = 0.5;
/** Less, and grain or pulse has not been cooked. */
const UNCOOKED_WATER = 0.4;

const isDried = ({ composition }: ResolvedLine): boolean => composition.water < DRIED_WATER;

/** The class of a line; null where its family and what it lets go of say it. */
function classOf(l: ResolvedLine): Moist | null {
  const { ingredient, preparation } = l;
  const { family, release, hazard } = ingredient;
  if (ingredient.liquid) return 'liquid';
  if (family === 'fat') return 'fat';
  if (family === 'egg') return release === 'egg' && !preparation.spent ? 'rawEgg' : 'eggSet';
  if (family === 'meat' || family === 'fish' || HAZARDS[hazard].isFlesh) return fleshClass(l);
  if (ingredient.moist !== undefined) return soaked(l) ? null : ingredient.moist;
  const binder = binderOf(l);
  if (binder?.isThickener === true && BY_BINDER[binder.id] === undefined) return 'starch';
  if (binder && BY_BINDER[binder.id] !== undefined) return BY_BINDER[binder.id];
  const byRelease = BY_RELEASE[release];
  if (byRelease !== undefined) return soaked(l) ? null : byRelease;
  const isDry = l.composition.water < UNCOOKED_WATER;
  switch (family) {
    case 'starch':
      return isDry ? 'dryGrain' : 'cookedGrain';
    case 'pulse':
      return isDry ? 'dryGrain' : 'pulse';
    case 'nut':
      return 'nuts';
    case 'dairy':
      return 'melting';
    case 'root':
      return release === 'potato' ? (preparation.cooked ? 'potato' : 'rawPotato') : null;
    case 'fruit':
      return isDried(l) ? 'driedFruit' : null;
    default:
      return null;
  }
}

/** Dried things that were soaked are as moist as fresh ones. */
const soaked = ({ preparation }: ResolvedLine): boolean => preparation.treatment === 'soak' && preparation.yield > 1;

function fleshClass(l: ResolvedLine): Moist {
  const { moist, release, hazard, family } = l.ingredient;
  const isFish = family === 'fish';
  if (moist === 'sausage' || release === 'sausage') return 'sausage';
  if (goesInRaw(l)) return isFish ? 'rawFish' : 'rawMeat';
  if (moist !== undefined) return moist;
  if (hazard === 'cured') return 'cured';
  if (release === 'firm' || release === 'bacon') return isFish ? 'smokedFish' : 'ham';
  return isFish ? 'cookedFish' : 'cookedMeat';
}

export interface MoistOfLine {
  /** g of liquid or fat that it would still take. */
  wants: number;
  /** g that it lends to what is dry. */
  brings: number;
  /** g of its own juice that only crumbs and starch among it catch. */
  juice: number;
  /** How it is dry. */
  dryBy: DryBy;
}

/** What a line wants of liquid and fat, and what it brings. */
export function moistOf(l: ResolvedLine): MoistOfLine {
  const id = classOf(l);
  const { readyG, composition, releaseG, ingredient } = l;
  if (id === null) return plantOf(l);
  const { wants, brings, fatShare, isRunning, dryBy } = MOIST[id];
  const own = brings * (id === 'fat' ? composition.fat + composition.water : 1) * readyG;
  const runs = isRunning ? releaseG : 0;
  return {
    wants: wants * readyG,
    // A liquid brings its water and its fat; what is soft lends itself, or what it lets go of.
    brings: fatShare * composition.fat * readyG + Math.max(own, runs),
    juice:
      goesInRaw(l) && ingredient.family !== 'egg' && ingredient.release !== 'sausage' ? JUICE_TO_CATCH * readyG : 0,
    dryBy,
  };
}

/** Plants, sauces and seasonings by their family. */
function plantOf(l: ResolvedLine): MoistOfLine {
  const { readyG, composition, releaseG, ingredient } = l;
  const brings = (grams: number): MoistOfLine => ({ wants: 0, brings: grams, juice: 0, dryBy: 'itself' });
  switch (ingredient.family) {
    case 'root':
      return brings(releaseG + 0.5 * JUICE_SHARED * readyG);
    case 'vegetable':
    case 'leaf':
    case 'allium':
    case 'mushroom':
      return isDried(l)
        ? { wants: MOIST.driedPlants.wants * (1 - composition.water) * readyG, brings: 0, juice: 0, dryBy: 'soaking' }
        : brings(releaseG + JUICE_SHARED * readyG);
    case 'fruit':
      return brings(releaseG + JUICE_SHARED * readyG);
    case 'sauce':
      return brings(Math.max(releaseG, SAUCE_BRINGS * (composition.water + composition.fat) * readyG));
    case 'seasoning':
      return brings(composition.water > DRIED_WATER ? JUICE_SHARED * readyG : 0);
    default:
      return brings(releaseG);
  }
}
