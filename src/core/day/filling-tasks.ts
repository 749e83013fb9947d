/** What is done for a filling: cut, set to drain, roasted, cooked, cooled, mixed. */
import { type TaskKind } from '../vocabulary/task-kinds';
import { HAZARDS } from '../vocabulary/foods';
import { STAGES } from '../vocabulary/stages';
import { boilOffRate } from '../filling/boil-off';
import { estimatedG } from '../filling/cook-off';
import { type ResolvedLine } from '../filling/lines';
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
  SPREAD,
  STOVE_G,
  STOVE_LEAST,
  STOVE_TOGETHER,
} from './estimates';
import { type BatchFacts } from './facts';
import { type Made, makeTask } from './make';
import { type DayTask, type Follows } from './task';
import { namesOf } from './words';

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

/** Work of a batch on its filling, in order; the last of it is what the parcels are filled with. */
export function fillingTasks(facts: BatchFacts): { tasks: DayTask[]; last: Follows[] } {
  const { batch, accounts } = facts;
  const { lines } = accounts;
  const tasks: DayTask[] = [];
  if (lines.length === 0) return { tasks, last: [] };
  const make = (kind: TaskKind, minutes: number, more: Made, n?: string): DayTask => {
    const task = makeTask(facts, kind, minutes, more, n);
    tasks.push(task);
    return task;
  };

  const toCut = lines.filter((l) => cutMinutes(l) > 0);
  const cut =
    toCut.length > 0
      ? make('cut', SET_UP + toCut.reduce((sum, l) => sum + cutMinutes(l), 0), {
          how: namesOf(toCut),
          needs: { hands: 1, bench: 1 },
        })
      : null;
  const afterCut: Follows[] = cut ? [{ id: cut.id, maxWait: MAY_WAIT.cut, why: 'cut, it dries' }] : [];

  // What drains, soaks, roasts or stews by itself.
  const byLine = new Map<string, Follows>();
  for (const l of lines.filter(({ preparation }) => preparation.waitMinutes >= WAITS)) {
    const { preparation, ingredient } = l;
    const { needs, kind, way } = placeOf(l);
    const set = make(
      'set',
      Math.max(2, kind === 'stand' ? preparation.handsOnMinutes : 3),
      {
        title: `${ingredient.name}: ${kind === 'stand' ? 'set' : 'into the heat'}`,
        how: `${formatGrams(l.rawG)}, ${preparation.label}`,
        after: toCut.includes(l) ? afterCut : [],
      },
      l.line.id,
    );
    const stands = make(
      kind,
      preparation.waitMinutes,
      {
        title: ingredient.name,
        how: `${preparation.label}, ${formatMinutes(preparation.waitMinutes)}`,
        hasHands: false,
        needs,
        ...(way ? { ways: { oven: way } } : {}),
        after: [{ id: set.id, maxWait: 0 }],
      },
      l.line.id,
    );
    byLine.set(l.line.id, { id: stands.id, maxWait: kind === 'stand' ? MAY_WAIT.raw : MAY_WAIT.cooked });
  }
  const waitsOf = (of: readonly ResolvedLine[]): Follows[] =>
    of.flatMap((l) => {
      const follows = byLine.get(l.line.id);
      return follows ? [follows] : [];
    });

  // The pan.
  const hot = lines.filter((l) => STAGES[l.line.stage].isHot);
  let cooked: DayTask | null = null;
  const stove = hot.reduce(
    (sum, l) => sum + (byLine.has(l.line.id) ? 0 : scaled(l.preparation.handsOnMinutes, l.rawG)),
    0,
  );
  const boiling = estimatedG(batch.water) / boilOffRate(PAN_MM, 'medium');
  const isCooked = hot.some((l) => STAGES[l.line.stage].isInPan);
  if (isCooked || hot.length > 0) {
    cooked = make('fry', Math.max(STOVE_LEAST, STOVE_TOGETHER * stove + boiling) + SPREAD, {
      how: `${namesOf(hot)}; spread it to cool.`,
      needs: { hands: 1, hob: 1 },
      after: [...afterCut, ...waitsOf(hot)],
      stillToAdd: hot.map((l) => l.ingredient.name),
    });
  }
  const { coolMinutes } = facts;
  const goesCold = coolMinutes !== 0;
  let cold: Follows[] = cooked
    ? [
        goesCold
          ? { id: cooked.id, maxWait: 0 }
          : { id: cooked.id, maxWait: MAY_WAIT.raw, why: 'in the fridge once cold' },
      ]
    : afterCut;
  if (cooked && goesCold) {
    const cools = make('cool', coolMinutes ?? 24 * 60, {
      how: coolWords(facts),
      ...(facts.mended ? { mended: { label: facts.mended.label, change: facts.mended.change } } : {}),
      hasHands: false,
      needs: fridgeNeeds(facts),
      after: cold,
      isEstimate: false,
    });
    cold = [{ id: cools.id, maxWait: MAY_WAIT.cooked, why: 'a day in the fridge' }];
  }

  const late = lines.filter((l) => !STAGES[l.line.stage].isHot);
  if (late.length === 0) return { tasks, last: cold };
  const raw = late.filter((l) => HAZARDS[l.ingredient.hazard].isRawAnimal && !l.preparation.cooked);
  const mixes = make(
    'mix',
    MIX +
      MIX_EACH * late.length +
      late.reduce((sum, l) => sum + (byLine.has(l.line.id) || cutMinutes(l) > 0 ? 0 : l.preparation.handsOnMinutes), 0),
    {
      how: namesOf(late),
      needs: { hands: 1, bench: 1 },
      after: [...cold, ...(cooked ? afterCut : []), ...waitsOf(late)],
      weight: raw.length > 0 ? 3 : 2,
      stillToAdd: late.map((l) => l.ingredient.name),
    },
  );
  return { tasks, last: [{ id: mixes.id, ...waitOfMixed(raw) }] };
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
  if (coolMinutes === null) return 'As it is planned it never gets there: see Cool.';
  const depth = heat?.cooling ? `, ${Math.round(heat.cooling.depthMm)} mm deep` : '';
  const instead = mended === null ? '' : `${mended.label}: the way planned breaks the rule. `;
  return coolTarget === null ? '' : `${instead}To ${formatTemperature(coolTarget.c, kitchen.temperature)}${depth}`;
}

/** Litres of fridge that its tray takes, where it goes there. */
function fridgeNeeds({ batch, accounts }: BatchFacts): DayTask['needs'] {
  const { place, legs } = batch.cool;
  const isCold = place === 'fridge' || legs.some((l) => l.place === 'fridge');
  const cm2 = accounts.heat?.cooling?.areaCm2 ?? 0;
  return isCold && cm2 > 0 ? { fridge: Math.max(1, Math.round((cm2 * SHELF_MM) / 10 / 1000)) } : {};
}
