/** The batch card: what a cook needs on one sheet of paper at the bench, as plain data for printing. */
import { lineName } from '../stored/line-name';
import { type Assessment } from '../checks/judgement';
import { CHECK_IDS, type Judgement } from '../checks/check';
import { type Kitchen } from '../stored/kitchen';
import { isRehearsal } from '../stored/rehearsal-id';
import { type Batch } from '../stored/schema';
import { isPractice } from '../vocabulary/sources';
import { stepWords } from '../checks/step-words';
import { type Stage } from '../vocabulary/stages';
import { gramsOf } from '../filling/lines';
import { noteWithoutAmount, shownAmount } from '../filling/shown-amount';
import { lookUp } from '../food/larder';
import { preparation } from '../vocabulary/releases';
import { written } from '../safety/threshold';
import { formatGrams, formatMinutes, formatTemperature } from '../units/format';
import { formatLength } from '../units/lengths';
import { skinWords } from '../wrapper/skin-words';
import { dough } from '../wrapper/dough';

export interface CardLine {
  amount: string;
  /** In grams, where the amount is not. */
  grams: string;
  name: string;
  note: string;
}

export interface Card {
  title: string;
  stages: { stage: Stage; chance: string | null; lines: CardLine[] }[];
  /** What to do, with the numbers that decide. */
  facts: { name: string; text: string }[];
  checks: Pick<Judgement, 'state' | 'pending' | 'isEmpty' | 'headline' | 'sentence'>[];
  cautions: string[];
  allergens: string[];
}

/** The card of a batch. */
export function batchCard(batch: Batch, assessment: Assessment, kitchen: Kitchen): Card {
  const { checks, stages } = assessment;
  return {
    title: batch.title,
    stages: stages.map(({ stage, chance }) => ({
      stage,
      chance,
      lines: batch.lines.filter((l) => l.stage === stage).map((line) => cardLine(batch, line, kitchen)),
    })),
    facts: factsOf(batch, assessment, kitchen),
    checks: CHECK_IDS.map((id) => ({
      state: checks[id].state,
      pending: checks[id].pending,
      isEmpty: checks[id].isEmpty,
      headline: checks[id].headline,
      sentence: checks[id].sentence.replace(/\*/g, ''),
    })),
    cautions: [...practiceWords(batch), ...new Set(CHECK_IDS.flatMap((id) => checks[id].cautions))],
    allergens: [...assessment.allergens],
  };
}

/** What was practised on a real batch is none of it. */
function practiceWords({ id, cool, cook }: Batch): string[] {
  const all = [cool.run, ...cool.earlierRuns].flatMap((run) => run?.readings ?? []);
  const isPractised = [...all, ...cook.readings].some(({ source }) => isPractice(source));
  return isPractised && !isRehearsal(id)
    ? ['Practice readings were taken. They aren’t measurements, and no check here counts them.']
    : [];
}

function cardLine(batch: Batch, line: Batch['lines'][number], kitchen: Kitchen): CardLine {
  const ingredient = lookUp(batch.ingredients, line.ingredientId);
  const prep =
    ingredient && ingredient.release !== 'dry' ? preparation(ingredient.release, line.preparation).label : '';
  const grams = ingredient ? gramsOf(ingredient, line, kitchen) : null;
  return {
    amount: shownAmount(line, ingredient, kitchen),
    grams: grams === null || line.unit === 'g' || kitchen.amounts !== 'written' ? '' : formatGrams(grams),
    name: lineName(line, ingredient?.name),
    note: [prep, line.cut ?? '', noteWithoutAmount(line)].filter((word) => word !== '').join(', '),
  };
}

function factsOf(batch: Batch, assessment: Assessment, kitchen: Kitchen): Card['facts'] {
  const { wrap, cook, water, count } = batch;
  const { stop, ledger, portion, holdBack, heat, limit } = assessment;
  const t = (c: number) => formatTemperature(c, kitchen.temperature);
  const facts: Card['facts'] = [{ name: 'Filling', text: `${formatGrams(ledger.finishedG)} when it is finished` }];
  if (stop && stop.toGoG > 0) {
    facts.push({
      name: 'Stop weight',
      text: `${water.panG === null ? 'filling in the pan' : 'pan and filling'} ${formatGrams(stop.readsG)}`,
    });
  }
  if (holdBack && batch.season.heldBack) {
    facts.push({
      name: 'Salt',
      text: `${formatGrams(holdBack.nowG)} first, ${formatGrams(holdBack.backG)} held back until a cooked teaspoonful is tasted`,
    });
  }
  if (heat?.cooling) {
    const minutes = heat.cooling.minutes === null ? 'never, where it stands' : formatMinutes(heat.cooling.minutes);
    facts.push({ name: 'Cool', text: `to ${t(heat.cooling.targetC)}: ${minutes}` });
  } else if (assessment.checks.cooling.pending) facts.push({ name: 'Cool', text: 'being worked out' });
  facts.push(
    {
      name: 'Wrap',
      text: `${count} × ${formatGrams(wrap.portionG)} (${portion.spoon}), ${skinWords(wrap.skin, kitchen.lengths)}, ${formatLength(wrap.thicknessMm, kitchen.lengths)} thick; ${dough(wrap.dough, wrap.ownDough).label} ${formatGrams(portion.doughNeededG)}`,
    },
    {
      name: 'Cook',
      text: `${cook.steps.map((step) => stepWords(step, kitchen.temperature)).join(', then ')}; then measure: ${written(limit.at, kitchen.temperature)}${limit.holdMinutes > 0 ? ` for ${formatMinutes(limit.holdMinutes)}` : ''} (${limit.because})`,
    },
  );
  return facts;
}
