/** What answers a cause: a change of the batch where one does, else something to remember. */
import { type CheckId } from '../checks/check';
import { type Assessment } from '../checks/judgement';
import { lasting, mainStep, plannedMinutes } from '../stored/cooking';
import { type Operation } from '../stored/operations';
import { type ResolvedLine } from '../filling/lines';
import { panContents } from '../filling/pan';
import { DOUGHS } from '../vocabulary/doughs';
import { FORMS } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { METHODS } from '../vocabulary/methods';
import { type CookStep } from '../vocabulary/media/step';
import { doseFindings } from '../filling/doses';
import { formatNumber } from '../units/amount';
import { formatGrams, formatTemperature } from '../units/format';
import { boiledEnough } from '../checks/too-long';
import { formatLength, lengthFigure } from '../units/lengths';
import { dueMinutes } from './causes/heat';
import { PURE_SALT } from './causes/seasoning';
import { sugarWanted } from './causes/sour';
import { type Cause } from './find-causes';
import { type BatchNumbers } from './numbers';

interface Answer {
  id: string;
  label: string;
  operations: Operation[];
  /** The check whose figure it moves; null of what no check counts. */
  check: CheckId | null;
}

type Answering = (n: BatchNumbers, a: Assessment) => Answer[];

const remember =
  (id: string, label: string): Answering =>
  () => [{ id, label, operations: [], check: null }];

/** What a check offers for the batch as it was, first things first. */
const fixes =
  (check: CheckId): Answering =>
  (_n, { checks }) =>
    checks[check].fixes.map(({ id, label, change }) => ({
      id: `${check} ${id}`,
      label,
      operations: [...change],
      check,
    }));

/** The first answer that there is. */
const first =
  (...all: Answering[]): Answering =>
  (n, a) => {
    for (const one of all) {
      const answers = one(n, a);
      if (answers.length > 0) return answers;
    }
    return [];
  };

const setCook = (steps: CookStep[]): Operation[] => [{ do: 'setCook', to: { steps: steps as CookStep[] } }];
const toFive = (value: number): number => 5 * Math.round(value / 5);

/** What oil is usually set to, °C. */
const USUAL_OIL_C = 175;

const FULL_TIME = remember('full-time', 'Give it the full time, then measure');

/** The heat of all steps that are set, so much up or down, K. */
function heatBy({ batch: { cook }, kitchen }: BatchNumbers, byK: number): Answer[] {
  const { medium, mediumC } = mainStep(cook);
  if (mediumC === null || !MEDIA[medium].isSet || Math.abs(byK) < 5) return [];
  const steps = cook.steps.map((s) => (s.mediumC === null ? s : { ...s, mediumC: s.mediumC + byK }));
  return [
    {
      id: 'heat',
      label: `Set ${formatTemperature(mediumC + byK, kitchen.temperature)} instead of ${formatTemperature(mediumC, kitchen.temperature)}`,
      operations: setCook(steps),
      check: 'core',
    },
  ];
}

/** Longer, where it was planned for less. */
const longerTo = (n: BatchNumbers, minutes: number): Answer[] =>
  minutes > plannedMinutes(n.batch.cook) ? minutesTo(n, minutes) : [];

function minutesTo({ batch: { cook } }: BatchNumbers, minutes: number): Answer[] {
  const now = plannedMinutes(cook);
  if (Math.abs(minutes - now) < 1) return [];
  return [
    {
      id: 'minutes',
      label: `${formatNumber(minutes)} min instead of ${formatNumber(now)}`,
      operations: setCook(lasting(cook.steps, minutes)),
      check: 'core',
    },
  ];
}

const portion = ({ batch }: BatchNumbers, grams: number): Answer[] =>
  Math.abs(grams - batch.wrap.portionG) < 0.5
    ? []
    : [
        {
          id: 'portion',
          label: `${formatGrams(grams)} of filling in each instead of ${formatGrams(batch.wrap.portionG)}`,
          operations: [{ do: 'setWrap', to: { portionG: grams } }],
          check: 'fit',
        },
      ];

/** Grams of salt itself, more or less; nothing where no line is salt. */
function saltBy({ batch, accounts: { lines } }: BatchNumbers, grams: number): Answer[] {
  const line = lines.find((l) => l.ingredient.salt > PURE_SALT && l.line.amount > 0);
  if (line === undefined || line.readyG <= 0) return [];
  const to = Math.max(0.1, line.readyG + grams);
  const amount = Math.round((100 * line.line.amount * to) / line.readyG) / 100;
  const { id } = line.line;
  if (batch.lines.every((l) => l.id !== id)) return [];
  return [
    {
      id: 'salt',
      label: `${formatGrams(to)} of salt instead of ${formatGrams(line.readyG)}`,
      operations: [{ do: 'changeLine', id, to: { amount } }],
      check: 'salt',
    },
  ];
}
/** More sugar, on the line that is sugar; else to be remembered. */
function moreSugar({ batch, accounts: { lines } }: BatchNumbers, grams: number): Answer[] {
  const more = Math.max(5, toFive(grams));
  const line = lines.find((l) => l.ingredient.sugar > PURE_SUGAR && l.line.amount > 0 && l.rawG > 0);
  if (line === undefined || batch.lines.every(({ id }) => id !== line.line.id))
    return [{ id: 'sugar', label: `Add about ${formatGrams(more)} of sugar`, operations: [], check: null }];
  const amount = Math.round((10 * line.line.amount * (line.rawG + more)) / line.rawG) / 10;
  return [
    {
      id: 'sugar',
      label: `${formatGrams(line.rawG + more)} of sugar instead of ${formatGrams(line.rawG)}`,
      operations: [{ do: 'changeLine', id: line.line.id, to: { amount } }],
      check: null,
    },
  ];
}
/** More of it than this in 100 g is sugar itself, g. */
const PURE_SUGAR = 80;

/** Where taste and count disagree, the salt that one has in hand is changed so much, a share of all salt. House estimate. */
const BY_TASTE = 0.15;

/** So much of a filling in a pan, and it is the pan that its water leaves from. House estimate. */
const MOSTLY = 0.5;

const byTaste: Answering = (n) => {
  const isSalty = n.outcomes.some(({ what }) => what === 'salty');
  return saltBy(n, (isSalty ? -1 : 1) * BY_TASTE * n.accounts.salt.totalG);
};

/** As much of a strong thing as is usual at most, weighed. */
function toUsual(line: ResolvedLine, finishedG: number): Pick<Answer, 'label' | 'operations'> {
  const { id } = line.line;
  const usualG = ((line.ingredient.dose?.[1] ?? 0) * finishedG) / 1000;
  const to = Math.max(0.1, Math.round(10 * Math.min(line.readyG / 2, usualG)) / 10);
  return {
    label: `${formatGrams(to)} of ${line.ingredient.name.toLowerCase()} instead of ${formatGrams(line.readyG)}`,
    operations: [{ do: 'changeLine', id, to: { amount: to, unit: 'g', weighed: 'ready' } }],
  };
}

/** Less of what can hold the most. */
const lessBinder: Answering = first(fixes('moisture'), ({ accounts: { ledger, lines } }) =>
  [...ledger.lines]
    .filter(({ canHold }) => canHold > 0)
    .sort((a, b) => b.canHold - a.canHold)
    .flatMap(({ lineId }) => lines.filter((l) => l.line.id === lineId))
    .slice(0, 1)
    .map((l) => ({
      id: 'half-binder',
      label: `Half the ${l.ingredient.name.toLowerCase()}`,
      operations: [{ do: 'changeLine' as const, id: l.line.id, to: { amount: l.line.amount / 2 } }],
      check: 'moisture' as const,
    })),
);

/** Water taken away that was not counted: boiled off where something is in a pan, else drained. */
function lessWater({ batch, accounts: { ledger, lines } }: BatchNumbers, per100: number): Answer[] {
  const grams = toFive((per100 * ledger.finishedG) / 100);
  if (grams < 5) return [];
  const { water } = batch;
  // A little onion in a pan beside a raw filling gives nothing to boil off.
  const inPan = panContents(lines);
  if (inPan >= MOSTLY * ledger.finishedG && grams <= inPan / 2 && water.estimate.by === 'grams')
    return [
      {
        id: 'cook-off',
        label: `Boil ${formatGrams(grams)} more off`,
        operations: [{ do: 'setWater', to: { estimate: { by: 'grams', grams: water.estimate.grams + grams } } }],
        check: 'moisture',
      },
    ];
  return [
    {
      id: 'drain',
      label: `Drain or squeeze ${formatGrams(grams)} more out, weighed`,
      operations: [{ do: 'setWater', to: { drainedG: water.drainedG + grams } }],
      check: 'moisture',
    },
  ];
}

const thickness: Answering = ({ batch: { wrap }, kitchen }) => {
  const usual = DOUGHS[wrap.dough].usualThicknessMm;
  return [
    {
      id: 'thickness',
      label: `Roll to ${formatLength(usual, kitchen.lengths)} instead of ${lengthFigure(wrap.thicknessMm, kitchen.lengths)}`,
      operations: [{ do: 'setWrap', to: { thicknessMm: usual } }],
      check: 'fit',
    },
  ];
};

const WEIGH = remember('weigh', 'Weigh the first three portions, and set the spoon by them');

/** How full the portion is that was planned, whatever went in. */
const fullAsPlanned = (n: BatchNumbers): number => (n.fullness * n.batch.wrap.portionG) / n.portionG;
const slackAsPlanned = (n: BatchNumbers): number => Math.max(0.2, (n.slackness * n.batch.wrap.portionG) / n.portionG);

const ANSWERS: Readonly<Record<string, Answering>> = {
  'wet-filling': first(fixes('moisture'), (n) => lessWater(n, n.heat.value - (n.heat.band[0] + n.heat.band[1]) / 2)),
  'wet-at-board': first(fixes('moisture'), (n) => lessWater(n, n.board.value - n.board.band[1])),
  // What ran beyond what was counted, g per 100 g.
  'wetter-than-counted': (n) => lessWater(n, Math.min(20, (n.lossPercent ?? 0) - 4 - n.accounts.takes.ovenPer100)),
  'too-dry': first(fixes('moisture'), remember('dry', 'Boil less off, or mix in a spoon of stock')),
  'lean-meat': first(fixes('moisture'), remember('lean', 'Use fattier mince, or mix in a fifth of soft vegetables')),
  overbound: lessBinder,
  'too-absorbent': lessBinder,
  fatty: remember('fat', 'Drain the fat off, or use leaner meat'),
  overfilled: first(
    (n) => portion(n, Math.floor(n.batch.wrap.portionG * (0.95 / Math.max(0.95, fullAsPlanned(n))))),
    WEIGH,
  ),
  slack: first((n) => portion(n, Math.ceil(n.batch.wrap.portionG * (1.1 / Math.min(1.1, slackAsPlanned(n))))), WEIGH),
  'portions-light': WEIGH,
  'portions-heavy': WEIGH,
  'unequal-portions': remember('scale', 'Portion on the scale, or with a scoop'),
  'skins-heavy': remember('skins', 'Weigh the pieces of dough'),
  'thick-dough': thickness,
  'thin-dough': thickness,
  'narrow-rim': ({ batch: { wrap }, kitchen }) => {
    const { rimMm } = FORMS[wrap.form].usual;
    return [
      {
        id: 'rim',
        label: `Keep ${formatLength(rimMm, kitchen.lengths)} of the rim free instead of ${lengthFigure(wrap.rimMm, kitchen.lengths)}`,
        operations: [{ do: 'setWrap', to: { rimMm } }],
        check: 'fit',
      },
    ];
  },
  'no-vent': () => [
    { id: 'vent', label: 'Cut a slit', operations: [{ do: 'setWrap', to: { vent: 'slit' } }], check: 'moisture' },
  ],
  'little-salt': first((n) => saltBy(n, n.accounts.salt.toAddG), fixes('salt')),
  'much-salt': first((n) => (n.accounts.salt.toAddG < 0 ? saltBy(n, n.accounts.salt.toAddG) : []), fixes('salt')),
  'salt-by-spoon': remember('weigh-salt', 'Weigh the salt'),
  'saltier-than-counted': byTaste,
  'own-taste': byTaste,
  'not-counted': remember('count', 'Give every line an amount, and add what’s unknown to the Larder'),
  'strong-dose': ({ accounts: { lines, ledger } }) =>
    doseFindings(lines, ledger.finishedG)
      .filter(({ text }) => text.includes('far above'))
      .flatMap(({ lineId, fix }) => {
        const line = lines.find((l) => l.line.id === lineId);
        if (line === undefined) return [];
        return [
          {
            id: `dose ${lineId}`,
            ...(fix === null ? toUsual(line, ledger.finishedG) : { label: fix.label, operations: [...fix.change] }),
            check: null,
          },
        ];
      }),
  'strong-spices': remember('spice', 'Use a little less of it, and taste the cooked filling'),
  'forgotten-line': remember('tick', 'Tick every line as it goes in'),
  'oven-cold': (n) => heatBy(n, Math.min(40, toFive(Math.max(10, -(n.cookFit?.biasK ?? -15))))),
  'oven-hot': (n) => heatBy(n, -Math.min(40, toFive(Math.max(10, n.cookFit?.biasK ?? 15)))),
  'too-short': first(
    (n) => {
      const needs = n.core?.leastDoneMinutes ?? null;
      return needs === null ? [] : longerTo(n, Math.ceil(needs));
    },
    // What was planned would have done.
    (n, a) => (n.core?.leastDoneMinutes == null ? fixes('core')(n, a) : []),
    FULL_TIME,
  ),
  'too-long': first(
    (n) => {
      const needs = n.core?.leastDoneMinutes ?? null;
      const planned = plannedMinutes(n.batch.cook);
      const due = needs === null ? null : dueMinutes(n, needs);
      const least = due === null ? null : Math.ceil(due);
      return least === null || least >= planned ? [] : minutesTo(n, least);
    },
    remember('in-time', 'Take it out when its time is up'),
  ),
  'planned-hot': first(fixes('core'), (n) => {
    const { medium, mediumC } = mainStep(n.batch.cook);
    const over = (mediumC ?? 0) - MEDIA[medium].usualC;
    if (over >= 5) return heatBy(n, -toFive(over));
    return minutesTo(n, METHODS[n.batch.cook.method].usualMinutes[FORMS[n.batch.wrap.form].size]);
  }),
  'boiled-long': first(
    (n) => {
      const enough = boiledEnough(n.batch, n.core?.leastDoneMinutes ?? 0);
      return enough === null || enough >= plannedMinutes(n.batch.cook) ? [] : minutesTo(n, enough);
    },
    remember('in-time', 'Take it out when its time is up'),
  ),
  'raw-pieces': remember('softer-pieces', 'Grate it, cut it finely, or cook it before it goes in'),
  'mostly-dough': first(fixes('fit'), WEIGH),
  'little-sugar': (n) => moreSugar(n, sugarWanted(n)),
  'sour-things': remember('less-sour', 'Use less of the sour things, rinsed or squeezed, and a little sugar'),
  'brown-before-hot': first(fixes('core'), (n) => heatBy(n, -20)),
  'too-mild': first((n) => {
    const brownAt = n.core?.above.brownAt ?? null;
    return brownAt === null ? heatBy(n, 20) : longerTo(n, Math.ceil(brownAt) + 2);
  }, FULL_TIME),
  'cold-bottom': ({ batch: { cook } }) =>
    cook.steps.some(({ medium }) => medium === 'oven')
      ? [
          {
            id: 'lower-shelf',
            label: 'On the lower shelf',
            operations: setCook(cook.steps.map((s) => (s.medium === 'oven' ? { ...s, medium: 'lower-shelf' } : s))),
            check: 'core',
          },
        ]
      : [],
  'from-frozen': ({ kitchen }) => [
    {
      id: 'thaw',
      label: 'Thaw them in the fridge first',
      operations: [{ do: 'setCook', to: { startC: Math.max(2, kitchen.fridgeC) } }],
      check: 'core',
    },
  ],
  'pot-fell': first(fixes('core'), (n) => {
    const bears = n.core?.pot?.bears ?? 0;
    return bears < 1
      ? []
      : [
          {
            id: 'load',
            label: `${bears} at once`,
            operations: [{ do: 'setCook', to: { load: bears } }],
            check: 'core',
          },
        ];
  }),
  'oil-mild': (n) => heatBy(n, toFive(USUAL_OIL_C - (mainStep(n.batch.cook).mediumC ?? USUAL_OIL_C))),
  'nobody-measured': remember('measure', 'Measure three of the thickest, in the filling'),
  'probe-slipped': remember('probe', 'Push the tip into the middle of the filling, and measure three'),
  'cut-soon': remember('wait', 'Let it stand 15 minutes before cutting'),
  'lid-off-soon': remember('lid', 'Leave the lid ajar for a few minutes before you take it off'),
  'wrapped-warm': remember('cool', 'Measure the filling before the first is wrapped'),
  'cools-slowly-here': first(
    (_n, { heat }) =>
      (heat?.cooling?.alternatives ?? []).slice(0, 1).map((way) => ({
        id: `cool ${way.id}`,
        label: way.label,
        operations: [...way.change],
        check: 'cooling',
      })),
    remember('cooling', 'Spread it thinner, and take the lid off'),
  ),
  deep: first(fixes('cooling'), remember('cooling', 'Spread it thinner, and take the lid off')),
  'long-on-bench': remember(
    'lots',
    'Roll and wrap in lots. Keep closed ones and the rest of the filling in the fridge',
  ),
  'wet-dough': remember('hold-back', 'Hold a tenth of the water back, and add it by the spoon'),
  'stiff-dough': remember('spoon', 'Add water by the spoon until it is soft'),
  'flour-differs': remember('hold-back', 'Hold a tenth of the water back, and add it by the spoon'),
  'much-dough': ({ batch: { wrap } }) => [
    {
      id: 'spare',
      label: 'Make dough for the skins and 5 % more',
      operations: [{ do: 'setWrap', to: { doughG: null, spareShare: Math.min(wrap.spareShare, 0.05) } }],
      check: 'fit',
    },
  ],
  'little-dough': () => [
    {
      id: 'dough',
      label: 'Make as much dough as is needed',
      operations: [{ do: 'setWrap', to: { doughG: null } }],
      check: 'fit',
    },
  ],
  'much-filling': first(fixes('fit'), (n) => even(n)),
  'little-filling': first(fixes('fit'), (n) => even(n)),
  'starch-into-hot': remember('slurry', 'Stir the starch with cold water first'),
  'prawns-in-salt': remember('late-salt', 'Salt the prawns last, and keep them cold'),
  'tight-mix': remember('softer', 'Use some of it cooked, or add vegetables or stock, and stir one way'),
};

/** As many parcels as the filling makes. */
function even({ accounts: { balance }, batch }: BatchNumbers): Answer[] {
  const count = Math.round(balance.fromFilling);
  if (count < 1 || count === batch.count) return [];
  return [
    {
      id: 'count',
      label: `Make ${count} instead of ${batch.count}`,
      operations: [{ do: 'setBatch', to: { count } }],
      check: 'fit',
    },
  ];
}

/** What answers a cause, what does most first. */
export const answers = ({ id }: Pick<Cause, 'id'>, numbers: BatchNumbers, assessment: Assessment): Answer[] =>
  ANSWERS[id]?.(numbers, assessment) ?? [];

export const ANSWERED: readonly string[] = Object.keys(ANSWERS);
