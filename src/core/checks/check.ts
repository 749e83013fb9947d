/** What a check is: a state, the sentence with the number that decides, and the fixes. */
import { type PotForecast } from '../cooking/pot-of';
import { type Operation } from '../stored/operations';
import { type CrustFigures } from './crust';

export const CHECK_IDS = ['moisture', 'salt', 'cooling', 'fit', 'core'] as const;
export type CheckId = (typeof CHECK_IDS)[number];

export type CheckState = 'good' | 'watch' | 'fix';

/** States from best to worst. */
export const ORDER: Record<CheckState, number> = { good: 0, watch: 1, fix: 2 };

/** Whether one state is worse than another. */
export const worse = (state: CheckState, than: CheckState): boolean => ORDER[state] > ORDER[than];

/** The worst of some states. */
export const worst = (states: readonly CheckState[]): CheckState =>
  states.reduce((w, state) => (ORDER[state] > ORDER[w] ? state : w), 'good');

/** A change that may mend a check; what comes of it is found by trying it out. */
export interface Candidate {
  id: string;
  label: string;
  change: readonly Operation[];
  /** Minutes of work and waiting that it asks for. */
  minutes?: number;
  /** Of one group the best are offered. */
  group?: string;
  /** g that a line treated so no longer lets go of. */
  sparesG?: number;
  /** g of a binder that it adds. */
  doseG?: number;
}

/** A change that mends a check, and what it promises. */
export interface Fix extends Candidate {
  /** What the deciding number does: `9.5 → 4.1`, in the check's unit. */
  effect: string;
  /** The value that `assess` finds for this check afterwards. */
  promise: number;
  /** What else is then to mend, in words; null where nothing gets worse. */
  but: string | null;
}

/** A line of the arithmetic behind a check. */
export interface Reason {
  text: string;
  /** The figure, with its unit. */
  figure?: string;
  /** Where a figure comes from; estimates of ours say so. */
  source?: string;
}

/** One of the figures of a check that has several, with what is said of it. Of Fit the headline follows `Fit: `. */
export interface Figure {
  value: number;
  band: readonly [number, number];
  state: CheckState;
  headline: string;
  sentence: string;
}

/** What Moisture asks: what is loose while you fill, what runs in the heat, what it still wants, and whether starch makes paste. */
export const MOISTURE_FIGURES = ['board', 'heat', 'dry', 'paste'] as const;
export type MoistureFigure = (typeof MOISTURE_FIGURES)[number];

export interface MoistureMark extends Figure {
  /** Up to here it is Watch, beyond it Fix; null where Fix is never said. */
  watch: number | null;
}

export interface Figures extends Readonly<Record<MoistureFigure, MoistureMark>> {
  /** The one that the check shows: the worst, wet before dry. */
  decides: MoistureFigure;
  /** A skin is closed round it while it is filled; else it lies in a tin, or open. */
  isSealed: boolean;
}

/** Fit asks two questions: does it close, and does it come out even? */
export interface FitFigures {
  /** The one that the check shows: the worse. */
  decides: 'closes' | 'even' | 'skin';
  closes: Figure;
  /** Is the skin as thick as it should be, and is there enough in it? */
  skin: Figure & { of: 'thickness' | 'bite' };
  /** Null where there is no filling to share out. */
  even: Figure | null;
  /** Parcels planned. */
  count: number;
}

/** A check as it stands, without what could be done. */
export interface Judgement {
  id: CheckId;
  state: CheckState;
  /** `Moisture: too wet` */
  headline: string;
  /** The sentence; what stands between asterisks is the deciding number. */
  sentence: string;
  /** The figure for the station bar. */
  figure: string;
  value: number | null;
  band: readonly [number | null, number | null];
  unit: string;
  /** Of Moisture, all its figures. */
  figures?: Figures;
  /** Of Core in dry heat, the crust beside the middle. */
  crust?: CrustFigures;
  /** Of Core, the pot that it swims in. */
  pot?: PotForecast;
  /** Of Fit, both its figures. */
  fits?: FitFigures;
  why: readonly Reason[];
  /** Cautions that belong to what is done here. */
  cautions: readonly string[];
  /** The heat forecast is still being worked out. */
  pending: boolean;
  /** There is nothing in it yet that could be judged. */
  isEmpty: boolean;
  /** It has happened: no other plan mends it, and none is proposed. */
  isPast?: boolean;
  /** Something is asked first, of a line that is not understood or of what nobody makes: nothing is proposed before. */
  isOpen?: boolean;
}

/** What holds of a judgement as long as nothing else is said. */
export const PLAIN = {
  value: null,
  band: [null, null],
  why: [],
  cautions: [],
  pending: false,
  isEmpty: false,
} as const satisfies Partial<Judgement>;

/** What every check says before anything is in it; the sentence is its own. */
export const nothingIn = (label: string) =>
  ({
    state: 'watch',
    headline: `${label}: nothing in it yet`,
    value: null,
    figure: '–',
    isEmpty: true,
  }) as const satisfies Partial<Judgement>;

export interface Check extends Judgement {
  fixes: readonly Fix[];
}

export type Judgements = Record<CheckId, Judgement>;
export type Proposals = Record<CheckId, readonly Fix[]>;

/** Nothing is proposed, or not yet. */
export const NO_PROPOSALS = Object.fromEntries(CHECK_IDS.map((id): [CheckId, readonly Fix[]] => [id, []])) as Proposals;

/** How a figure of ours is marked wherever it is shown. */
export const HOUSE = 'our estimate';
