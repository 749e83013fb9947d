/**
 * Third step of three: what could be done. Each check names candidates; here, in one place for all, each is tried out on the
 * whole batch. What a fix promises is what is found then: judge(account(change(document))).
 */
import { type Batch } from '../stored/schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { isWithinLimits } from '../stored/within-limits';
import { apply } from '../stored/operations';
import { hotPartOf } from '../cooling/hot-part';
import { resolveLines } from '../filling/lines';
import { whyNever } from '../vocabulary/goes-together';
import { type Accounts, account } from './account';
import { type Candidate, CHECK_IDS, type CheckId, type Fix, type Judgements, type Proposals } from './check';
import { type HeatForecast } from '../forecast/heat';
import { coolingFixes } from './cooling-fixes';
import { coreFixes } from './core-fixes';
import { fitFixes } from './fit-fixes';
import { CHECKS, judge } from './judge';
import { moistureFixes } from './moisture-fixes';
import { type Mending, type Tried } from './rule';
import { saltFixes } from './salt-fixes';

const MENDING: Readonly<Record<CheckId, Mending>> = {
  moisture: moistureFixes,
  salt: saltFixes,
  cooling: coolingFixes,
  fit: fitFixes,
  core: coreFixes,
};

/** Works out how a changed batch cools and heats; null where that is not known yet. */
export type Forecaster = (batch: Batch, kitchen: Kitchen) => HeatForecast | null;

/**
 * Proposes fixes for every check that needs one.
 * @param forecast for what is offered in the end; without it steam is taken to go with the mass that is hot
 * @param asked the checks that are asked about; of the others nothing is proposed
 */
export function propose(
  accounts: Accounts,
  now: Judgements,
  forecast: Forecaster | null,
  asked: readonly CheckId[] = CHECK_IDS,
): Proposals {
  return Object.fromEntries(
    CHECK_IDS.map((id): [CheckId, readonly Fix[]] => [
      id,
      asked.includes(id) ? proposeFor(id, accounts, now, forecast) : [],
    ]),
  ) as Proposals;
}

/** What nobody makes is asked about, not made better. */
const isNeverMade = ({ wrap, cook }: Batch): boolean => whyNever(wrap.dough, cook.method) !== null;

function proposeFor(id: CheckId, accounts: Accounts, now: Judgements, forecast: Forecaster | null): Fix[] {
  if (now[id].isOpen === true || (id === 'moisture' && isNeverMade(accounts.batch))) return [];
  const { judge: judgeAlone } = CHECKS[id];
  const mending = MENDING[id];
  const stays = (candidate: Candidate): boolean => mending.staysFirst?.(candidate) ?? false;
  const guess = guessFrom(accounts);
  const tried = mending.candidates(accounts, now[id]).flatMap((candidate): Tried[] => {
    const guessed = accountAfter(accounts, candidate, guess);
    return guessed === null ? [] : [{ candidate, guessed, then: judgeAlone(guessed) }];
  });
  return (
    mending
      .choose(tried, now[id])
      .flatMap(({ candidate, guessed }): Fix[] => {
        const after = forecast === null ? guessed : accountAfter(accounts, candidate, forecast);
        if (after === null) return [];
        const then = judge(after);
        const promise = then[id].value;
        if (promise === null || mending.helps?.(now[id], then[id]) === false) return [];
        return [
          { ...candidate, promise, effect: mending.effect(now[id], then[id], accounts), but: getsWorse(id, now, then) },
        ];
      })
      // What turns another check to Fix comes last, unless it belongs to the dish as it is made anyway.
      .sort((a, b) => Number(a.but !== null && !stays(a)) - Number(b.but !== null && !stays(b)))
  );
}

/** The accounts after a change; null where the document would not take it. */
function accountAfter(
  { batch, kitchen, problem }: Accounts,
  { change }: Candidate,
  forecast: Forecaster,
): Accounts | null {
  const changed = change.reduce(apply, batch);
  return isWithinLimits(changed) ? account(changed, kitchen, forecast(changed, kitchen), problem, true) : null;
}

/** The present forecast, its steam in proportion to what is hot. */
function guessFrom({ batch, kitchen, heat }: Accounts): Forecaster {
  if (!heat?.cooling) return () => heat;
  const { cooling } = heat;
  const hotG = ({ lines, ingredients, water }: Batch): number =>
    hotPartOf(resolveLines({ lines, ingredients }, kitchen), water)?.massG ?? 0;
  const before = hotG(batch);
  return (changed) => ({
    ...heat,
    cooling: { ...cooling, evaporatedG: before > 0 ? (cooling.evaporatedG * hotG(changed)) / before : 0 },
  });
}

/** What else is then to mend: said, never left to be found out. */
function getsWorse(id: CheckId, now: Judgements, then: Judgements): string | null {
  const worse = CHECK_IDS.filter((other) => other !== id && then[other].state === 'fix' && now[other].state !== 'fix');
  return worse.length === 0 ? null : `then ${worse.map((other) => then[other].headline).join('; ')}`;
}
