/** What is done for a filling: cut, set to drain, roasted, cooked, cooled, mixed. */
import { type TaskKind } from '../vocabulary/task-kinds';
import { HAZARDS } from '../vocabulary/foods';
import { STAGES } from '../vocabulary/stages';
import { boilOffRate } from '../filling/boil-off';
import { estimatedG } from '../filling/cook-off';
import { type ResolvedLine } from '../filling/lines';
import { spokenFirst } from '../food/spoken-name';
import { formatGrams, formatMinutes, formatTemperature } from '../units/format';
import {
  CUT_LEAST,
  CUT_PER_100,
  MAY_WAIT,
  MIX,
  MIX_EACH,
  PAN_MM,
  SET_UP,
  SHELF_MM,
  ONTO_TRAY,
  STOVE_G,
  STOVE_LEAST,
  STOVE_TOGETHER,
} from './estimates';
import { formatLength } from '../units/lengths';
import { type BatchFacts } from './facts';
import { type Made, makeTask } from './make';
import { type DayTask, type Follows } from './task';
import { amountsOf } from './words';

/** A preparation that waits so long is a task of its own, minutes. */
const WAITS = 15;

/** What a preparation that waits does it in; null where it just stands. */
function placeOf({ preparation }: ResolvedLine): { needs: DayTask['needs']; kind: TaskKind; way?: string } {
  const { id, cooked } = preparation;
  if (id.startsWith('roasted')) return { needs: { oven: 1 }, kind: 'roast', way: '200' };
  if (cooked) return { needs: { hob: 1 }, kind: 'stew' };
  return { needs: {}, kind: 'stand' };
}

/** Minutes at the board for a line, before anything happens to it. */
export const cutMinutes = ({ ingredient, rawG }: Pick<ResolvedLine, 'ingredient' | 'rawG'>): number => {
  const per100 = CUT_PER_100[ingredient.family];
  return per100 === undefined || ingredient.liquid ? 0 : Math.max(CUT_LEAST, (per100 * rawG) / 100);
};

const scaled = (minutes: number, grams: number): number => minutes * Math.max(0.6, Math.sqrt(grams / STOVE_G));

/** The tasks of a filling as they are made, one after the other. */
interface Making {
  facts: BatchFacts;
  tasks: DayTask[];
  /** What waits by itself, by the line that it is of. */
  waiting: Map<string, Follows>;
  toCut: readonly ResolvedLine[];
  afterCut: readonly Follows[];
}

function make({ facts, tasks }: Making, kind: TaskKind, minutes: number, more: Made, n?: string): DayTask {
  const task = makeTask(facts, kind, minutes, more, n);
  tasks.push(task);
  return task;
}

/** Of some lines, those that wait by themselves first. */
const waitsOf = ({ waiting }: Making, lines: readonly ResolvedLine[]): Follows[] =>
  lines.flatMap((l) => waiting.get(l.line.id) ?? []);

/** All that is cut, at one go. */
function cut(making: Making): Follows[] {
  const { toCut } = making;
  if (toCut.length === 0) return [];
  const minutes = SET_UP + toCut.reduce((sum, l) => sum + cutMinutes(l), 0);
  const { id } = make(making, 'cut', minutes, {
    how: amountsOf(toCut, making.facts.kitchen),
    needs: { hands: 1, bench: 1 },
  });
  return [{ id, maxWait: MAY_WAIT.cut, why: 'cut, it dries' }];
}

/** What drains, soaks, roasts or stews by itself: set going, then left. */
function setGoing(making: Making, l: ResolvedLine): void {
  const { preparation, ingredient } = l;
  const { needs, kind, way } = placeOf(l);
  const set = make(
    making,
    'set',
    Math.max(2, kind === 'stand' ? preparation.handsOnMinutes : 3),
    {
      title: `${spokenFirst(ingredient.name)}: ${kind === 'stand' ? 'set' : 'put it on to cook'}`,
      how: `${formatGrams(l.rawG)}, ${preparation.label}`,
      after: making.toCut.includes(l) ? [...making.afterCut] : [],
    },
    l.line.id,
  );
  const stands = make(
    making,
    kind,
    preparation.waitMinutes,
    {
      title: spokenFirst(ingredient.name),
      how: `${preparation.label}, ${formatMinutes(preparation.waitMinutes)}`,
      hasHands: false,
      needs,
      ...(way ? { ways: { oven: way } } : {}),
      after: [{ id: set.id, maxWait: 0 }],
    },
    l.line.id,
  );
  making.waiting.set(l.line.id, { id: stands.id, maxWait: kind === 'stand' ? MAY_WAIT.raw : MAY_WAIT.cooked });
}

/** What goes through the pan; null where nothing does. */
function fried(making: Making): DayTask | null {
  const { facts, waiting, afterCut } = making;
  const { batch, accounts } = facts;
  const hot = accounts.lines.filter((l) => STAGES[l.line.stage].isHot);
  if (hot.length === 0) return null;
  const stove = hot
    .filter((l) => !waiting.has(l.line.id))
    .reduce((sum, l) => sum + scaled(l.preparation.handsOnMinutes, l.rawG), 0);
  const boiling = estimatedG(batch.water) / boilOffRate(PAN_MM, 'medium');
  return make(making, 'fry', Math.max(STOVE_LEAST, STOVE_TOGETHER * stove + boiling) + ONTO_TRAY, {
    how: `${amountsOf(hot, facts.kitchen)}; spread it to cool.`,
    needs: { hands: 1, hob: 1 },
    after: [...afterCut, ...waitsOf(making, hot)],
    stillToAdd: hot.map((l) => l.ingredient.name),
  });
}

/** What was fried, cold again. */
function cooled(making: Making, cooked: DayTask): Follows[] {
  const { facts } = making;
  const { coolMinutes, mended } = facts;
  if (coolMinutes === 0) return [{ id: cooked.id, maxWait: MAY_WAIT.raw, why: 'in the fridge once cold' }];
  const { id } = make(making, 'cool', coolMinutes ?? 24 * 60, {
    how: coolWords(facts),
    ...(mended ? { mended: { label: mended.label, change: mended.change } } : {}),
    hasHands: false,
    needs: fridgeNeeds(facts),
    after: [{ id: cooked.id, maxWait: 0 }],
    isEstimate: false,
  });
  return [{ id, maxWait: MAY_WAIT.cooked, why: 'a day in the fridge' }];
}

/** What goes in cold, mixed with it. */
function mixed(making: Making, late: readonly ResolvedLine[], after: Follows[]): Follows {
  const raw = late.filter((l) => HAZARDS[l.ingredient.hazard].isRawAnimal && !l.preparation.cooked);
  const byHand = late.filter((l) => !making.waiting.has(l.line.id) && cutMinutes(l) === 0);
  const minutes = MIX + MIX_EACH * late.length + byHand.reduce((sum, l) => sum + l.preparation.handsOnMinutes, 0);
  const { id } = make(making, 'mix', minutes, {
    how: amountsOf(late, making.facts.kitchen),
    needs: { hands: 1, bench: 1 },
    after: [...after, ...waitsOf(making, late)],
    weight: raw.length > 0 ? 3 : 2,
    stillToAdd: late.map((l) => l.ingredient.name),
  });
  return { id, ...waitOfMixed(raw) };
}

/** Work of a batch on its filling, in order; the last of it is what the parcels are filled with. */
export function fillingTasks(facts: BatchFacts): { tasks: DayTask[]; last: Follows[] } {
  const { lines } = facts.accounts;
  const toCut = lines.filter((l) => cutMinutes(l) > 0);
  const making: Making = { facts, tasks: [], waiting: new Map(), toCut, afterCut: [] };
  const { tasks } = making;
  if (lines.length === 0) return { tasks, last: [] };
  making.afterCut = cut(making);
  lines.filter(({ preparation }) => preparation.waitMinutes >= WAITS).forEach((l) => setGoing(making, l));
  const cooked = fried(making);
  const cold = cooked ? cooled(making, cooked) : [...making.afterCut];
  const late = lines.filter((l) => !STAGES[l.line.stage].isHot);
  if (late.length === 0) return { tasks, last: cold };
  return { tasks, last: [mixed(making, late, cooked ? [...cold, ...making.afterCut] : cold)] };
}

/** How long a mixed filling may wait, by what is raw in it. */
function waitOfMixed(raw: readonly ResolvedLine[]): Pick<Follows, 'maxWait' | 'why'> {
  const has = (hazard: string): boolean => raw.some((l) => l.ingredient.hazard === hazard);
  if (has('shellfish')) return { maxWait: MAY_WAIT.prawns, why: 'prawns toughen in salt' };
  if (has('fish')) return { maxWait: MAY_WAIT.fish, why: 'raw fish in salt' };
  if (raw.length > 0) return { maxWait: MAY_WAIT.raw, why: 'raw, even in the fridge' };
  return { maxWait: MAY_WAIT.cooked, why: 'a day in the fridge' };
}

function coolWords({ accounts, coolMinutes, kitchen, mended }: BatchFacts): string {
  const { heat, coolTarget } = accounts;
  if (coolMinutes === null) return 'As planned it never gets cold enough: see Cool.';
  const depth = heat?.cooling ? `, ${formatLength(heat.cooling.depthMm, kitchen.lengths, 0)} deep` : '';
  const instead = mended === null ? '' : `${mended.label} (the way you planned breaks the rule). `;
  return coolTarget === null ? '' : `${instead}To ${formatTemperature(coolTarget.c, kitchen.temperature)}${depth}`;
}

/** Litres of fridge that its tray takes, where it goes there. */
function fridgeNeeds({ batch, accounts }: BatchFacts): DayTask['needs'] {
  const { place, legs } = batch.cool;
  const isCold = place === 'fridge' || legs.some((l) => l.place === 'fridge');
  const cm2 = accounts.heat?.cooling?.areaCm2 ?? 0;
  return isCold && cm2 > 0 ? { fridge: Math.max(1, Math.round((cm2 * SHELF_MM) / 10 / 1000)) } : {};
}
