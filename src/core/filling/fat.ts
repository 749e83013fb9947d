/**
 * Fat, counted apart from water: how much there is, what of it melts out by the time the parcel is hot, and what takes
 * that up. Too little makes a dry, dense ball; too much weeps and greases the wrapper. All shares are house estimates.
 */
import { binderOf } from './binders';
import { formatNumber } from '../units/amount';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';
import { type Family } from '../vocabulary/foods';
import { lineOf } from '../stored/new-line';

export interface FatAccount {
  /** g of fat in the filling. */
  totalG: number;
  /** g that melts out and runs. */
  renderedG: number;
  /** Of that, g taken up by flour, starch and crumbs. */
  heldG: number;
  /** g of loose fat in 100 g of finished filling. */
  loosePer100: number;
  /** g of fat in 100 g of finished filling. */
  per100: number;
  state: 'lean' | 'usual' | 'fatty';
  /** What that means, in a sentence; the deciding number between asterisks. */
  sentence: string;
}

/** From here on loose fat greases the wrapper, g in 100 g. */
const FATTY = 6;
/** A filling mostly of mince with less fat than this, g in 100 g, is dry and dense. */
const LEAN = 4;
/** Share of the filling that makes it one of mince. */
const MOSTLY = 0.55;
/** What lean fillings are brought to, g in 100 g. */
const LEAN_AIM = 6;

/** What is cut small or mashed is coated by fat, and holds it: g of fat on a g of it. House estimates. */
const COATED: Partial<Record<Family, number>> = { leaf: 0.05, root: 0.08, mushroom: 0.06, pulse: 0.05 };

const rendersOf = ({ ingredient, preparation }: ResolvedLine): number => {
  if (ingredient.family === 'fat' || (ingredient.composition.fat > 0.6 && ingredient.family === 'sauce')) return 1;
  return preparation.rendersFat;
};
const isMince = ({ ingredient }: ResolvedLine): boolean =>
  ingredient.release === 'mince' || ingredient.release === 'poultryMince';
const fatOf = (l: ResolvedLine): number => l.composition.fat * l.readyG;

/** Accounts for the fat of a filling. */
export function accountFat(lines: readonly ResolvedLine[], finishedG: number): FatAccount {
  const sum = (grams: (l: ResolvedLine) => number): number => lines.reduce((total, l) => total + grams(l), 0);
  const totalG = sum(fatOf);
  const renderedG = sum((l) => fatOf(l) * rendersOf(l));
  const heldG = Math.min(
    renderedG,
    sum((l) => (binderOf(l)?.takesUpFat ?? COATED[l.ingredient.family] ?? 0) * l.readyG),
  );
  const per = (grams: number): number => (finishedG > 0 ? (100 * grams) / finishedG : 0);
  const per100 = per(totalG);
  const loosePer100 = per(renderedG - heldG);
  const minceShare = per(sum((l) => (isMince(l) ? l.readyG : 0))) / 100;
  const hasStarch = lines.some((l) => binderOf(l)?.isStarch);
  const state = loosePer100 > FATTY ? 'fatty' : minceShare > MOSTLY && per100 < LEAN && !hasStarch ? 'lean' : 'usual';
  return { totalG, renderedG, heldG, loosePer100, per100, state, sentence: sentenceFor(state, per100, loosePer100) };
}

function sentenceFor(state: FatAccount['state'], per100: number, loose: number): string {
  const has = `Fat *${formatNumber(per100, 1)} g* per 100 g`;
  if (state === 'lean') return `${has}: lean. Mince like this comes out dry, a ball loose in its shell.`;
  if (state === 'fatty') return `${has}, of which ${formatNumber(loose, 1)} g melts out and runs: it will weep.`;
  return loose < 0.05 ? `${has}; none of it runs.` : `${has}, of which ${formatNumber(loose, 1)} g melts out and runs.`;
}

/** What a practitioner would say of the fat, beside the line it comes from. */
export function fatFindings(lines: readonly ResolvedLine[], finishedG: number): Finding[] {
  const account = accountFat(lines, finishedG);
  if (account.state === 'lean') {
    const mince = [...lines].filter(isMince).sort((a, b) => b.readyG - a.readyG)[0];
    // (fat + x) / (finished + x) = aim
    const aim = LEAN_AIM / 100;
    const grams = Math.ceil((aim * finishedG - account.totalG) / (1 - aim));
    return [
      {
        lineId: mince.line.id,
        text: `${mince.ingredient.name} is lean: ${formatNumber(account.per100, 1)} g of fat in 100 g comes out dry and dense. Fattier mince, vegetables, starch, or some of it cooked first would help (our estimate).`,
        fix: {
          label: `Work in ${grams} g oil`,
          change: [
            {
              do: 'addLine',
              line: lineOf(
                lines.map((l) => l.line),
                'sunflower-oil',
                grams,
                mince.line.stage,
                'worked into the mince',
              ),
            },
          ],
        },
      },
    ];
  }
  if (account.state !== 'fatty') return [];
  const fattiest = [...lines].sort((a, b) => fatOf(b) * rendersOf(b) - fatOf(a) * rendersOf(a))[0];
  return [
    {
      lineId: fattiest.line.id,
      text: `${fattiest.ingredient.name} lets go of fat: ${formatNumber(account.loosePer100, 1)} g runs in 100 g and greases the wrapper. Pour it off, chill and lift it off, or let crumbs take it up (our estimate).`,
      fix: null,
    },
  ];
}
