/** Salt by taste: hold back a third, cook a teaspoonful, taste that, add what is missing. The target learns on a tap. */
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { type Taste, TASTE_IDS, TASTES } from '@/core/vocabulary/tastes';
import { SALT_KINDS } from '@/core/vocabulary/salt-kinds';
import { tastedNow, toAddAfter, tastingLesson } from '@/core/filling/season';
import { saltAim } from '@/core/learning/learned';
import { formatNumber } from '@/core/units/amount';
import { formatGrams } from '@/core/units/format';
import { inSpoons } from '@/core/units/spoons';
import { now } from '@/data/hooks';
import { learnLesson } from '@/data/learning';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Sentence, Small } from '@/ui/parts/text';
import { Problem } from '@/ui/parts/problem';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';

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
    return `${formatGrams(grams)} salt (${inSpoons((5 * grams) / kind.gPerTsp)}, ${kind.label})`;
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
      'Your kitchen has learned from this tasting.',
    );
  return (
    <Fold title="Season by taste" figure={last ? TASTES[last.verdict].label : `${formatNumber(saltPercent, 2)} % salt`}>
      {holdBack && (
        <Choices
          label="The salt goes in"
          value={season.heldBack ? 'two' : 'one'}
          options={[
            { value: 'one', label: 'all at once' },
            { value: 'two', label: 'hold back a third' },
          ]}
          onChange={(value) => edit({ do: 'setSeason', to: { heldBack: value === 'two' } })}
        />
      )}
      {holdBack && season.heldBack && (
        <Sentence text={`First *${inSalt(holdBack.nowG)}*; hold back ${formatGrams(holdBack.backG)}.`} />
      )}
      <Body>
        Cook a teaspoonful and taste that
        <Small>{`  (${formatNumber(saltPercent, 2)} % salt; never taste raw meat, fish or egg)`}</Small>
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
          <Small>
            Your own target is {formatNumber(saltAim(kitchen), 2)} %{isSaid ? ', and this tasting is in it' : ''}. Steps
            are our estimates.
          </Small>
          {!isSaid && !salt.isSweet && (
            <View style={{ alignItems: 'flex-start' }}>
              <Press title="Let the kitchen learn from it" onPress={() => void learn(last)} />
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
  const tasted = `Tasted at ${formatNumber(saltPercent, 2)} %: ${TASTES[verdict].label}.`;
  if (verdict === 'right') return `${tasted} *Add no more.*`;
  return verdict === 'under'
    ? `${tasted} Add *${inSalt(grams)}* now.`
    : `${tasted} Add no more; *stretch it* with something unsalted, or salt the wrapper less.`;
}
