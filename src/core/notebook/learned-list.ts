/** Everything that a kitchen has learned, in one list: each figure beside its house estimate, and what it was learned from. */
import { fitKey, heatKey, type KitchenOperation } from '../stored/kitchen-operations';
import { type ApplianceHeat, type Kitchen } from '../stored/kitchen-schema';
import { BASES } from '../vocabulary/bases';
import { MEDIA } from '../vocabulary/media';
import { PLACES } from '../vocabulary/places';
import { VESSELS } from '../vocabulary/vessels';
import { formatNumber } from '../units/amount';
import { formatDifference } from '../units/format';
import { learnedFigure, learnedLabel } from './learned-words';

export interface LearnedRow {
  key: string;
  label: string;
  value: string;
  estimate: string;
  /** `3 batches`, `6 readings` */
  from: string;
  isFrozen: boolean;
  /** What each batch said, the latest first; none of what readings were fitted to. */
  evidence: { batchId: string; at: string; said: string; because: string }[];
  /** It is frozen, or let learn again; forgotten; put back as it is. */
  freeze: KitchenOperation;
  forget: KitchenOperation;
  restore: KitchenOperation;
}

const counted = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : one === 'batch' ? 'es' : 's'}`;

/** The list, figures of notes first, then how it cools and heats here. */
export function learnedList(kitchen: Kitchen): LearnedRow[] {
  return [...fromNotes(kitchen), ...fromCooling(kitchen), ...fromHeats(kitchen)];
}

const fromNotes = ({ learned }: Kitchen): LearnedRow[] =>
  learned.map((one) => {
    const { what, of, value, estimate, evidence, isFrozen } = one;
    return {
      key: `${what} ${of}`,
      label: learnedLabel(one),
      value: learnedFigure(what, value),
      estimate: learnedFigure(what, estimate),
      from: counted(evidence.length, 'batch'),
      isFrozen,
      evidence: [...evidence].reverse().map(({ batchId, at, x, because }) => ({
        batchId,
        at,
        said: learnedFigure(what, x),
        because,
      })),
      freeze: { do: 'freezeLearned', what, of, isFrozen: !isFrozen },
      forget: { do: 'forgetLearned', what, of },
      restore: { do: 'keepLearned', learned: one },
    };
  });

const fromCooling = ({ cooling, frozen }: Kitchen): LearnedRow[] =>
  cooling.map((fit) => {
    const key = fitKey(fit);
    const isFrozen = frozen.includes(key);
    const covered = fit.covered ? ', covered' : '';
    return {
      key,
      label: `How it cools: ${VESSELS[fit.vessel].label}, ${PLACES[fit.place].label}, ${BASES[fit.base].label}${covered}`,
      value: `${formatNumber(fit.factor, 2)} × as quickly as usual`,
      estimate: '1 ×',
      from: counted(fit.readings, 'reading'),
      isFrozen,
      evidence: [],
      freeze: { do: 'freeze', key, isFrozen: !isFrozen },
      forget: { do: 'forgetFit', key: fit },
      restore: { do: 'keepFit', fit },
    };
  });

/** `0.92 × as strongly as usual, 8 °C colder than it says` */
function heatFigure({ factor, biasK }: ApplianceHeat, scale: Kitchen['temperature']): string {
  const strength = `${formatNumber(factor, 2)} × as strongly as usual`;
  const by = Math.abs(biasK);
  return by < 0.5
    ? strength
    : `${strength}, ${formatDifference(by, scale)} ${biasK < 0 ? 'colder' : 'hotter'} than it says`;
}

const fromHeats = ({ appliances, frozen, temperature }: Kitchen): LearnedRow[] =>
  appliances.flatMap(({ id, name, heats }) =>
    heats.map((heat) => {
      const key = heatKey(id, heat.medium);
      const isFrozen = frozen.includes(key);
      return {
        key,
        label: `How it heats: ${name}, ${MEDIA[heat.medium].label}`,
        value: heatFigure(heat, temperature),
        estimate: 'as it is set, 1 ×',
        from: counted(heat.readings, 'reading'),
        isFrozen,
        evidence: [],
        freeze: { do: 'freeze', key, isFrozen: !isFrozen },
        forget: { do: 'forgetHeat', id, medium: heat.medium },
        restore: { do: 'keepHeat', id, heat },
      };
    }),
  );
