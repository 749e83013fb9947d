/** What a cook is told who looks, tastes, weighs or counts in a rehearsal: as it really is there, and no more than can be seen. */
import { account } from '../checks/account';
import { crustOf } from '../checks/crust';
import { colouredAt } from '../checks/pale';
import { saltTaste } from '../checks/salt';
import { forecastHeat } from '../forecast/heat';
import { outMinutesAt } from '../cooling/board-clock';
import { mainStep, plannedMinutes } from '../stored/cooking';
import { wrapSeconds } from '../learning/learned';
import { type Operation } from '../stored/operations';
import { MEDIA } from '../vocabulary/media';
import { OUTCOMES, PLACES_IN_PARCEL } from '../vocabulary/outcomes';
import { type Look } from '../vocabulary/rehearsals';
import { normal } from '../random/generators';
import { formatNumber } from '../units/amount';
import { formatGrams, formatTemperature } from '../units/format';
import { hiddenOf } from './hidden';
import { insideOf, kitchenNow, type Situation, truthNow } from './inside';
import { inHeat } from './live';

/** An answer, and what of it goes into the batch by itself: what a scale or a count says. */
interface Seen {
  said: string;
  operations: Operation[];
}

const only = (sentence: string): Seen => ({ said: sentence, operations: [] });

/** Looks. The same look at the same time says the same. */
export function look(what: Look, situation: Situation): Seen {
  return LOOKS[what](situation, normal(seedFor(situation, what)));
}

/** Every look has its own dice. */
function seedFor({ rehearsal }: Situation, what: Look): number {
  const times = rehearsal.looks.filter((l) => l.what === what).length;
  return rehearsal.seed * 1000 + times * 17 + [...what].reduce((sum, letter) => sum + letter.charCodeAt(0), 0);
}

type Looking = (situation: Situation, random: () => number) => Seen;

const LOOKS: Readonly<Record<Look, Looking>> = {
  taste: ({ rehearsal, batch, kitchen }) => {
    const { salt } = account(batch, kitchen, null);
    if (batch.lines.length === 0) return only('There’s nothing to taste yet.');
    const taste = saltTaste(salt, salt.fillingPercent * hiddenOf(rehearsal).saltFactor);
    return only(salt.isSweet && taste === 'right' ? 'Sweet, as it should be.' : TASTES[taste]);
  },
  press: ({ rehearsal, batch, kitchen }, random) => {
    if (batch.lines.length === 0) return only('There’s nothing to press yet.');
    const { ledger } = account(batch, kitchen, null);
    const grams = Math.max(0, ledger.freePer100 + hiddenOf(rehearsal).extraFree + 0.5 * random());
    return only(
      grams < 1
        ? 'Nothing runs out: it only shines.'
        : `About ${formatGrams(Math.round(grams))} runs out of 100 g. The list counts ${formatGrams(Math.max(0, Math.round(ledger.freePer100)))} loose.`,
    );
  },
  'fridge-thermometer': ({ rehearsal, kitchen }) =>
    only(
      `It’s ${formatTemperature(hiddenOf(rehearsal).fridgeC ?? kitchen.fridgeC, kitchen.temperature)}; its dial says ${formatTemperature(kitchen.fridgeC, kitchen.temperature)}.`,
    ),
  'weigh-filling': (situation, random) => {
    const truth = truthNow(situation);
    const grams = situation.batch.wrap.portionG * truth.portionFactor * (1 + (truth.spreadPercent / 100) * random());
    return weighed(situation, 'filling', grams);
  },
  'weigh-skin': (situation, random) => {
    const truth = truthNow(situation);
    const { fit } = account(situation.batch, situation.kitchen, null);
    return weighed(situation, 'skin', fit.wrapperG * truth.skinFactor * (1 + 0.02 * random()));
  },
  closed: ({ rehearsal, batch, kitchen }) => {
    const { board } = batch.wrap;
    if (board === null) return only('Nothing is on the bench: its clock isn’t running.');
    const seconds = wrapSeconds(batch.wrap.edge, kitchen) * (rehearsal.hands === 'scale' ? SCALE_TAKES : 1);
    const by = Math.min(batch.count, Math.floor((60 * outMinutesAt(board, rehearsal.simAt)) / seconds));
    const before = board.taps.reduce((sum, { parcels }) => sum + parcels, 0);
    const more = Math.min(MOST_A_TAP, by - before);
    return {
      said: by >= batch.count ? `All ${batch.count} are closed.` : `${by} of ${batch.count} are closed.`,
      operations: more > 0 ? [{ do: 'addTap', tap: { at: rehearsal.simAt, parcels: more } }] : [],
    };
  },
  'oven-thermometer': ({ rehearsal, batch, kitchen }, random) => {
    const { medium, mediumC } = mainStep(batch.cook);
    if (!MEDIA[medium].isSet || mediumC === null) return only('It’s boiling water: nothing to find out.');
    const c = mediumC + hiddenOf(rehearsal).biasK + random();
    return only(
      `It shows ${formatTemperature(Math.round(c), kitchen.temperature)}; the dial says ${formatTemperature(mediumC, kitchen.temperature)}.`,
    );
  },
  colour: (situation) => {
    const { batch, rehearsal } = situation;
    const { run } = batch.cook;
    if (run === null) return only('Nothing is cooking.');
    const minutes = (Date.parse(rehearsal.simAt) - Date.parse(run.inAt)) / 60_000;
    const truth = truthNow(situation);
    const share = Math.max(1, minutes / plannedMinutes(batch.cook));
    const { core } = forecastHeat(inHeat(batch, share), kitchenNow(situation, truth), 'first');
    const crust = core && crustOf(batch, core);
    const brownAt = crust?.brownAt ?? null;
    const coloured = brownAt === null ? null : colouredAt(batch.wrap.glaze, brownAt);
    return only(colourWords(minutes, coloured, crust?.burntAt ?? null, crust !== null));
  },
  cut: (situation) => {
    const { outcomes } = insideOf(situation);
    if (outcomes === null) return only('None has been cooked yet.');
    const seen = outcomes.map(
      ({ what, much, where }) =>
        `${OUTCOMES[what].label}${where === null ? '' : ` (${PLACES_IN_PARCEL[where].label})`}${much === 'little' ? ', a little' : ''}`,
    );
    return only(`You find: ${seen.join('; ')}. Note it.`);
  },
};

/** To weigh each takes so much longer. House estimate. */
const SCALE_TAKES = 1.25;
const MOST_A_TAP = 100;

const weighed = ({ rehearsal, batch }: Situation, what: 'filling' | 'skin', exact: number): Seen => {
  const grams = Math.max(1, Math.round(exact));
  const planned = what === 'filling' ? `; planned ${formatNumber(batch.wrap.portionG, 0)} g` : '';
  return {
    said: `${what === 'filling' ? 'The filling' : 'The skin'} weighs ${formatNumber(grams)} g${planned}.`,
    operations: [{ do: 'addWeighed', weighed: { at: rehearsal.simAt, what, grams } }],
  };
};

/** A spoonful tasted on its own. */
const TASTES = {
  bland: 'Flat: it needs salt.',
  'little-bland': 'A little flat.',
  right: 'Right.',
  'little-salty': 'A little too salty.',
  salty: 'Far too salty.',
} as const;

function colourWords(minutes: number, brownAt: number | null, burntAt: number | null, browns: boolean): string {
  if (!browns) return 'They look as they went in: nothing browns here.';
  if (burntAt !== null && minutes >= burntAt) return 'Dark, and darker at the rim.';
  if (brownAt !== null && minutes >= brownAt) return 'Golden brown.';
  const share = brownAt === null ? 0 : minutes / brownAt;
  return share > 0.75 ? 'Pale gold at the rim.' : 'As pale as they went in.';
}
