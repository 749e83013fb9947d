/** The Kitchen, in groups of a line each: units, salt and spoons, cold, what you cook and cool in, rules, what it has learned, data. */
import { LIMITS } from '@/core/vocabulary/limits';
import { View } from 'react-native';
import { SALT_KIND_IDS, SALT_KINDS } from '@/core/vocabulary/salt-kinds';
import { type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { learnedList } from '@/core/notebook/learned-list';
import { RULE_PACKS } from '@/core/safety/packs';
import { PACK_IDS } from '@/core/vocabulary/rule-packs';
import { editKitchen, useKitchen } from '@/data/hooks';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { BrokenKitchen } from '../broken-kitchen';
import { inScale } from '@/core/units/format';
import { Appliances } from './appliances';
import { AtTheBoard } from './at-the-board';
import { IceCheck } from './ice-check';
import { LearnedFigures } from './learned';
import { Units } from './units';
import { Vessels } from './vessels';
import { YourData } from './your-data';
import { TemperatureField } from '@/ui/parts/temperature-field';
import * as phrases from './words';

type Settings = Extract<KitchenOperation, { do: 'setKitchen' }>['to'];
const set = (to: Settings) => editKitchen({ do: 'setKitchen', to });

export function KitchenScreen() {
  const kitchen = useKitchen();
  const learned = learnedList(kitchen).length;
  const sizes = kitchen.cuttersMm.length + kitchen.scoopsMl.length;
  return (
    <PlaceScreen title="Kitchen" note={phrases.KEPT_AS_YOU_CHANGE} back>
      <BrokenKitchen />
      <View>
        <Units kitchen={kitchen} />
        <SaltAndSpoons kitchen={kitchen} />
        <Cold kitchen={kitchen} />
        <Fold title={phrases.WHAT_YOU_COOK_IN} figure={phrases.things(kitchen.appliances.length, 'thing')}>
          <Choices
            label="Oven"
            value={kitchen.fanOven ? 'fan' : 'still'}
            options={[
              { value: 'still', label: phrases.TOP_AND_BOTTOM },
              { value: 'fan', label: 'fan' },
            ]}
            onChange={(value) => void set({ fanOven: value === 'fan' })}
          />
          <Appliances kitchen={kitchen} />
        </Fold>
        <Fold title="Cooling vessels" figure={phrases.things(kitchen.vessels.length, 'vessel')}>
          <Vessels kitchen={kitchen} />
        </Fold>
        <Fold title={phrases.CUTTERS_AND_SCOOPS} figure={sizes === 0 ? 'none yet' : `${sizes}`}>
          <AtTheBoard kitchen={kitchen} />
        </Fold>
        <Fold
          title="Your thermometer"
          figure={kitchen.thermometer === null ? phrases.NOT_TRIED_YET : phrases.TRIED_IN_ICE}
        >
          <IceCheck kitchen={kitchen} />
        </Fold>
        <Rules kitchen={kitchen} />
        <Fold
          title={phrases.WHAT_IT_LEARNED}
          figure={learned === 0 ? 'nothing yet' : `${learned} ${learned === 1 ? 'figure' : 'figures'}`}
          isOpenAtFirst={kitchen.putAside.length > 0}
        >
          <LearnedFigures kitchen={kitchen} />
        </Fold>
        <Fold title="Your data" figure={phrases.IN_THIS_BROWSER}>
          <YourData />
        </Fold>
      </View>
    </PlaceScreen>
  );
}

function SaltAndSpoons({ kitchen }: { kitchen: Kitchen }) {
  return (
    <Fold
      title={phrases.SALT_AND_SPOONS}
      figure={phrases.saltInShort(SALT_KINDS[kitchen.saltKind].label, kitchen.saltTargetPercent, kitchen.cupMl)}
    >
      <Choices
        label="Your salt"
        value={kitchen.saltKind}
        options={SALT_KIND_IDS.map((value) => ({ value, label: SALT_KINDS[value].label }))}
        onChange={(saltKind) => void set({ saltKind })}
      />
      <Small>{phrases.teaspoonWeighs(SALT_KINDS[kitchen.saltKind].gPerTsp)}</Small>
      <AmountField
        label={phrases.SALT_YOU_AIM_FOR}
        unit="%"
        value={kitchen.saltTargetPercent}
        {...LIMITS.saltTargetPercent}
        step={0.1}
        onChange={(saltTargetPercent) => saltTargetPercent !== null && set({ saltTargetPercent })}
      />
      <Choices
        label="Your cup"
        value={String(kitchen.cupMl)}
        options={[
          { value: '240', label: '240 ml' },
          { value: '250', label: '250 ml' },
        ]}
        onChange={(value) => void set({ cupMl: value === '250' ? 250 : 240 })}
      />
    </Fold>
  );
}

function Cold({ kitchen }: { kitchen: Kitchen }) {
  const scale = kitchen.temperature;
  const places = [
    { label: 'Room', key: 'roomC', limits: LIMITS.roomC },
    { label: 'Fridge', key: 'fridgeC', limits: LIMITS.fridgeC },
    { label: 'Freezer', key: 'freezerC', limits: LIMITS.freezerC },
    { label: 'Cold porch', key: 'porchC', limits: LIMITS.porchC },
  ] as const;
  return (
    <Fold title={phrases.WARM_AND_COLD} figure={phrases.roomAndFridge(kitchen.roomC, scale, kitchen.fridgeC)}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        {places.map(({ label, key, limits }) => (
          <TemperatureField
            key={key}
            label={label}
            c={kitchen[key]}
            {...limits}
            step={1}
            scale={scale}
            onChange={(c) => void set({ [key]: c })}
          />
        ))}
        <AmountField
          label="Fridge holds"
          unit="litres"
          value={kitchen.fridgeLitres}
          {...LIMITS.fridgeLitres}
          step={10}
          onChange={(fridgeLitres) => fridgeLitres !== null && set({ fridgeLitres })}
        />
        <AmountField
          label={phrases.ICE_YOU_HAVE}
          unit="kg"
          value={kitchen.iceKg}
          {...LIMITS.iceKg}
          step={0.5}
          onChange={(iceKg) => iceKg !== null && set({ iceKg })}
        />
        <AmountField
          label="Altitude"
          unit="m"
          value={kitchen.altitudeM}
          {...LIMITS.altitudeM}
          step={100}
          signed
          onChange={(altitudeM) => altitudeM !== null && set({ altitudeM })}
        />
      </View>
    </Fold>
  );
}

function Rules({ kitchen }: { kitchen: Kitchen }) {
  const packs = PACK_IDS.map((value) => ({ value, label: inScale(RULE_PACKS[value].label, kitchen.temperature) }));
  const chosen = packs.find(({ value }) => value === kitchen.rulePack);
  return (
    <Fold title="Safety rules" figure={chosen?.label ?? phrases.BY_THE_FILLING}>
      <Choices
        label="Safety rules"
        value={kitchen.rulePack}
        options={[{ value: 'auto', label: phrases.BY_THE_FILLING }, ...packs]}
        onChange={(rulePack) => void set({ rulePack })}
      />
      {PACK_IDS.map((id) => (
        <Small key={id}>
          {inScale(RULE_PACKS[id].label, kitchen.temperature)}: {RULE_PACKS[id].authority}.
        </Small>
      ))}
      <Small>{phrases.BY_FILLING_MEANS}</Small>
    </Fold>
  );
}
