/** The kitchen's trays, dishes and pots, and what has been learned of how things cool in them. */
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { useState } from 'react';
import { View } from 'react-native';
import { type Kitchen } from '@/core/stored/kitchen';
import { VESSEL_IDS, VESSELS } from '@/core/vocabulary/vessels';
import { editKitchen, type Outcome } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { LengthField } from '@/ui/parts/length-field';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type LengthUnit } from '@/core/units/lengths';
import { NameAndSize } from './name-and-size';
import { useFormFields } from '@/ui/parts/form-fields';
import { Problem } from '@/ui/parts/problem';
import { useRefusal } from '@/ui/parts/use-refusal';
import { TextField } from '@/ui/parts/text-field';
import * as phrases from './words';

type Vessel = Kitchen['vessels'][number];
const KINDS = VESSEL_IDS.filter((kind) => kind !== 'own');

export function Vessels({ kitchen }: { kitchen: Kitchen }) {
  const [adding, setAdding] = useState(false);
  return (
    <View style={{ gap: 10 }}>
      {kitchen.vessels.map((vessel) => (
        <View key={vessel.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <NameAndSize
            name={vessel.name}
            kind={VESSELS[vessel.kind].label}
            size={phrases.areaAndDepth(vessel.areaCm2, vessel.deepMm, kitchen.lengths)}
          />
          <IconPress
            icon="close"
            label={phrases.takeVesselAway(vessel.name, vessel.areaCm2, kitchen.lengths)}
            onPress={() => void editKitchen({ do: 'removeVessel', id: vessel.id })}
          />
        </View>
      ))}
      {kitchen.vessels.length === 0 && <Small>{phrases.NO_VESSELS}</Small>}
      {adding ? (
        <NewVessel
          lengths={kitchen.lengths}
          onKeep={async (vessel) => {
            const outcome = await editKitchen({ do: 'addVessel', vessel }, 'beside');
            if (outcome.ok) setAdding(false);
            return outcome;
          }}
          onClose={() => setAdding(false)}
        />
      ) : (
        <View style={{ alignItems: 'flex-start' }}>
          <Press title={phrases.ADD_VESSEL} icon="plus" onPress={() => setAdding(true)} />
        </View>
      )}
    </View>
  );
}

interface NewVesselProps {
  lengths: LengthUnit;
  onKeep: (vessel: Vessel) => Promise<Outcome>;
  onClose: () => void;
}

/** A floor no shorter and no longer than this, mm. */
const FLOOR_MM = { least: 60, most: 1200 };

function NewVessel({ lengths, onKeep, onClose }: NewVesselProps) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Vessel['kind']>('tray');
  const [longMm, setLong] = useState(400);
  const [wideMm, setWide] = useState(300);
  const [deepMm, setDeep] = useState(25);
  const { refusal, answered } = useRefusal();
  const { Fields: Form, unread, ifRead } = useFormFields();
  const isRound = kind === 'pot' || kind === 'bowl';
  const areaCm2 = (isRound ? (Math.PI * longMm ** 2) / 4 : longMm * wideMm) / 100;
  return (
    <View style={{ gap: 12 }}>
      <TextField
        label="Its name"
        value={name}
        onChange={setName}
        placeholder={phrases.VESSEL_FOR_EXAMPLE}
        most={MOST.vesselName}
        autoFocus
      />
      <Choices
        label={phrases.IS_A}
        value={kind}
        options={KINDS.map((value) => ({ value, label: VESSELS[value].label }))}
        onChange={setKind}
      />
      <Form>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}>
          <LengthField
            label={isRound ? 'Across' : 'Long'}
            unit={lengths}
            mm={longMm}
            {...FLOOR_MM}
            step={10}
            onChange={(mm) => mm !== null && setLong(mm)}
          />
          {!isRound && (
            <LengthField
              label="Wide"
              unit={lengths}
              mm={wideMm}
              {...FLOOR_MM}
              step={10}
              onChange={(mm) => mm !== null && setWide(mm)}
            />
          )}
          <LengthField
            label="Deep"
            unit={lengths}
            mm={deepMm}
            {...LIMITS.vesselDeepMm}
            step={5}
            onChange={(mm) => mm !== null && setDeep(mm)}
          />
        </View>
      </Form>
      <Small>{phrases.ofFloor(areaCm2, lengths)}</Small>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Press
          title="Keep it"
          kind="solid"
          onPress={() =>
            ifRead(() =>
              answered(
                onKeep({
                  id: newId(),
                  name: name.trim() === '' ? VESSELS[kind].label : name.trim(),
                  kind,
                  areaCm2: Math.min(20_000, Math.max(20, Math.round(areaCm2))),
                  deepMm,
                }),
              ),
            )
          }
        />
        <Press title="Close" onPress={onClose} />
      </View>
      <Problem text={unread === '' ? refusal : unread} />
    </View>
  );
}
