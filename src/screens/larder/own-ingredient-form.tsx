/** An ingredient of the cook's own, from the figures on its packet. What does not make sense is said beside its field. */
import { LIMITS } from '@/core/vocabulary/limits';
import { useState } from 'react';
import { View } from 'react-native';
import { ALLERGENS, type Hazard, HAZARD_IDS, HAZARDS } from '@/core/vocabulary/foods';
import { checkPacket, fromPacket, type Packet, saltFromSodium, toPacket } from '@/core/food/packet';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { hazardLike } from '@/core/food/like';
import { type Outcome } from '@/data/hooks';
import { AmountField } from '@/ui/parts/amount-field';
import { useFormFields } from '@/ui/parts/form-fields';
import { Choices, Press, Toggles } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { Problem } from '@/ui/parts/problem';
import { useRefusal } from '@/ui/parts/use-refusal';
import { TextField } from '@/ui/parts/text-field';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const EMPTY: Packet = {
  name: '',
  fat: 0,
  carbohydrate: 0,
  fibre: 0,
  protein: 0,
  salt: 0,
  energyKj: null,
  gPerMl: 1,
  pieceG: null,
  hazard: 'unknown',
  allergens: [],
  release: 'dry',
  liquid: false,
  family: 'sauce',
  isTender: false,
  isStrong: false,
  isLeavener: false,
  dose: null,
};

/** How it behaves, in a cook's words, and what follows from that. */
const BEHAVES: { value: string; label: string; to: Pick<Packet, 'release' | 'liquid' | 'family'> }[] = [
  { value: 'keeps', label: phrases.KEEPS_ITS_WATER, to: { release: 'dry', liquid: false, family: 'starch' } },
  { value: 'liquid', label: phrases.LIQUID_OR_SAUCE, to: { release: 'dry', liquid: true, family: 'sauce' } },
  { value: 'curd', label: 'like curd', to: { release: 'curd', liquid: false, family: 'dairy' } },
  { value: 'cheese', label: phrases.LIKE_FIRM_CHEESE, to: { release: 'firm', liquid: false, family: 'dairy' } },
  { value: 'root', label: phrases.LIKE_A_ROOT, to: { release: 'root', liquid: false, family: 'root' } },
  { value: 'leaf', label: phrases.LIKE_A_LEAF, to: { release: 'wiltingLeaf', liquid: false, family: 'leaf' } },
  { value: 'onion', label: phrases.LIKE_AN_ONION, to: { release: 'crisp', liquid: false, family: 'vegetable' } },
  { value: 'mince', label: 'like mince', to: { release: 'mince', liquid: false, family: 'meat' } },
  { value: 'meat', label: phrases.LIKE_DICED_MEAT, to: { release: 'wholeMeat', liquid: false, family: 'meat' } },
  { value: 'braised', label: 'cooked meat', to: { release: 'braisedMeat', liquid: false, family: 'meat' } },
  { value: 'fish', label: 'like fish', to: { release: 'fish', liquid: false, family: 'fish' } },
  { value: 'tofu', label: 'like tofu', to: { release: 'pressable', liquid: false, family: 'pulse' } },
];

/** Traits that stages, scaling and doses ask about. */
const TRAITS: { value: 'isTender' | 'isStrong' | 'isLeavener'; label: string }[] = [
  { value: 'isTender', label: phrases.LOSES_SCENT_IN_HEAT },
  { value: 'isStrong', label: phrases.A_STRONG_SPICE },
  { value: 'isLeavener', label: phrases.MAKES_RISE },
];
const DOSE_ENDS = [phrases.USUAL_FROM, phrases.USUAL_TO];

type Dose = [from: number | null, to: number | null];

interface Props {
  own: OwnIngredient | null;
  newId: () => string;
  onKeep: (own: OwnIngredient) => Promise<Outcome>;
  onClose: () => void;
}

/** What the parts of the form have in common. */
interface Part {
  packet: Packet;
  set: (to: Partial<Packet>) => void;
  /** What does not make sense, by its field; nothing until it is to be kept. */
  shown: ReturnType<typeof checkPacket>;
}

export function OwnIngredientForm({ own, newId, onKeep, onClose }: Props) {
  const p = usePalette();
  const [packet, setPacket] = useState<Packet>(own ? toPacket(own) : EMPTY);
  const [asked, setAsked] = useState(false);
  const { refusal, answered } = useRefusal();
  const { Fields: Form, unread, ifRead } = useFormFields();
  const problems = checkPacket(packet);
  const wrong = asked ? Object.values(problems) : [];
  const keep = () => {
    setAsked(true);
    ifRead(() => {
      if (Object.keys(problems).length === 0) answered(onKeep(fromPacket(packet, own?.id ?? newId())));
    });
  };
  const part: Part = {
    packet,
    set: (to) => setPacket((so) => ({ ...so, ...to })),
    shown: asked ? problems : {},
  };
  return (
    <View style={{ gap: 14, borderWidth: 1.5, borderColor: p.ink, padding: 14 }}>
      <Heading level={2}>{own ? own.name : phrases.INGREDIENT_OF_YOUR_OWN}</Heading>
      <Small>{phrases.COPY_FROM_PACKET}</Small>
      <View>
        <TextField
          label={phrases.WHAT_IS_IT_CALLED}
          value={packet.name}
          onChange={(name) => part.set({ name })}
          most={80}
          autoFocus
        />
        <Problem text={part.shown.name} />
      </View>
      <Form>
        <Figures {...part} />
        <Behaviour {...part} />
        <Doses {...part} />
        <Hazards {...part} />
      </Form>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press title="Keep it" kind="solid" onPress={keep} />
        <Press title="Close" onPress={onClose} />
      </View>
      <Problem text={unread !== '' ? unread : wrong.length > 0 ? phrases.notKeptYet(wrong) : refusal} />
    </View>
  );
}

const ROW = { flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 } as const;
const CELL = { minWidth: 150, flexGrow: 1 } as const;

const GRAMS: { of: 'fat' | 'carbohydrate' | 'fibre' | 'protein'; label: string }[] = [
  { of: 'fat', label: 'Fat' },
  { of: 'carbohydrate', label: 'Carbohydrate' },
  { of: 'fibre', label: phrases.FIBRE },
  { of: 'protein', label: 'Protein' },
];

/** What stands on the packet, and the water that it leaves. */
function Figures({ packet, set, shown }: Part) {
  const [saltBy, setSaltBy] = useState<'salt' | 'sodium'>('salt');
  const water = Math.max(0, 100 - packet.fat - packet.carbohydrate - packet.fibre - packet.protein - packet.salt);
  return (
    <>
      <View style={ROW}>
        {GRAMS.map(({ of, label }) => (
          <View key={of} style={CELL}>
            <AmountField
              label={label}
              unit={phrases.PER100}
              value={packet[of]}
              least={0}
              most={100}
              onChange={(value) => value !== null && set({ [of]: value })}
            />
            <Problem text={shown[of]} />
          </View>
        ))}
        <View style={CELL}>
          <AmountField
            key={saltBy}
            label={saltBy === 'salt' ? 'Salt' : 'Sodium'}
            unit={saltBy === 'salt' ? phrases.PER100 : phrases.MG_PER100}
            value={saltBy === 'salt' ? packet.salt : (packet.salt / 2.54) * 1000}
            least={0}
            most={saltBy === 'salt' ? 100 : 39_000}
            onChange={(value) => value !== null && set({ salt: saltBy === 'salt' ? value : saltFromSodium(value) })}
          />
          <Problem text={shown.salt} />
        </View>
        <View style={CELL}>
          <AmountField
            label={phrases.ENERGY}
            unit={phrases.KJ_PER100}
            value={packet.energyKj}
            least={0}
            most={3800}
            optional
            onChange={(energyKj) => set({ energyKj })}
          />
          <Problem text={shown.energyKj} />
        </View>
      </View>
      <Choices
        label={phrases.PACKET_GIVES}
        value={saltBy}
        options={[
          { value: 'salt', label: 'salt' },
          { value: 'sodium', label: 'sodium' },
        ]}
        onChange={setSaltBy}
      />
      <Body>
        {phrases.waterLeft(water)}
        <Small>{water > 97 ? phrases.HARDLY_ANYTHING_ELSE : ''}</Small>
      </Body>
    </>
  );
}

/** What it is like in a filling, and what it weighs. */
function Behaviour({ packet, set }: Part) {
  // Like mince, it is as unsafe as mince; what says nothing leaves what was chosen.
  const behave = (to: Pick<Packet, 'release' | 'liquid' | 'family'> | undefined) => {
    if (to === undefined) return;
    const hazard = hazardLike(to.release);
    set(hazard === 'unknown' ? to : { ...to, hazard });
  };
  return (
    <>
      <Choices
        label={phrases.IN_A_FILLING}
        value={BEHAVES.find((b) => b.to.release === packet.release && b.to.liquid === packet.liquid)?.value ?? 'keeps'}
        options={BEHAVES}
        onChange={(value) => behave(BEHAVES.find((b) => b.value === value)?.to)}
      />
      <View style={ROW}>
        <AmountField
          label={phrases.MILLILITRE_WEIGHS}
          unit="g"
          value={packet.gPerMl}
          {...LIMITS.gPerMl}
          onChange={(gPerMl) => gPerMl !== null && set({ gPerMl })}
        />
        <AmountField
          label={phrases.ONE_PIECE}
          unit="g"
          value={packet.pieceG}
          least={0.1}
          most={5000}
          optional
          onChange={(pieceG) => set({ pieceG })}
        />
      </View>
      <Toggles
        label={phrases.WHAT_IT_DOES}
        values={TRAITS.filter(({ value }) => packet[value]).map(({ value }) => value)}
        options={TRAITS}
        onToggle={(trait) => set({ [trait]: !packet[trait] })}
      />
    </>
  );
}

/** How much of it is usual. */
function Doses({ packet, set, shown }: Part) {
  // Half a range is kept on screen until its other end is there; the check names it.
  const [dose, setEnds] = useState<Dose>(packet.dose === null ? [null, null] : [...packet.dose]);
  const setDose = (ends: Dose) => {
    setEnds(ends);
    set({ dose: ends[0] === null && ends[1] === null ? null : [ends[0] ?? 0, ends[1] ?? 0] });
  };
  return (
    <View>
      <View style={ROW}>
        {DOSE_ENDS.map((label, end) => (
          <AmountField
            key={label}
            label={label}
            unit={phrases.PER_KG_FILLING}
            value={dose[end]}
            {...LIMITS.dosePerKg}
            optional
            onChange={(value) => setDose(end === 0 ? [value, dose[1]] : [dose[0], value])}
          />
        ))}
      </View>
      <Problem text={shown.dose} />
    </View>
  );
}

/** What it can do to somebody. */
function Hazards({ packet, set, shown }: Part) {
  const others = (allergen: (typeof ALLERGENS)[number]) => packet.allergens.filter((a) => a !== allergen);
  return (
    <>
      <Choices<Hazard>
        label={phrases.RAW_IT_IS}
        value={packet.hazard}
        options={HAZARD_IDS.filter((value) => value !== 'unknown').map((value) => ({
          value,
          label: HAZARDS[value].label,
        }))}
        onChange={(hazard) => set({ hazard })}
      />
      <Problem text={shown.hazard} />
      <Small>Contains</Small>
      <Toggles
        label="Allergens"
        values={packet.allergens}
        options={ALLERGENS.map((value) => ({ value, label: value }))}
        onToggle={(allergen) =>
          set({
            allergens: packet.allergens.includes(allergen) ? others(allergen) : [...packet.allergens, allergen],
          })
        }
      />
    </>
  );
}
