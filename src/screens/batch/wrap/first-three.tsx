/** The first three: weighed as they are made, they correct portion, thickness and count, and say how far parcels differ. */
import { useState } from 'react';
import { View } from 'react-native';
import { learnedOf } from '@/core/learning/learned';
import { LIMITS } from '@/core/vocabulary/limits';
import { EVERYTHING } from '@/core/vocabulary/learned';
import { WEIGHED, type WeighedWhat } from '@/core/vocabulary/weighed';
import { ENOUGH, spreadLesson, USUAL_SPREAD, weighing } from '@/core/wrapper/weighings';
import { now } from '@/data/hooks';
import { learnLesson } from '@/data/learning';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { LearnPress } from '../learn-press';
import { type StationProps } from '../station-props';
import * as phrases from './words';

const WORDS: Record<WeighedWhat, string> = { parcel: 'closed piece', filling: 'filling', skin: 'skin' };

export function FirstThree({ batch, assessment, kitchen, edit }: StationProps) {
  const { wrap } = batch;
  const [what, setWhat] = useState<WeighedWhat>('filling');
  const { value: grams, type, handedOver } = useHandedOver<number | null>(null);
  // The field is a new one after each weighing: what was typed is gone from it.
  const [turn, setTurn] = useState(0);
  const planned: Record<WeighedWhat, number> = {
    parcel: assessment.portion.parcelG,
    filling: wrap.portionG,
    skin: assessment.fit.wrapperG,
  };
  const weighings = WEIGHED.flatMap((kind) => weighing(wrap.weighed, kind) ?? []);
  const spread = (weighing(wrap.weighed, 'filling') ?? weighing(wrap.weighed, 'parcel'))?.spreadPercent ?? null;
  const record = () => {
    if (grams === null) return;
    handedOver(edit({ do: 'addWeighed', weighed: { at: now(batch.id), what, grams } }));
    setTurn(turn + 1);
  };
  const learned = learnedOf(kitchen.learned, 'portion-spread', EVERYTHING);
  const learn = async () => {
    if (spread === null) return;
    await learnLesson(
      kitchen,
      spreadLesson(spread, wrap.weighed.length),
      { batchId: batch.id, at: now(batch.id) },
      phrases.LEARNED_SPREAD,
    );
  };
  return (
    <Fold
      title={phrases.FIRST_THREE}
      figure={wrap.weighed.length === 0 ? 'weigh them' : `${wrap.weighed.length} weighed`}
    >
      <Small>{phrases.WEIGH_THREE}</Small>
      <Choices
        label={phrases.ON_SCALE}
        value={what}
        options={WEIGHED.map((value) => ({ value, label: WORDS[value] }))}
        onChange={setWhat}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
        <AmountField
          key={`${what} ${turn}`}
          label={phrases.itWeighs(planned[what])}
          unit="g"
          value={grams}
          {...LIMITS.portionG}
          optional
          onChange={type}
        />
        <Press title="Weighed" kind="solid" onPress={record} disabled={grams === null} />
      </View>
      {wrap.weighed.map((weighed, i) => (
        <View key={`${weighed.at} ${i}`} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>{phrases.weighed(WORDS[weighed.what], weighed.grams)}</Body>
          <IconPress
            icon="close"
            label={phrases.takeBack(weighed.grams)}
            onPress={() => void edit({ do: 'removeWeighed', weighed })}
          />
        </View>
      ))}
      {weighings.map(({ what: kind, count, meanG, spreadPercent }) => (
        <Small key={kind} style={{ fontSize: 15, lineHeight: 20 }}>
          {phrases.weighedOnAverage(count, WORDS[kind], meanG, spreadPercent, ENOUGH)}
        </Small>
      ))}
      {spread !== null && (
        <View style={{ gap: 4, alignItems: 'flex-start' }}>
          <LearnPress of={batch.id} title={phrases.LET_LEARN_SPREAD} onPress={() => void learn()} />
          <Small>
            {learned === null
              ? phrases.kitchenTakes(USUAL_SPREAD)
              : phrases.takesNow(learned.value, learned.evidence.length)}
          </Small>
        </View>
      )}
    </Fold>
  );
}
