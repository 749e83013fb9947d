/** What has boiled off: by weighing the pan, which is best, or by estimate; when to stop; and what was drained. */
import { LIMITS } from '@/core/vocabulary/limits';
import { useState } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { PAN_HEAT_IDS } from '@/core/vocabulary/pan-heats';
import { boilOffRate, minutesToBoilOff } from '@/core/filling/boil-off';
import { estimatedG } from '@/core/filling/cook-off';
import { formatGrams } from '@/core/units/format';
import { now } from '@/data/hooks';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Body, Sentence, Small, Strong } from '@/ui/parts/text';
import { Problem } from '@/ui/parts/problem';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { useRefusal } from '@/ui/parts/use-refusal';
import { usePalette } from '@/ui/theme/use-palette';
import { clockTime } from '../../clock-time';
import { type StationProps } from '../station-props';
import { formatLength, type LengthUnit } from '@/core/units/lengths';
import { withArticle } from '@/core/units/article';
import { LengthField } from '@/ui/parts/length-field';
import * as phrases from './words';

type Water = Batch['water'];
type Estimate = Water['estimate'];

/** What stands in the fields at first: an ordinary frying pan. House estimate. */
const USUAL_PAN = { panMm: 260, heat: 'medium', minutes: 10 } as const;

export function PanPanel(props: StationProps) {
  const { batch, kitchen, assessment, edit } = props;
  const { water } = batch;
  const contents = assessment.panContentsG;
  const set = (to: Partial<Water>, what: string) => edit({ do: 'setWater', to }, what);
  const { stop } = assessment;
  if (batch.lines.length === 0) return null;
  return (
    <Fold
      title={contents > 0 ? 'The pan' : 'Drained off'}
      figure={
        stop === null
          ? `${formatGrams(water.drainedG)} drained`
          : stop.toGoG < 1
            ? phrases.ENOUGH_BOILED_OFF
            : phrases.stopAt(stop.readsG)
      }
    >
      {contents > 0 && (
        <>
          <Stop {...props} />
          <AmountField
            label="Empty pan"
            unit="g"
            value={water.panG}
            {...LIMITS.water}
            optional
            onChange={(panG) => set({ panG }, 'pan')}
          />
          <WeighIns {...props} />
          {water.weighIns.length === 0 && (
            <EstimateFields
              estimate={water.estimate}
              lengths={kitchen.lengths}
              onChange={(estimate) => set({ estimate }, 'estimate')}
            />
          )}
        </>
      )}
      <AmountField
        label={phrases.DRAINED_AND_WEIGHED}
        unit="g"
        value={water.drainedG}
        {...LIMITS.water}
        onChange={(drainedG) => drainedG !== null && set({ drainedG }, 'drained')}
      />
    </Fold>
  );
}

/** Grams to go and the stop weight: what the scale reads when enough has boiled off. */
function Stop({ batch, kitchen, assessment }: StationProps) {
  const p = usePalette();
  const { stop } = assessment;
  const { panG, estimate } = batch.water;
  if (!stop) return null;
  const what = panG === null ? phrases.FILLING_IN_PAN : phrases.PAN_AND_FILLING;
  const pan = estimate.by === 'minutes' ? estimate : USUAL_PAN;
  const across = withArticle(`${formatLength(pan.panMm, kitchen.lengths, 0)} pan`);
  // Where minutes stand below, so does that they are our estimate.
  const isSaid = estimate.by === 'minutes' && batch.water.weighIns.length === 0;
  const minutes = minutesToBoilOff(stop.toGoG, pan.panMm, pan.heat);
  return (
    <View style={{ borderLeftWidth: 4, borderLeftColor: p.leek, paddingLeft: 12, gap: 2 }}>
      {stop.toGoG < 1 ? (
        <Body>{phrases.ENOUGH_IS_OFF}</Body>
      ) : (
        <>
          <Small>{phrases.stopWeight(what)}</Small>
          <Strong style={{ fontSize: 30, lineHeight: 36 }}>{formatGrams(stop.readsG)}</Strong>
          <Sentence text={phrases.toGo(stop.toGoG, minutes, pan.heat, across, isSaid)} />
        </>
      )}
    </View>
  );
}

function WeighIns({ batch, assessment, edit }: StationProps) {
  const { weighIns, panG } = batch.water;
  const expected = (panG ?? 0) + assessment.panContentsG;
  const { value: typed, type, handedOver } = useHandedOver<number | null>(null);
  // The field is a new one after each weighing: what was typed is gone from it.
  const [turn, setTurn] = useState(0);
  const { refusal, answered } = useRefusal();
  const weigh = () => {
    if (typed === null) return;
    const outcome = edit({ do: 'addWeighIn', weighIn: { at: now(batch.id), grams: typed } }, '', 'beside');
    answered(outcome);
    handedOver(outcome);
    setTurn(turn + 1);
  };
  return (
    <View style={{ gap: 8 }}>
      <AmountField
        key={turn}
        label={phrases.PAN_NOW}
        unit="g"
        value={typed}
        {...LIMITS.panWithFillingG}
        optional
        onChange={type}
      />
      <Problem text={refusal} />
      {panG === null && typed !== null && <Small>{phrases.WEIGH_EMPTY_PAN}</Small>}
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center', flexWrap: 'wrap' }}>
        <Press title={phrases.NOTE_WEIGHT} kind="solid" onPress={weigh} disabled={typed === null} />
        <Small>{phrases.nothingBoiledOff(expected, panG)}</Small>
      </View>
      {weighIns.map((w, i) => (
        <View key={w.at + String(i)} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Small style={{ flex: 1 }}>
            {clockTime(w.at)}: <Strong style={{ fontSize: 15 }}>{formatGrams(w.grams)}</Strong>
            {panG === null ? '' : phrases.boiledOff(expected, w.grams)}
            {i === weighIns.length - 1 ? phrases.THIS_ONE_COUNTS : ''}
          </Small>
          <IconPress
            icon="close"
            label={phrases.takeWeighInAway(w.grams)}
            onPress={() => edit({ do: 'removeWeighIn', weighIn: w })}
          />
        </View>
      ))}
    </View>
  );
}

interface EstimateProps {
  estimate: Estimate;
  lengths: LengthUnit;
  onChange: (estimate: Estimate) => void;
}

function EstimateFields({ estimate, lengths, onChange }: EstimateProps) {
  return (
    <View style={{ gap: 12 }}>
      <Choices
        label={phrases.UNTIL_WEIGHED}
        value={estimate.by}
        options={[
          { value: 'grams', label: phrases.GUESS_IN_GRAMS },
          { value: 'minutes', label: phrases.PAN_HEAT_MINUTES },
        ]}
        onChange={(by) =>
          onChange(
            by === 'grams'
              ? { by, grams: Math.round(estimatedG({ estimate })) }
              : { by, ...USUAL_PAN, minutes: estimate.by === 'grams' && estimate.grams === 0 ? 0 : USUAL_PAN.minutes },
          )
        }
      />
      {estimate.by === 'grams' ? (
        <AmountField
          label="Boiled off"
          unit="g"
          value={estimate.grams}
          {...LIMITS.water}
          step={10}
          onChange={(grams) => grams !== null && onChange({ by: 'grams', grams })}
        />
      ) : (
        <>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}>
            <LengthField
              label="Pan across"
              unit={lengths}
              mm={estimate.panMm}
              {...LIMITS.panMm}
              step={20}
              onChange={(panMm) => panMm !== null && onChange({ ...estimate, panMm })}
            />
            <AmountField
              label={phrases.BOILING_LID_OFF}
              unit="min"
              value={estimate.minutes}
              {...LIMITS.boilingMinutes}
              step={1}
              onChange={(minutes) => minutes !== null && onChange({ ...estimate, minutes })}
            />
          </View>
          <Choices
            label="Heat"
            value={estimate.heat}
            options={PAN_HEAT_IDS.map((value) => ({ value, label: value }))}
            onChange={(heat) => onChange({ ...estimate, heat })}
          />
          <Small>
            {phrases.boiledOffByEstimate(boilOffRate(estimate.panMm, estimate.heat), estimatedG({ estimate }))}
          </Small>
        </>
      )}
    </View>
  );
}
