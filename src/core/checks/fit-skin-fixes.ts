/** A skin that is too thick or too thin is rolled to what is usual; where it is mostly dough, more goes in, or it is cut smaller. */
import { DOUGHS } from '../vocabulary/doughs';
import { skinThickness } from '../vocabulary/skin-thickness';
import { formatLength } from '../units/lengths';
import { type Accounts } from './account';
import { type Candidate, type FitFigures } from './check';
import { closing } from './fit-close-fixes';

/** Everything that may mend the skin. */
export function reskinning(accounts: Accounts, { of }: FitFigures['skin']): Candidate[] {
  const { batch, dough } = accounts;
  const { wrap, cook } = batch;
  const right = skinThickness(dough.id, wrap.form, cook.method);
  const isBought = dough.parts.length === 0;
  if (of === 'thickness') return right === null || isBought ? [] : rolled(accounts, right.good);
  return closing(accounts);
}

/** To what is usual for the dough, as far as that is right here; in steps that a cook can tell apart. */
function rolled(
  { batch: { wrap }, kitchen: { lengths } }: Accounts,
  [least, most]: readonly [number, number],
): Candidate[] {
  const usual = DOUGHS[wrap.dough].usualThicknessMm;
  const aim = Math.min(most, Math.max(least, usual));
  const step = aim < 1 ? 0.1 : 0.5;
  const thicknessMm = Math.round(Math.round(aim / step) * step * 10) / 10;
  if (thicknessMm === wrap.thicknessMm || thicknessMm < least - 1e-9 || thicknessMm > most + 1e-9) return [];
  return [
    {
      id: 'roll-to',
      label: `Roll to ${formatLength(thicknessMm, lengths)} instead of ${formatLength(wrap.thicknessMm, lengths)}`,
      change: [{ do: 'setWrap', to: { thicknessMm } }],
    },
  ];
}
