/** What may mend Core: a longer time; where the crust is ahead of the middle, less heat for longer, thawing, two stages. */
import { lasting, mainStep, plannedMinutes } from '../stored/cooking';
import { LIMITS } from '../vocabulary/limits';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { type CookStep } from '../vocabulary/media/step';
import { FORMS } from '../forms';
import { METHODS } from '../vocabulary/methods';
import { formatNumber } from '../units/amount';
import { formatTemperature } from '../units/format';
import { formatLength, type LengthUnit } from '../units/lengths';
import { withArticle } from '../units/article';
import { type Accounts } from './account';
import { type Candidate, type Judgement, ORDER } from './check';
import { type CoreForecast } from '../forecast/heat';
import { isEnough } from './grace';
import { GOLDEN_MOST, pale, PALE_BELOW, STILL_PALE } from './pale';
import { potCandidates, potEffect, potHelps } from './pot-fixes';
import { isTooCold, isTooFull } from './pot-finding';
import { tooLong } from './too-long';
import { type PotForecast } from '../cooking/pot-of';
import { type Mending } from './rule';

/** Less heat is tried in such steps, K. */
const LOWER_K = [20, 40];
/** Cooler oil does not fry: it soaks, °C. House estimate, as cooks have it. */
const LEAST_OIL_C = 160;
/** Two stages: so much of the time hot at first, the rest so much lower, K. House estimates. */
const FIRST_STAGE = 0.3;
const SECOND_LOWER_K = 40;

function candidates(accounts: Accounts, now: Judgement): Candidate[] {
  const { batch, kitchen, limit, heat } = accounts;
  const least = heat?.core?.leastDoneMinutes ?? null;
  if (least === null && heat?.core) return hotter(batch, kitchen.temperature);
  if (least === null || now.unit !== 'min' || now.value === null) return [];
  const inPot = now.pot ? potCandidates(batch, now.pot) : [];
  if (inPot.length > 0) return inPot;
  const palest = heat?.core ? pale(batch, heat.core, 'C') : null;
  const needed = Math.ceil(least + limit.holdMinutes);
  const burntAt = burning(now);
  if (burntAt !== null) return browning(accounts, needed, burntAt);
  const over = heat?.core ? tooLong(accounts, heat.core) : null;
  if (over !== null) return shorter(batch.cook, over.enough);
  if (isEnough(now.value, least))
    return palest === null || !heat?.core
      ? []
      : palest.headline === PALE_BELOW
        ? hotterBelow(batch.cook)
        : browner(batch, heat.core, kitchen.temperature);
  const whole = Math.max(needed, goldenBy(batch, heat?.core ?? null, needed));
  return [
    {
      id: 'longer',
      label: `${METHODS[batch.cook.method].imperative} ${whole} min instead of ${formatNumber(plannedMinutes(batch.cook))}`,
      change: [{ do: 'setCook', to: { steps: lasting(batch.cook.steps, whole) } }],
    },
  ];
}

/** What is brushed to shine is baked until it is golden, where that is not much longer: whole minutes, else 0. */
function goldenBy({ wrap, cook }: Batch, forecast: CoreForecast | null, needed: number): number {
  const isBrushed = wrap.glaze === 'egg' || wrap.glaze === 'milk';
  const brownAt = forecast?.above.brownAt ?? null;
  if (!isBrushed || brownAt === null || MEDIA[mainStep(cook).medium].appliance !== 'oven') return 0;
  return brownAt <= GOLDEN_MOST * needed ? Math.round(brownAt) : 0;
}

/** Where the heat never takes it there, time alone does not help: the usual heat for the usual time. */
function hotter({ cook, wrap }: Batch, scale: 'C' | 'F'): Candidate[] {
  const { medium, mediumC } = mainStep(cook);
  const { usualC, isSet, heats } = MEDIA[medium];
  if (!isSet || !heats || mediumC === null || mediumC >= usualC) return [];
  const hot = cook.steps.map((s) => (s.medium === medium ? { ...s, mediumC: usualC } : s));
  const steps = lasting(hot, METHODS[cook.method].usualMinutes[FORMS[wrap.form].size]);
  return [
    {
      id: 'hotter',
      label: `${formatTemperature(usualC, scale)} instead of ${formatTemperature(mediumC, scale)}, for ${minutesOf(steps)} min`,
      change: [{ do: 'setCook', to: { steps } }],
    },
  ];
}

/** When it is too brown, where that is before it is hot or before it comes out; else null. */
function burning({ crust, value, band }: Judgement): number | null {
  const burntAt = crust?.burntAt ?? null;
  if (burntAt === null || value === null) return null;
  return burntAt < (band[0] ?? 0) || burntAt < value ? burntAt : null;
}

/** Golden only after so many times the planned time is far from it. House estimate. */
const FAR_FROM_GOLDEN = 1.8;

/** So that it is golden when it comes out: egg on top, longer, or hotter. */
function browner({ cook, wrap }: Batch, { above }: CoreForecast, scale: 'C' | 'F'): Candidate[] {
  const planned = plannedMinutes(cook);
  const set = (steps: CookStep[]): Candidate['change'] => [{ do: 'setCook', to: { steps } }];
  const { mediumC } = mainStep(cook);
  const hot = (mediumC ?? 0) + BROWNER_K;
  // Nobody bakes nearly twice as long for the colour alone: then it is brushed, or baked hotter.
  const isFar = above.brownAt !== null && above.brownAt > FAR_FROM_GOLDEN * planned;
  const longer: Candidate[] =
    above.brownAt === null || above.brownAt <= planned
      ? []
      : [
          {
            id: 'until-brown',
            label: `Until it is golden: about ${formatNumber(Math.round(above.brownAt))} min`,
            change: set(lasting(cook.steps, Math.round(above.brownAt))),
          },
        ];
  return [
    ...(isFar ? [] : longer),
    ...(wrap.glaze === 'egg'
      ? []
      : [
          {
            id: 'egg',
            label: 'Brush it with egg',
            change: [{ do: 'setWrap' as const, to: { glaze: 'egg' as const } }],
          },
        ]),
    ...(mediumC === null || hot > MOST_OVEN_C
      ? []
      : [
          {
            id: 'hotter-to-brown',
            label: `${formatTemperature(hot, scale)} instead of ${formatTemperature(mediumC, scale)}`,
            change: set(cook.steps.map((s) => (s.mediumC === mediumC ? { ...s, mediumC: hot } : s))),
          },
        ]),
    ...(isFar ? longer : []),
  ];
}

/** So much hotter is tried, K; and no hotter than ovens are, °C. House estimates. */
const BROWNER_K = 20;
const MOST_OVEN_C = 250;

/** More heat from below: the lower shelf, a stone, or longer. */
function hotterBelow(cook: Batch['cook']): Candidate[] {
  const set = (steps: CookStep[]): Candidate['change'] => [{ do: 'setCook', to: { steps } }];
  const on = (medium: CookStep['medium'], share = 1): CookStep[] =>
    cook.steps.map((s) =>
      BEFORE_BELOW.includes(s.medium) ? { ...s, medium, minutes: Math.round(s.minutes * share) } : s,
    );
  const longer = lasting(cook.steps, Math.ceil(plannedMinutes(cook) * LONGER_BELOW));
  return [
    { id: 'lower-shelf', label: 'On the lower shelf', change: set(on('lower-shelf')) },
    {
      id: 'stone',
      label: `On a hot stone, ${minutesOf(on('stone', STONE_SHARE))} min`,
      change: set(on('stone', STONE_SHARE)),
    },
    { id: 'longer-below', label: `Longer: ${minutesOf(longer)} min`, change: set(longer) },
  ];
}

/** Media that give less from below; on a stone it takes this share of the time; longer means so many times. House estimates: the solver then says. */
const BEFORE_BELOW: readonly CookStep['medium'][] = ['oven', 'rack', 'covered'];
const STONE_SHARE = 0.8;
const LONGER_BELOW = 1.25;

/** Where the top is too brown first: under foil from when it is brown, or further from the top. */
function sparedAbove(cook: Batch['cook'], needed: number, { above, below }: CoreForecast): Candidate[] {
  const [only, ...more] = cook.steps;
  if (more.length > 0 || only.medium !== 'oven') return [];
  const set = (steps: CookStep[]): Candidate['change'] => [{ do: 'setCook', to: { steps } }];
  const brownAt = Math.max(1, Math.round(above.brownAt ?? 0));
  const isTop = above.burntAt !== null && (below.burntAt === null || above.burntAt <= below.burntAt);
  if (!isTop || above.brownAt === null || brownAt >= needed) return [];
  const rest = Math.ceil((needed - brownAt) * COVERED_LONGER);
  return [
    {
      id: 'cover',
      label: `Under foil once it is brown: ${brownAt} min, then ${rest} min`,
      change: set([
        { ...only, minutes: brownAt },
        { ...only, medium: 'covered', minutes: rest },
      ]),
    },
    {
      id: 'lower-shelf',
      label: `On the lower shelf, ${Math.ceil(needed * LOWER_SHELF_LONGER)} min`,
      change: set([{ ...only, medium: 'lower-shelf', minutes: Math.ceil(needed * LOWER_SHELF_LONGER) }]),
    },
  ];
}

/** Under foil, and further from the top, it takes so many times as long. House estimates: the solver then says. */
const COVERED_LONGER = 1.3;
const LOWER_SHELF_LONGER = 1;

/** So much of the filling is tried. House estimate. */
const SMALLER = 0.7;

/** Smaller ones: hot sooner, as brown as before. */
function smaller({ wrap, cook }: Batch, needed: number): Candidate[] {
  const portionG = Math.round(wrap.portionG * SMALLER);
  if (FORMS[wrap.form].size === 'pan' || portionG < LIMITS.portionG.least) return [];
  // In proportion to the square of the size; the solver then says.
  const steps = lasting(cook.steps, Math.ceil(needed * SMALLER ** (2 / 3) * 1.05));
  return [
    {
      id: 'smaller',
      label: `Smaller: ${formatNumber(portionG)} g of filling in each, ${minutesOf(steps)} min`,
      change: [
        { do: 'setWrap', to: { portionG } },
        { do: 'setCook', to: { steps } },
      ],
    },
  ];
}

/** So much wider a pan is tried; so much sooner the middle is then hot: about with its depth to the power 1.3. House estimates: the solver then says. */
const WIDER = 1.15;
const SOONER = WIDER ** (-2 * 1.3);

/** The same pie in a wider pan lies flatter. */
function flatter({ wrap, cook }: Batch, needed: number, lengths: LengthUnit): Candidate[] {
  const { skin } = wrap;
  if (skin.shape !== 'pan' || skin.diameterMm * WIDER > LIMITS.skinMm.most) return [];
  const diameterMm = Math.round((skin.diameterMm * WIDER) / 10) * 10;
  const steps = lasting(cook.steps, Math.ceil(needed * SOONER));
  return [
    {
      id: 'flatter',
      label: `Flatter, in ${withArticle(`${formatLength(diameterMm, lengths, 0)} pan`)}: ${minutesOf(steps)} min`,
      change: [
        { do: 'setWrap', to: { skin: { ...skin, diameterMm } } },
        { do: 'setCook', to: { steps } },
      ],
    },
  ];
}

const minutesOf = (steps: readonly CookStep[]): string => formatNumber(plannedMinutes({ steps }));

/** No longer than that. */
function shorter(cook: Batch['cook'], enough: number): Candidate[] {
  const steps = lasting(cook.steps, enough);
  return [
    {
      id: 'shorter',
      label: `${METHODS[cook.method].imperative} ${minutesOf(steps)} min instead of ${minutesOf(cook.steps)}`,
      change: [{ do: 'setCook', to: { steps } }],
    },
  ];
}

/** So that the middle is hot before the crust is too brown. */
function browning({ batch, kitchen, heat }: Accounts, needed: number, burntAt: number): Candidate[] {
  const { cook } = batch;
  const t = (c: number): string => formatTemperature(c, kitchen.temperature);
  const setSteps = (steps: CookStep[]): Candidate['change'] => [{ do: 'setCook', to: { steps } }];
  // The time alone, where it is hot in time and only stays in too long.
  if (needed < burntAt) {
    return shorter(cook, needed);
  }
  return [
    ...thawed(batch, kitchen.fridgeC, needed),
    ...LOWER_K.flatMap((k) =>
      lower(cook, k, needed).map((steps): Candidate => ({
        id: `lower-${k}`,
        label: `${t(mainStep({ steps }).mediumC ?? 0)} instead of ${t(mainStep(cook).mediumC ?? 0)}, for ${minutesOf(steps)} min`,
        change: setSteps(steps),
      })),
    ),
    ...(heat?.core ? sparedAbove(cook, needed, heat.core) : []),
    ...smaller(batch, needed),
    ...flatter(batch, needed, kitchen.lengths),
    ...twoStages(cook, needed).map((steps): Candidate => ({
      id: 'two-stages',
      label: `Two stages: ${steps.map((s) => `${t(s.mediumC ?? 0)} for ${formatNumber(s.minutes)} min`).join(', then ')}`,
      change: setSteps(steps),
    })),
  ];
}

/** On its way to hot a parcel is about so warm, °C, on average; thawed it takes this share of the time. House estimates: the solver then says. */
const ON_THE_WAY_C = 40;
const THAWED_SHARE = 0.65;

/** So many times as long with so much less heat: in proportion to how far the medium is above the parcel. */
const slower = (mediumC: number, k: number): number =>
  (mediumC - ON_THE_WAY_C) / Math.max(10, mediumC - k - ON_THE_WAY_C);

function thawed({ cook }: Batch, fridgeC: number, needed: number): Candidate[] {
  if (cook.startC >= 0) return [];
  const steps = lasting(cook.steps, Math.ceil(needed * THAWED_SHARE));
  return [
    {
      id: 'thaw',
      label: `Thaw them in the fridge first, then ${minutesOf(steps)} min`,
      change: [{ do: 'setCook', to: { startC: fridgeC, steps } }],
    },
  ];
}

function lower(cook: Batch['cook'], k: number, needed: number): CookStep[][] {
  const { mediumC } = mainStep(cook);
  const least = mainStep(cook).medium === 'oil' ? LEAST_OIL_C : LIMITS.mediumC.least;
  if (mediumC === null || mediumC - k < least) return [];
  const colder = cook.steps.map((s) =>
    MEDIA[s.medium].browns && s.mediumC !== null ? { ...s, mediumC: s.mediumC - k } : s,
  );
  return [lasting(colder, Math.ceil(needed * slower(mediumC, k)))];
}

function twoStages(cook: Batch['cook'], needed: number): CookStep[][] {
  const [only, ...more] = cook.steps;
  if (more.length > 0 || only.medium === 'oil' || only.mediumC === null || !MEDIA[only.medium].browns) return [];
  const total = needed * slower(only.mediumC, SECOND_LOWER_K * (1 - FIRST_STAGE));
  return [
    [
      { ...only, minutes: Math.round(total * FIRST_STAGE) },
      { ...only, minutes: Math.ceil(total * (1 - FIRST_STAGE)), mediumC: only.mediumC - SECOND_LOWER_K },
    ],
  ];
}

const minutes = (value: number | null | undefined): string => (value == null ? 'never' : formatNumber(value, 0));

export const coreFixes: Mending = {
  candidates,
  choose: (tried) => [...tried],
  // Tried by the solver: what does not help is not offered.
  helps: (now, then) => {
    if (isPotAtFault(now)) return potHelps(now.pot, then.pot ?? null);
    if (PALES.includes(now.headline)) return !PALES.includes(then.headline) && ORDER[then.state] <= ORDER[now.state];
    return (
      burning(now) === null ||
      ORDER[then.state] < ORDER[now.state] ||
      (burning(then) === null && then.state === now.state)
    );
  },
  effect: (now, then, { kitchen }) => {
    if (isPotAtFault(now)) return potEffect(now.pot, then.pot ?? null, kitchen.temperature);
    return burning(now) === null || now.crust === undefined
      ? `${formatNumber(now.value ?? 0)} → ${formatNumber(then.value ?? 0)} min`
      : `hot ${minutes(now.crust.hotAt)} → ${minutes(then.crust?.hotAt)}, too brown ${minutes(now.crust.burntAt)} → ${minutes(then.crust?.burntAt)} min`;
  },
};

const PALES: readonly string[] = [PALE_BELOW, STILL_PALE];

const isPotAtFault = (now: Judgement): now is Judgement & { pot: PotForecast } =>
  now.pot !== undefined && (isTooFull(now.pot) || isTooCold(now.pot));
