/** The Kitchen, in groups of a line each: units, salt and spoons, cold, what you cook and cool in, rules, what it has learned, data. */
import { LIMITS } from '@/core/vocabulary/limits';
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { SALT_KIND_IDS, SALT_KINDS } from '@/core/vocabulary/salt-kinds';
import { type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { learnedList } from '@/core/notebook/learned-list';
import { RULE_PACKS } from '@/core/safety/packs';
import { PACK_IDS } from '@/core/vocabulary/rule-packs';
import { formatNumber } from '@/core/units/amount';
import { formatTemperature } from '@/core/units/format';
import { editKitchen, useKitchen } from '@/data/hooks';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { BrokenKitchen } from '../broken-kitchen';
import { Appliances } from './appliances';
import { AtTheBoard } from './at-the-board';
import { IceCheck } from './ice-check';
import { LearnedFigures } from './learned';
import { Units } from './units';
import { Vessels } from './vessels';
import { TemperatureField } from '@/ui/parts/temperature-field';

const YourData = lazy(() => import('./your-data').then((m) => ({ default: m.YourData })));

type Settings = Extract<KitchenOperation, { do: 'setKitchen' }>['to'];
const set = (to: Settings) => editKitchen({ do: 'setKitchen', to });

export function KitchenScreen() {
  const kitchen = useKitchen();
  const learned = learnedList(kitchen).length;
  const sizes = kitchen.cuttersMm.length + kitchen.scoopsMl.length;
  return (
    <PlaceScreen title="Kitchen" note="Settings are kept as you change them." back>
      <BrokenKitchen />
      <View>
        <Units kitchen={kitchen} />
        <SaltAndSpoons kitchen={kitchen} />
        <Cold kitchen={kitchen} />
        <Fold title="What you cook in" figure={kitchen.appliances.map(({ name }) => name).join(', ')}>
          <Choices
            label="Oven"
            value={kitchen.fanOven ? 'fan' : 'still'}
            options={[
              { value: 'still', label: 'top and bottom heat' },
              { value: 'fan', label: 'fan' },
            ]}
            onChange={(value) => void set({ fanOven: value === 'fan' })}
          />
          <Appliances kitchen={kitchen} />
        </Fold>
        <Fold title="Cooling vessels" figure={kitchen.vessels.map(({ name }) => name).join(', ')}>
          <Vessels kitchen={kitchen} />
        </Fold>
        <Fold title="Cutters and scoops" figure={sizes === 0 ? 'none yet' : `${sizes}`}>
          <AtTheBoard kitchen={kitchen} />
        </Fold>
        <Fold title="Your thermometer" figure={kitchen.thermometer === null ? 'not tried yet' : 'tried in ice water'}>
          <IceCheck kitchen={kitchen} />
        </Fold>
        <Rules kitchen={kitchen} />
        <Fold
          title="What this kitchen has learned"
          figure={learned === 0 ? 'nothing yet' : `${learned} ${learned === 1 ? 'figure' : 'figures'}`}
          isOpenAtFirst={kitchen.putAside.length > 0}
        >
          <LearnedFigures kitchen={kitchen} />
        </Fold>
        <Fold title="Your data" figure="in this browser only">
          <Suspense fallback={<Small>Fetching what is kept …</Small>}>
            <YourData />
          </Suspense>
        </Fold>
      </View>
    </PlaceScreen>
  );
}

function SaltAndSpoons({ kitchen }: { kitchen: Kitchen }) {
  return (
    <Fold
      title="Salt and spoons"
      figure={`${SALT_KINDS[kitchen.saltKind].label} salt, ${formatNumber(kitchen.saltTargetPercent)} %, cup ${kitchen.cupMl} ml`}
    >
      <Choices
        label="Your salt"
        value={kitchen.saltKind}
        options={SALT_KIND_IDS.map((value) => ({ value, label: SALT_KINDS[value].label }))}
        onChange={(saltKind) => void set({ saltKind })}
      />
      <Small>
        A level teaspoon of it weighs {SALT_KINDS[kitchen.saltKind].gPerTsp} g by our estimate: weigh yours.
      </Small>
      <AmountField
        label="Salt you aim for in a filling"
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
    <Fold
      title="Warm and cold"
      figure={`room ${formatTemperature(kitchen.roomC, scale)}, fridge ${formatTemperature(kitchen.fridgeC, scale)}`}
    >
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
          label="Ice you have"
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
  const packs = PACK_IDS.map((value) => ({ value, label: RULE_PACKS[value].label }));
  const chosen = packs.find(({ value }) => value === kitchen.rulePack);
  return (
    <Fold title="Safety rules" figure={chosen?.label ?? 'by the filling'}>
      <Choices
        label="Safety rules"
        value={kitchen.rulePack}
        options={[{ value: 'auto', label: 'by the filling' }, ...packs]}
        onChange={(rulePack) => void set({ rulePack })}
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
    </Fold>
  );
}
