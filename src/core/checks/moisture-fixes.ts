/**
 * What may mend moisture, in a cook's order. Wet: what belongs to the dish first (beat it in, squeeze it, fry it, simmer it down,
 * pour less), then several of these together, then what is in it already and binds, then a binder new to it. Dry: less of what
 * is dry, then more of what moistens.
 */
import { type Accounts } from './account';
import { type Candidate, type Figures, type Judgement } from './check';
import { juicier, lessStarch } from './dry-fixes';
import { per100 } from './moisture';
import { type Group, GROUP_IDS, GROUPS, OF_THE_DISH } from './moisture-groups';
import { type Mending, type Tried } from './rule';
import { formatNumber } from '../units/amount';
import { drier } from './wet-fixes';

/** More ways than these nobody reads at the stove. */
const MOST_OFFERED = 5;
/** Against dry: fewer ways, and no order but that in which they were thought of. */
const MOST_AGAINST_DRY = 4;
/** What belongs to the dish stays first even where it makes another check ask for something; it says so. */
const isOfTheDish = ({ group = '' }: Candidate): boolean => OF_THE_DISH.includes(group) || group === 'together';

function candidates(accounts: Accounts, { figures }: Judgement): Candidate[] {
  const { ledger, lines } = accounts;
  if (!figures || ledger.problem !== null || lines.length === 0) return [];
  if (isWet(figures)) return drier(accounts, figures);
  if (figures.decides === 'paste') return lessStarch(accounts);
  return figures.dry.state === 'good' ? [] : juicier(accounts);
}

const isWet = ({ board, heat }: Figures): boolean => board.state !== 'good' || heat.state !== 'good';

/** Less change than this, g in 100 g, is none. */
const LEAST_GAIN = 0.3;
/** What brings less than this share of what is wanted comes after what brings it. House estimate. */
const MENDS_MUCH = 0.6;
/** A binder of more than so many g comes after what belongs to the dish. House estimate. */
const SMALL_DOSE_G = 40;
/** An hour of work and waiting is worth a gram and a half of liquid in 100 g. House estimate. */
const MINUTES_A_GRAM = 40;

/** How far both moments are from where they should be, g in 100 g. */
const missOf = ({ board, heat }: Figures): number =>
  (board.state === 'good' ? 0 : board.value - board.band[1]) + Math.max(0, heat.value - heat.band[1]);

/** In a cook's order; what hardly helps comes after what does. */
function choose(tried: readonly Tried[], now: Judgement): Tried[] {
  const { figures } = now;
  if (!figures) return [];
  if (!isWet(figures)) return chooseAgainstDry(tried, now);
  const before = missOf(figures);
  const left = ({ then }: Tried): number => (then.figures ? missOf(then.figures) : before);
  const gain = (t: Tried): number => before - left(t);
  const cost = (t: Tried): number => left(t) + (t.candidate.minutes ?? 0) / MINUTES_A_GRAM;
  // A filling that is dry afterwards has not been mended.
  const isBinder = ({ candidate: { group, doseG } }: Tried): boolean =>
    group === 'bind' || group === 'own' || (group === 'thicken' && doseG !== undefined);
  const helping = tried
    .filter((t) => gain(t) >= LEAST_GAIN && t.then.figures?.dry.state !== 'fix')
    // Starch that sets only in the heat mends nothing at the board.
    .filter((t) => !isBinder(t) || t.then.state !== 'fix');
  const chosen = GROUP_IDS.flatMap((group) =>
    helping
      .filter((t) => t.candidate.group === group && isBestOfItsLine(t, helping, gain))
      .sort((a, b) => cost(a) - cost(b))
      .slice(0, GROUPS[group]),
  );
  const order = (t: Tried): number => {
    const { group = '', doseG = 0 } = t.candidate;
    const isLate = isBinder(t) && group !== 'thicken' && doseG > SMALL_DOSE_G;
    return rankOf(group) + (gain(t) >= MENDS_MUCH * before && !isLate ? 0 : RANKS);
  };
  return chosen.sort((a, b) => order(a) - order(b) || left(a) - left(b)).slice(0, MOST_OFFERED);
}

/** Milk and fruit are thickened first of all; what belongs to the dish has one rank, and the rest follow in their order. */
const RANKS = GROUP_IDS.length;
const rankOf = (group: string): number => (OF_THE_DISH.includes(group) ? 1 : GROUP_IDS.indexOf(group as Group));

/** Of one line's preparations the first of its table that does nearly as much as the best: tables stand in a cook's order. */
function isBestOfItsLine(t: Tried, helping: readonly Tried[], gain: (t: Tried) => number): boolean {
  if (!t.candidate.id.startsWith('prepare-')) return true;
  const [change] = t.candidate.change;
  const lineId = change.do === 'changeLine' ? change.id : '';
  const ofLine = helping.filter(
    ({
      candidate: {
        id,
        change: [first],
        group,
      },
    }) => id.startsWith('prepare-') && group === t.candidate.group && first.do === 'changeLine' && first.id === lineId,
  );
  const best = Math.max(...ofLine.map(gain));
  return ofLine.find((other) => gain(other) >= NEARLY * best) === t;
}
const NEARLY = 0.8;

/** What leaves more than this share of what is missing has not helped. House estimate. */
const LEFT_MISSING = 0.6;

/** Against dry and pasty: what helps by a good part and makes nothing wet, in the order in which it was thought of; what is not enough last. */
function chooseAgainstDry(tried: readonly Tried[], { figures }: Judgement): Tried[] {
  const id = figures?.decides === 'paste' ? 'paste' : 'dry';
  const was = figures?.[id].value ?? 0;
  return tried
    .filter(({ then }) => {
      if (!then.figures || isWet(then.figures)) return false;
      return then.state === 'good' || then.figures[id].value <= LEFT_MISSING * was;
    })
    .sort((a, b) => Number(a.then.state === 'fix') - Number(b.then.state === 'fix'))
    .slice(0, MOST_AGAINST_DRY);
}

export const moistureFixes: Mending = {
  candidates,
  choose,
  staysFirst: isOfTheDish,
  effect: ({ figures: now }, { figures: then }) => {
    if (!now || !then) return '';
    const of = (id: 'board' | 'heat' | 'dry'): string => `${per100(now[id].value)} → ${per100(then[id].value)}`;
    if (now.decides === 'paste')
      return `${formatNumber(now.paste.value, 1)} → ${formatNumber(then.paste.value, 1)} times`;
    if (now.decides === 'dry') return `still takes ${of('dry')}`;
    return now.decides === then.decides
      ? of(now.decides)
      : `while you fill ${of('board')}, while cooking ${of('heat')}`;
  },
};
