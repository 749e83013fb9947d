/** What the kitchen cooks in: by name and size, how strong its hob is, and how it really heats. */
import { useState } from 'react';
import { View } from 'react-native';
import { learnedWords } from '@/core/checks/fit-heat-words';
import { type Appliance, type Kitchen } from '@/core/stored/kitchen';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { APPLIANCE_KINDS, type ApplianceKind, APPLIANCES } from '@/core/vocabulary/appliances';
import { MEDIA } from '@/core/vocabulary/media';
import { editKitchen, type Outcome } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { useFormFields } from '@/ui/parts/form-fields';
import { Problem } from '@/ui/parts/problem';
import { Small } from '@/ui/parts/text';
import { formatLength, formatSides, type LengthUnit } from '@/core/units/lengths';
import { LengthField } from '@/ui/parts/length-field';
import { NameAndSize } from './name-and-size';
import { TextField } from '@/ui/parts/text-field';
import { useRefusal } from '@/ui/parts/use-refusal';
import { dayWords } from '../dates';
import * as phrases from './words';

const KIND_OPTIONS = APPLIANCE_KINDS.map((value) => ({ value, label: APPLIANCES[value].label }));

/** `400 × 340 mm`, `⌀ 220 mm, 130 deep`. */
function sizeOf({ isRound, longMm, wideMm, deepMm, kind, tiers }: Appliance, lengths: LengthUnit): string {
  const floor = isRound ? `⌀\u00a0${formatLength(longMm, lengths, 0)}` : formatSides(longMm, wideMm, lengths);
  const deep = APPLIANCES[kind].isPot ? phrases.alsoDeep(deepMm, lengths) : '';
  const floors = tiers > 1 ? `, ${tiers} ${kind === 'oven' ? 'trays' : 'tiers'}` : '';
  return `${floor}${deep}${floors}`;
}

export function Appliances({ kitchen }: { kitchen: Kitchen }) {
  /** The one that is being changed; an empty text adds one. */
  const [open, setOpen] = useState<string | null>(null);
  const keep = async (appliance: Appliance): Promise<Outcome> => {
    const outcome = await editKitchen({ do: 'keepAppliance', appliance }, 'beside');
    if (outcome.ok) setOpen(null);
    return outcome;
  };
  return (
    <View style={{ gap: 10 }}>
      <Small>{phrases.FIRST_OF_KIND}</Small>
      {kitchen.appliances.map((appliance) => (
        <View key={appliance.id} style={{ gap: 6 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
            <NameAndSize
              name={appliance.name}
              kind={APPLIANCES[appliance.kind].label}
              size={sizeOf(appliance, kitchen.lengths)}
            />
            <IconPress
              icon={open === appliance.id ? 'chevron-up' : 'chevron-down'}
              label={open === appliance.id ? `Close ${appliance.name}` : `Change ${appliance.name}`}
              onPress={() => setOpen(open === appliance.id ? null : appliance.id)}
            />
            <IconPress
              icon="close"
              label={phrases.takeAway(appliance.name)}
              onPress={() => void editKitchen({ do: 'dropAppliance', id: appliance.id })}
            />
          </View>
          {appliance.heats.map((heat) => (
            <View key={heat.medium} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
              <Small style={{ flex: 1 }}>
                {phrases.heatsSo(MEDIA[heat.medium].label, learnedWords(heat, kitchen.temperature), dayWords(heat.at))}
              </Small>
              <IconPress
                icon="close"
                label={phrases.resetHeats(appliance.name, MEDIA[heat.medium].label)}
                onPress={() => void editKitchen({ do: 'forgetHeat', id: appliance.id, medium: heat.medium })}
              />
            </View>
          ))}
          {open === appliance.id && (
            <Fields from={appliance} lengths={kitchen.lengths} onKeep={keep} onClose={() => setOpen(null)} />
          )}
        </View>
      ))}
      {open === '' ? (
        <Fields from={null} lengths={kitchen.lengths} onKeep={keep} onClose={() => setOpen(null)} />
      ) : (
        <View style={{ alignItems: 'flex-start' }}>
          <Press title={phrases.ADD_APPLIANCE} icon="plus" onPress={() => setOpen('')} />
        </View>
      )}
    </View>
  );
}

const begin = (kind: ApplianceKind): Omit<Appliance, 'id' | 'name'> => ({
  kind,
  ...APPLIANCES[kind].usual,
  powerW: null,
  heats: [],
});

type Unnamed = Omit<Appliance, 'id' | 'name'>;

function Fields(props: {
  from: Appliance | null;
  lengths: LengthUnit;
  onKeep: (appliance: Appliance) => Promise<Outcome>;
  onClose: () => void;
}) {
  const { from, lengths, onKeep, onClose } = props;
  const [name, setName] = useState(from?.name ?? '');
  const [it, setIt] = useState<Unnamed>(from ?? begin('pan'));
  const { refusal, answered } = useRefusal();
  const set = (to: Partial<Appliance>) => setIt({ ...it, ...to });
  const record = APPLIANCES[it.kind];
  const { Fields: Form, unread, ifRead } = useFormFields();
  const keep = () =>
    ifRead(() =>
      answered(
        onKeep({
          ...it,
          wideMm: it.isRound ? it.longMm : it.wideMm,
          id: from?.id ?? newId(),
          name: name.trim() === '' ? record.label : name.trim(),
        }),
      ),
    );
  return (
    <View style={{ gap: 12 }}>
      <TextField
        label="Its name"
        value={name}
        onChange={setName}
        placeholder="bamboo steamer"
        most={MOST.applianceName}
        autoFocus={from === null}
      />
      {from === null && (
        <Choices label={phrases.IS_A} value={it.kind} options={KIND_OPTIONS} onChange={(kind) => setIt(begin(kind))} />
      )}
      <Choices
        label="Its floor"
        value={it.isRound ? 'round' : 'angular'}
        options={[
          { value: 'round', label: 'round' },
          { value: 'angular', label: 'rectangular' },
        ]}
        onChange={(value) => set({ isRound: value === 'round' })}
      />
      <Form>
        <Measures it={it} lengths={lengths} set={set} />
      </Form>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Press title="Keep it" kind="solid" onPress={keep} />
        <Press title="Close" onPress={onClose} />
      </View>
      <Problem text={unread === '' ? refusal : unread} />
    </View>
  );
}

/** How wide and deep it is, how many floors it has, what it gives: whatever its kind has. */
function Measures({ it, lengths, set }: { it: Unnamed; lengths: LengthUnit; set: (to: Partial<Unnamed>) => void }) {
  const record = APPLIANCES[it.kind];
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 10 }}>
      <LengthField
        label={it.isRound ? 'Across' : 'Long'}
        unit={lengths}
        mm={it.longMm}
        {...LIMITS.applianceMm}
        step={10}
        onChange={(longMm) => longMm !== null && set({ longMm })}
      />
      {!it.isRound && (
        <LengthField
          label="Wide"
          unit={lengths}
          mm={it.wideMm}
          {...LIMITS.applianceMm}
          step={10}
          onChange={(wideMm) => wideMm !== null && set({ wideMm })}
        />
      )}
      {record.isPot && (
        <LengthField
          label="Deep"
          unit={lengths}
          mm={it.deepMm}
          {...LIMITS.vesselDeepMm}
          step={10}
          onChange={(deepMm) => deepMm !== null && set({ deepMm })}
        />
      )}
      {record.hasTiers && (
        <AmountField
          label={it.kind === 'oven' ? phrases.TRAYS_AT_ONCE : 'Tiers'}
          unit="of it"
          value={it.tiers}
          {...LIMITS.tiers}
          step={1}
          whole
          onChange={(tiers) => tiers !== null && set({ tiers })}
        />
      )}
      {record.usualPowerW !== null && (
        <AmountField
          label={phrases.hobGives(record.usualPowerW)}
          unit="W"
          value={it.powerW}
          {...LIMITS.powerW}
          step={100}
          optional
          onChange={(powerW) => set({ powerW })}
        />
      )}
    </View>
  );
}
