/** Salt by taste: hold back a third, cook a teaspoonful, taste that, add what is missing. The target learns on a tap. */
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { type Taste, TASTE_IDS, TASTES } from '@/core/vocabulary/tastes';
import { SALT_KINDS } from '@/core/vocabulary/salt-kinds';
import { tastedNow, toAddAfter, tastingLesson } from '@/core/filling/season';
import { saltAim } from '@/core/learning/learned';
import { formatNumber } from '@/core/units/amount';
import { now } from '@/data/hooks';
import { learnLesson } from '@/data/learning';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Sentence, Small } from '@/ui/parts/text';
import { Problem } from '@/ui/parts/problem';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { LearnPress } from '../learn-press';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Tasting = Batch['season']['tastings'][number];

export function SeasonPanel({ batch, assessment, kitchen, edit }: StationProps) {
  const p = usePalette();
  const { season } = batch;
  const { refusal, answered } = useRefusal();
  const { holdBack, salt, ledger } = assessment;
  if (batch.lines.length === 0) return null;
  const saltPercent = tastedNow(salt, holdBack, season.heldBack);
  const inSalt = (grams: number): string => {
    const kind = SALT_KINDS[kitchen.saltKind];
    return phrases.gramsOfSalt(grams, kind.gPerTsp, kind.label);
  };
  const taste = (verdict: Taste) => {
    const tasting: Tasting = { at: now(batch.id), verdict, saltPercent: Math.round(1000 * saltPercent) / 1000 };
    answered(edit({ do: 'addTasting', tasting }, '', 'beside'));
  };
  const last = season.tastings.at(-1);
  const isSaid = kitchen.learned.some(({ evidence }) =>
    evidence.some((e) => e.batchId === batch.id && e.at === last?.at),
  );
  const learn = (tasting: Tasting) =>
    learnLesson(
      kitchen,
      tastingLesson(tasting, salt.targetPercent, kitchen),
      { batchId: batch.id, at: tasting.at },
      phrases.KITCHEN_HAS_LEARNED,
    );
  return (
    <Fold
      title={phrases.SEASON_BY_TASTE}
      figure={last ? TASTES[last.verdict].label : `${formatNumber(saltPercent, 2)} % salt`}
    >
      {holdBack && (
        <Choices
          label={phrases.SALT_GOES_IN}
          value={season.heldBack ? 'two' : 'one'}
          options={[
            { value: 'one', label: phrases.ALL_AT_ONCE },
            { value: 'two', label: phrases.HOLD_BACK_THIRD },
          ]}
          onChange={(value) => edit({ do: 'setSeason', to: { heldBack: value === 'two' } })}
        />
      )}
      {holdBack && season.heldBack && (
        <Sentence text={phrases.firstThenHoldBack(inSalt(holdBack.nowG), holdBack.backG)} />
      )}
      <Body>
        {phrases.COOK_A_TEASPOON}
        <Small>{phrases.teaspoonHas(saltPercent)}</Small>
      </Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {TASTE_IDS.map((verdict) => (
          <Press key={verdict} title={TASTES[verdict].label} onPress={() => taste(verdict)} />
        ))}
      </View>
      <Problem text={refusal} />
      {last && (
        <View role="status" style={{ borderLeftWidth: 4, borderLeftColor: p.leek, paddingLeft: 12, gap: 2 }}>
          <Sentence
            text={adviceText(last, toAddAfter(last, tastedG(last, ledger.finishedG), ledger.finishedG), inSalt)}
          />
          <Small>{phrases.yourTarget(saltAim(kitchen), isSaid)}</Small>
          {!isSaid && !salt.isSweet && (
            <View style={{ alignItems: 'flex-start' }}>
              <LearnPress of={batch.id} title={phrases.LET_KITCHEN_LEARN} onPress={() => void learn(last)} />
            </View>
          )}
        </View>
      )}
    </Fold>
  );
}

/** g of salt in the filling as it was tasted. */
const tastedG = ({ saltPercent }: Tasting, finishedG: number): number => (saltPercent / 100) * finishedG;

function adviceText({ verdict, saltPercent }: Tasting, grams: number, inSalt: (grams: number) => string): string {
  const tasted = phrases.tastedAt(saltPercent, TASTES[verdict].label);
  if (verdict === 'right') return phrases.addNoMore(tasted);
  return verdict === 'under' ? phrases.addNow(tasted, inSalt(grams)) : phrases.stretchIt(tasted);
}
