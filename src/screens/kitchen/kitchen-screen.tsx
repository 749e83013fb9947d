/** The Kitchen: units, salt, altitude, fridge, oven, rules, and the data itself. */
import { LIMITS } from '@/core/vocabulary/limits';
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { SALT_KIND_IDS, SALT_KINDS } from '@/core/vocabulary/salt-kinds';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { RULE_PACKS } from '@/core/safety/packs';
import { PACK_IDS } from '@/core/vocabulary/rule-packs';
import { editKitchen, useKitchen } from '@/data/hooks';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { BrokenKitchen } from '../broken-kitchen';
import { Appliances } from './appliances';
import { AtTheBoard } from './at-the-board';
import { IceCheck } from './ice-check';
import { LearnedFigures } from './learned';
import { Vessels } from './vessels';
import { TemperatureField } from '@/ui/parts/temperature-field';

const YourData = lazy(() => import('./your-data').then((m) => ({ default: m.YourData })));

export function KitchenScreen() {
  const kitchen = useKitchen();
  const set = (to: Extract<KitchenOperation, { do: 'setKitchen' }>['to']) => editKitchen({ do: 'setKitchen', to });
  const packs = PACK_IDS.map((value) => ({ value, label: RULE_PACKS[value].label }));
  return (
    <PlaceScreen title="Kitchen" note="Settings are kept as you change them." back>
      <BrokenKitchen />
      <Choices
        label="Temperatures in"
        value={kitchen.temperature}
        options={[
          { value: 'C', label: '°C' },
          { value: 'F', label: '°F' },
        ]}
        onChange={(temperature) => set({ temperature })}
      />
      <Choices
        label="Your salt"
        value={kitchen.saltKind}
        options={SALT_KIND_IDS.map((value) => ({ value, label: SALT_KINDS[value].label }))}
        onChange={(saltKind) => set({ saltKind })}
      />
      <Small>
        A level teaspoon of it weighs {SALT_KINDS[kitchen.saltKind].gPerTsp} g (house estimate: weigh yours).
      </Small>
      <Choices
        label="Your cup"
        value={String(kitchen.cupMl)}
        options={[
          { value: '240', label: '240 ml' },
          { value: '250', label: '250 ml' },
        ]}
        onChange={(value) => set({ cupMl: value === '250' ? 250 : 240 })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        <AmountField
          label="Salt you aim for in a filling"
          unit="%"
          value={kitchen.saltTargetPercent}
          {...LIMITS.saltTargetPercent}
          step={0.1}
          onChange={(saltTargetPercent) => saltTargetPercent !== null && set({ saltTargetPercent })}
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
        <TemperatureField
          label="Room"
          c={kitchen.roomC}
          {...LIMITS.roomC}
          step={1}
          scale={kitchen.temperature}
          onChange={(roomC) => set({ roomC })}
        />
        <TemperatureField
          label="Fridge"
          c={kitchen.fridgeC}
          {...LIMITS.fridgeC}
          step={1}
          scale={kitchen.temperature}
          onChange={(fridgeC) => set({ fridgeC })}
        />
        <TemperatureField
          label="Freezer"
          c={kitchen.freezerC}
          {...LIMITS.freezerC}
          step={1}
          scale={kitchen.temperature}
          onChange={(freezerC) => set({ freezerC })}
        />
        <TemperatureField
          label="Cold porch"
          c={kitchen.porchC}
          {...LIMITS.porchC}
          step={1}
          scale={kitchen.temperature}
          onChange={(porchC) => set({ porchC })}
        />
        <AmountField
          label="Fridge holds"
          unit="litres"
          value={kitchen.fridgeLitres}
          {...LIMITS.fridgeLitres}
          step={10}
          onChange={(fridgeLitres) => fridgeLitres !== null && set({ fridgeLitres })}
        />
        <AmountField
          label="Ice you have"
          unit="kg"
          value={kitchen.iceKg}
          {...LIMITS.iceKg}
          step={0.5}
          onChange={(iceKg) => iceKg !== null && set({ iceKg })}
        />
      </View>
      <Appliances kitchen={kitchen} />
      <IceCheck kitchen={kitchen} />
      <Vessels kitchen={kitchen} />
      <LearnedFigures kitchen={kitchen} />
      <AtTheBoard kitchen={kitchen} />
      <Choices
        label="Oven"
        value={kitchen.fanOven ? 'fan' : 'still'}
        options={[
          { value: 'still', label: 'top and bottom heat' },
          { value: 'fan', label: 'fan' },
        ]}
        onChange={(value) => set({ fanOven: value === 'fan' })}
      />
      <Rule />
      <View style={{ gap: 8 }}>
        <Choices
          label="Safety rules"
          value={kitchen.rulePack}
          options={[{ value: 'auto', label: 'by the filling' }, ...packs]}
          onChange={(rulePack) => set({ rulePack })}
        />
        {PACK_IDS.map((id) => (
          <Small key={id}>
            {RULE_PACKS[id].label}: {RULE_PACKS[id].authority}.
          </Small>
        ))}
        <Small>
          “By the filling” takes the stuffed-food rule when meat, fish or egg goes in raw, and the home chart otherwise.
          Local codes and licensed practice come first.
        </Small>
      </View>
      <Rule />
      <Choices
        label="Look"
        value={kitchen.theme}
        options={[
          { value: 'system', label: 'as the device' },
          { value: 'light', label: 'light' },
          { value: 'dark', label: 'dark' },
        ]}
        onChange={(theme) => set({ theme })}
      />
      <Suspense fallback={<Small>Fetching what is kept …</Small>}>
        <YourData />
      </Suspense>
    </PlaceScreen>
  );
}
