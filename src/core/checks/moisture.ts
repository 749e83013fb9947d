/** Moisture: free liquid against what the parcel takes. */
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { type Accounts } from './account';
import { type CheckState, HOUSE, type Judgement, nothingIn, PLAIN, type Reason } from './check';
import { candidates, choose } from './moisture-fixes';
import { bindingPower, isPasty } from './pasty';
import { type CheckRule } from './rule';

const UNIT = 'g per 100 g';
const per100 = (value: number): string => formatNumber(value, 1);

export const moisture: CheckRule = {
  label: 'Moisture',
  judge,
  candidates,
  choose,
  effect: (now, then) => `${per100(now.value ?? 0)} → ${per100(then.value ?? 0)}`,
};

function judge(accounts: Accounts): Judgement {
  const { ledger, tolerance } = accounts;
  const { band, parcel } = tolerance;
  const [dry, wet] = band;
  const value = ledger.freePer100;
  const common = {
    ...PLAIN,
    id: 'moisture' as const,
    value,
    band,
    unit: UNIT,
    figure: per100(value),
    why: reasons(accounts),
  };
  if (accounts.lines.length === 0) {
    return {
      ...common,
      ...nothingIn('Moisture'),
      sentence: 'Add what goes into the filling, and the water is accounted for as you type.',
    };
  }
  if (ledger.problem) {
    return { ...common, state: 'watch', headline: 'Moisture: weigh again', sentence: ledger.problem };
  }
  const takes = `${parcel} takes ${formatNumber(dry)} to ${formatNumber(wet)}`;
  const cold =
    ledger.setCold >= 1
      ? ` Cold, ${formatGrams(ledger.setCold)} of it is set by gelatine: it wraps as a jelly and runs when hot.`
      : '';
  const sentence = `Free liquid *${per100(value)} g* per 100 g; ${takes}.${cold}`;
  const state = moistureState(value, band);
  if (isPasty(ledger)) {
    return {
      ...common,
      state: 'watch',
      headline: 'Moisture: pasty, too much binder',
      sentence: `Binders could hold *${formatGrams(bindingPower(ledger))}*; only ${formatGrams(ledger.heldByBinders)} runs.`,
    };
  }
  return {
    ...common,
    state,
    headline: `Moisture: ${value > wet ? 'too wet' : value < dry ? 'on the dry side' : 'as it should be'}`,
    sentence,
  };
}

/** A tenth over the wet edge, or half a gram, is Watch; beyond it Fix. Too dry is Watch: it spoils the eating only. */
function moistureState(value: number, [dry, wet]: readonly [number, number]): CheckState {
  if (value > wet + Math.max(0.5, 0.1 * wet)) return 'fix';
  return value > wet || value < dry ? 'watch' : 'good';
}

function reasons({ ledger, lines, tolerance }: Accounts): Reason[] {
  const loudest = [...ledger.lines].sort((a, b) => b.letsGo - a.letsGo).filter((l) => l.letsGo >= 0.5);
  const binders = ledger.lines.filter((l) => l.canHold > 0);
  const cooledOff = ledger.steamedOff > 0.05;
  return [
    ...loudest.map((l) => ({
      text: `${l.name}, ${l.preparation}, lets go of`,
      figure: formatGrams(l.letsGo),
      source: lines.find((r) => r.line.id === l.lineId)?.ingredient.liquid ? 'its water; food tables' : HOUSE,
    })),
    { text: 'Cooked off so far, preparations included', figure: formatGrams(ledger.cookedOff) },
    { text: 'Drained or squeezed out', figure: formatGrams(ledger.drained) },
    ...(cooledOff
      ? [{ text: 'Steamed off while cooling', figure: formatGrams(ledger.steamedOff), source: 'cooling forecast' }]
      : []),
    ...binders.map((l) => ({ text: `${l.name} can hold`, figure: formatGrams(l.canHold), source: HOUSE })),
    { text: 'Left free', figure: formatGrams(ledger.free) },
    { text: 'in a finished filling of', figure: formatGrams(ledger.finishedG) },
    { text: `What ${tolerance.parcel} takes before it soaks, bursts or is dry`, source: HOUSE },
  ];
}
