/** How a known recipe was read: field by field, and what the checks say of it. */
import { judgement } from '@/core/checks/judgement';
import { type Check } from '@/core/checks/check';
import { forecastHeat } from '@/core/forecast/heat';
import { lookUp } from '@/core/food/larder';
import { aliasesOf } from '@/core/food/names';
import { gramsOf } from '@/core/filling/lines';
import { planOf, type RecipePlan } from '@/core/recipe/plan';
import { acrossOf } from '@/core/forms/skins';
import { mainStep, plannedMinutes } from '@/core/stored/cooking';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { type KnownRecipe } from './known-recipes';

export interface ReadRecipe {
  /** Fields asked about, and those that are otherwise. */
  asked: number;
  wrong: string[];
  /** Foods that are not among those expected, and those expected that are not there. */
  otherFoods: string[];
  missing: string[];
  questions: string[];
  checks: string[];
  plan: RecipePlan;
}

const FRESH = { id: (at: number) => `known-${at}`, at: '2026-12-05T15:00:00Z' };

const within = (value: number, span: string, share = 0.02): boolean => {
  const [low, high = low] = span.split('-').map(Number);
  return value >= low * (1 - share) && value <= high * (1 + share);
};

/** Reads a known recipe. @param withHeat whether cooling is forecast, which bears on moisture */
export function readRecipe({ text, expected }: KnownRecipe, withHeat = false): ReadRecipe {
  const plan = planOf(text, FRESH);
  const out: ReadRecipe = { asked: 0, wrong: [], otherFoods: [], missing: [], questions: [], checks: [], plan };
  const check = (what: string, isRight: boolean, got: unknown): void => {
    out.asked += 1;
    if (!isRight) out.wrong.push(`${what}: ${String(got)} for ${expected[what]}`);
  };
  const first = plan.plans[0];
  if (!first) {
    out.wrong.push('nothing was read');
    return out;
  }
  const { batch } = first;
  const { wrap, cook } = batch;
  out.questions = plan.plans.flatMap(({ questions }) => questions.map((q) => `${q.text}: ${q.question}`));
  const patterns: Readonly<Record<string, string>> = {
    title: batch.title,
    form: wrap.form,
    school: batch.school,
    method: cook.method,
    vent: wrap.vent,
    dough: `${wrap.ownDough === null ? '' : 'own '}${wrap.dough}`,
    notfilling: `${batch.note.words}\n${plan.notes.join('\n')}`,
  };
  for (const [what, got] of Object.entries(patterns))
    if (expected[what] !== undefined) check(what, new RegExp(expected[what], 'i').test(got), got);
  const oven = expected.mediumC;
  if (oven !== undefined)
    check(
      'mediumC',
      cook.steps.some((step) => within(step.mediumC ?? 100, oven)),
      mainStep(cook).mediumC,
    );
  const numbers: Readonly<Record<string, number>> = {
    count: batch.count,
    batches: plan.plans.length,
    minutes: plannedMinutes(cook),
    diameter: acrossOf(wrap.skin),
    side: acrossOf(wrap.skin),
    strip: wrap.skin.shape === 'strip' ? wrap.skin.widthMm : 0,
    pan: acrossOf(wrap.skin),
    thickness: wrap.thicknessMm,
    portion: wrap.portionG,
  };
  for (const [what, got] of Object.entries(numbers))
    if (expected[what] !== undefined) check(what, within(got, expected[what]), got);
  foodsOf(batch, expected.foods ?? '', out);
  judged(batch, expected, out, check, withHeat);
  return out;
}

function foodsOf(batch: Batch, wanted: string, out: ReadRecipe): void {
  const foods = batch.lines.map((line) => {
    const ingredient = lookUp(batch.ingredients, line.ingredientId);
    const names = [ingredient?.name ?? '', line.ingredientId, ...aliasesOf(line.ingredientId)];
    return { line, names, grams: ingredient ? gramsOf(ingredient, line, DEFAULT_KITCHEN) : null, used: false };
  });
  for (const want of wanted
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '')) {
    const [, pattern, grams] = /^(.*?)(?:\s+([\d.]+))?$/.exec(want) ?? [];
    const is = new RegExp(pattern, 'i');
    const [found] = foods
      .filter((food) => !food.used && food.names.some((name) => is.test(name)))
      .sort(
        (a, b) => Number(!is.test(a.names[0])) - Number(!is.test(b.names[0])) || a.names[0].length - b.names[0].length,
      );
    out.asked += 1;
    if (!found) {
      out.missing.push(want);
      out.wrong.push(`food: no ${want}`);
      continue;
    }
    found.used = true;
    if (
      grams !== undefined &&
      (found.grams === null || Math.abs(found.grams - Number(grams)) > 0.4 * Number(grams) + 1)
    )
      out.wrong.push(`grams: ${want}, got ${found.grams}`);
  }
  out.otherFoods = foods.filter(({ used }) => !used).map(({ names }) => names[0] || names[1]);
}

function judged(
  batch: Batch,
  expected: KnownRecipe['expected'],
  out: ReadRecipe,
  check: (what: string, isRight: boolean, got: unknown) => void,
  withHeat: boolean,
): void {
  const { checks } = judgement(batch, DEFAULT_KITCHEN, withHeat ? forecastHeat(batch, DEFAULT_KITCHEN, 'first') : null);
  const said = (one: Check): string => `${one.state} ${one.headline}`;
  for (const id of ['moisture', 'salt'] as const) {
    if (expected[id] !== undefined) check(id, expected[id].split('|').includes(checks[id].state), said(checks[id]));
  }
  out.checks = Object.values(checks).map(said);
}
