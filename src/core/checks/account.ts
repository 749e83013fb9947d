/** First step of three: what there is. Lines are resolved once, and everything that is judged is drawn up from them once. */
import { ORDINARY_DENSITY } from '../food/densities';
import { type Batch } from '../stored/schema';
import { type Laid } from '../forms/skins';
import { type Kitchen } from '../stored/kitchen-schema';
import { saltAim, wasteShare } from '../learning/learned';
import { fillingDensity } from '../filling/density';
import { accountFat, type FatAccount } from '../filling/fat';
import { kindOf } from '../filling/kind';
import { drawLedger, type Ledger } from '../filling/ledger';
import { accountSalt, type SaltAccount } from '../filling/salt';
import { type Takes, takesOf, withBroth } from '../filling/takes';
import { laidOf } from '../wrapper/laid';
import { balance, type Balance } from '../wrapper/balance';
import { type Fit, fitParcel } from '../wrapper/fit';
import { type HeatForecast } from '../forecast/heat';
import { type Outline, outline } from '../forecast/outline';
import { type LoadAccounts, loadAccounts } from './load-accounts';
import { once } from './once';

export interface Accounts extends Outline, LoadAccounts {
  batch: Batch;
  kitchen: Kitchen;
  ledger: Ledger;
  /** g of filling that gets into parcels: less what this kitchen loses on the way. */
  usableG: number;
  fat: FatAccount;
  salt: SaltAccount;
  /** g/ml of the filling. */
  density: number;
  /** The skin as it is laid. */
  laid: Laid;
  fit: Fit;
  /** Parcels that filling and dough make. */
  balance: Balance;
  /** How much free liquid this parcel takes, and how dry it may be. */
  takes: Takes;
  /** g of steam that is not counted on: of a cooling that is too slow. */
  steamLeftOut: number;
  heat: HeatForecast | null;
  /** Why there is no forecast and will be none. */
  problem: string | null;
  /** A change being tried out: nobody will ask why. */
  isTrial: boolean;
  /** ISO 8601; null where only what is stored is asked. */
  now: string | null;
}

/** A parcel as it is laid and filled, and how many of them there will be. */
function parcelOf({ wrap, count }: Batch, { lines, dough }: Outline, ledger: Ledger, usableG: number) {
  const laid = laidOf(wrap, dough);
  const density = once(() => (lines.length > 0 ? fillingDensity(ledger.composition) : ORDINARY_DENSITY));
  const fit = once(() =>
    fitParcel({
      form: wrap.form,
      laid,
      dough,
      fillingG: wrap.portionG,
      density: density(),
      hasMouth: wrap.vent === 'mouth',
    }),
  );
  const balanced = once(() =>
    balance({ fillingG: usableG, portionG: wrap.portionG, count, doughG: wrap.doughG, skinG: fit().wrapperG }),
  );
  return { laid, density, fit, balance: balanced };
}

/**
 * Draws up the accounts of a batch.
 * @param heat from `forecastHeat`; null while it is being worked out
 * @param problem why there will be no forecast, where it failed
 * @param isTrial whether a change is only tried out
 * @param now ISO 8601, to the minute: what stands out goes on standing; null where only what is stored is asked
 */
export function account(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  problem: string | null = null,
  isTrial = false,
  now: string | null = null,
): Accounts {
  const o = outline(batch, kitchen);
  const { wrap, cook } = batch;
  const { form, vent } = wrap;
  const usual = takesOf(kindOf(o.lines), { form, vent, method: cook.method, dough: o.dough.kind }, kitchen.learned);
  const steamG = heat?.cooling?.soundSteamG ?? 0;
  const ledger = drawLedger(o.lines, batch.water, steamG, usual.ovenPer100);
  const takes = withBroth(usual, form, ledger);
  const usableG = ledger.finishedG * (1 - wasteShare(kitchen));
  const parcel = parcelOf(batch, o, ledger, usableG);
  const fat = once(() => accountFat(o.lines, ledger.finishedG));
  const salt = once(() =>
    accountSalt(o.lines, {
      finishedG: ledger.finishedG,
      portionG: wrap.portionG,
      wrapperG: parcel.fit().wrapperG,
      wrapperPercent: o.doughSaltPercent,
      aimPercent: saltAim(kitchen),
    }),
  );
  const inLoads = loadAccounts(o, { batch, kitchen, heat, now, fit: parcel.fit });
  return {
    ...o,
    batch,
    kitchen,
    ledger,
    laid: parcel.laid,
    takes,
    usableG,
    steamLeftOut: Math.max(0, (heat?.cooling?.evaporatedG ?? 0) - steamG),
    heat,
    problem,
    isTrial,
    now,
    get fat() {
      return fat();
    },
    get salt() {
      return salt();
    },
    get density() {
      return parcel.density();
    },
    get fit() {
      return parcel.fit();
    },
    get balance() {
      return parcel.balance();
    },
    get loads() {
      return inLoads.loads();
    },
    get cooked() {
      return inLoads.cooked();
    },
    get verdict() {
      return inLoads.verdict();
    },
    get exposure() {
      return inLoads.exposure();
    },
  };
}
