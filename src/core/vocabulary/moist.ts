/**
 * What a food wants of liquid or fat to eat moist, and what it lends to the rest of the filling: g in a gram as it goes in.
 * House estimates, found on sixty fillings that practitioners judged; the range behind each is how far they could be moved
 * before it showed.
 */
import { recordsOf } from './records';

/** How a dry thing is dry: it soaks at once, it is starch that swells in the heat, it is meat or fish; or none of these. */
export type DryBy = 'soaking' | 'swelling' | 'flesh' | 'itself';

interface MoistRecord {
  /** g of liquid or fat that a gram still wants. */
  wants: number;
  /** g that a gram lends to what is dry, besides what it lets go of. */
  brings: number;
  /** Share of its own fat that counts as brought. */
  fatShare: number;
  /** Whether what it lets go of counts as brought. */
  isRunning: boolean;
  dryBy: DryBy;
}

const wanting = (wants: number, dryBy: DryBy = 'itself', more: Partial<MoistRecord> = {}): MoistRecord => ({
  wants,
  brings: 0,
  fatShare: 0,
  isRunning: false,
  dryBy,
  ...more,
});
/** It brings that much, or what it lets go of where that is more. */
const bringing = (brings: number, more: Partial<MoistRecord> = {}): MoistRecord => ({
  wants: 0,
  brings,
  fatShare: 0,
  isRunning: true,
  dryBy: 'itself',
  ...more,
});
const flesh = (wants: number, fatShare: number, isRunning: boolean): MoistRecord =>
  wanting(wants, 'flesh', { fatShare, isRunning });

export const MOIST = recordsOf<MoistRecord>()({
  neither: bringing(0, { isRunning: false }),

  // Flesh. Raw it keeps its own juice and wants fat beside it; cooked it has lost what it had.
  rawMeat: flesh(0.18, 1, false), // 0.12–0.22
  rawFish: flesh(0.08, 1, false), // 0.05–0.12
  cookedMeat: flesh(0.22, 1, true), // 0.18–0.26
  cookedFish: flesh(0.15, 1, true), // 0.12–0.2
  offal: flesh(0.3, 1, true), // 0.25–0.4
  ham: flesh(0.08, 1, true), // 0.05–0.12
  smokedFish: flesh(0.1, 1, true), // 0.08–0.15
  sausage: flesh(0.05, 0.6, true), // 0–0.1
  cured: flesh(0, 0.3, false),

  // What soaks cold.
  crumbs: wanting(1.5, 'soaking'), // 1.2–2
  smallGrain: wanting(1.4, 'soaking'), // 1.2–1.6
  dryGrain: wanting(1.5, 'soaking'), // 1.2–2
  soyaMince: wanting(2, 'soaking'), // 1.5–2.5
  potatoFlakes: wanting(4, 'soaking'), // 3–5
  freshCrumbs: wanting(0.4, 'soaking'), // 0.3–0.6
  biscuit: wanting(0.7, 'soaking'), // 0.5–1
  groundNuts: wanting(0.4, 'soaking'), // 0.3–0.5
  poppy: wanting(0.7, 'soaking'), // 0.5–1
  coconut: wanting(0.8, 'soaking'), // 0.6–1.2
  seaweed: wanting(3, 'soaking'), // 2–5
  // Dried vegetables and mushrooms, g in a gram of their dry matter.
  driedPlants: wanting(1.5, 'soaking'), // 1–2.5
  // The least water that starch swells in (cereal chemistry gives 2 to 3).
  starch: wanting(2.5, 'swelling'), // 2–3

  // Dry in themselves, without soaking much.
  cookedGrain: wanting(0.15), // 0.1–0.2
  pulse: wanting(0.1, 'itself', { isRunning: true }), // 0.05–0.15
  potato: wanting(0.08, 'itself', { isRunning: true }), // 0.05–0.12
  rawPotato: wanting(0.03, 'itself', { isRunning: true }),
  nuts: wanting(0.12), // 0.08–0.2
  driedFruit: wanting(0.15), // 0.1–0.25
  moistDried: wanting(0.08), // 0.05–0.15
  eggSet: wanting(0.06), // 0.03–0.1
  hardCheese: wanting(0.1), // 0.05–0.15

  // What moistens.
  liquid: bringing(0, { fatShare: 1 }),
  fat: bringing(1),
  cream: bringing(0.8), // 0.7–0.9
  yoghurt: bringing(0.6), // 0.5–0.7
  softCheese: bringing(0.5), // 0.4–0.6
  leanCurd: bringing(0.4), // 0.3–0.5
  ricotta: bringing(0.35), // 0.3–0.45
  curd: bringing(0.3), // 0.2–0.4
  melting: bringing(0.3), // 0.2–0.4
  brined: bringing(0.1), // 0–0.2
  rawEgg: bringing(0.3, { isRunning: false }), // 0.2–0.5
  syrup: bringing(0.9), // 0.8–1
  jam: bringing(0.6), // 0.5–0.7
  nutPaste: bringing(0.4), // 0.3–0.5
  soft: bringing(0.25), // 0.15–0.4
});

export type Moist = keyof typeof MOIST;

/** g in a gram that raw flesh leaves to the crumbs and starch mixed into it. House estimate (0.1–0.2). */
export const JUICE_TO_CATCH = 0.15;
/** g in a gram that moist vegetables, fruit and mushrooms share with the bite beyond what runs; roots half. House estimate (0.1–0.2). */
export const JUICE_SHARED = 0.15;
/** What a sauce brings of its water and fat. House estimate (0.6–0.8). */
export const SAUCE_BRINGS = 0.7;
/** g of sugar that a gram of water dissolves at room temperature (sucrose, 2.0; handbooks). */
export const SUGAR_IN_WATER = 2;
