/** Something that was found in a recipe, with the words it was read from; a tap opens what it could be instead. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { type Found, type PlanSaid } from '@/core/recipe/plan';
import { FORM_IDS, FORMS } from '@/core/forms';
import { LIMITS } from '@/core/vocabulary/limits';
import { METHOD_IDS, METHODS } from '@/core/vocabulary/methods';
import { SCHOOL_IDS, SCHOOLS } from '@/core/vocabulary/schools';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';

const LABELS: Readonly<Record<Found['what'], string>> = {
  form: 'Form',
  count: 'How many',
  school: 'Filling',
  dough: 'Wrapper',
  size: 'Size',
  heat: 'Cooked',
  glaze: 'Glaze',
  'boiled off': 'Boiled off',
};
/** What is changed here; the rest is changed at its station. */
const CHANGED_HERE: readonly Found['what'][] = ['form', 'count', 'school', 'heat'];
const LATER: Readonly<Partial<Record<Found['what'], string>>> = {
  dough: 'Change it at Wrap.',
  size: 'It follows from filling and number; change it at Wrap.',
  glaze: 'Change it at Wrap.',
  'boiled off': 'So much has to go; Fill says what the pan should weigh then.',
};
/** Where nothing of the recipe says so. */
const SILENT: Readonly<Partial<Record<Found['what'], string>>> = {
  size: 'from filling and number',
  school: 'nothing in the method cooks it first',
};
const SHOWN_LETTERS = 90;
const short = (words: string): string => (words.length <= SHOWN_LETTERS ? words : `${words.slice(0, SHOWN_LETTERS)} …`);

export function FoundRow({ found, batch, onSay }: { found: Found; batch: Batch; onSay: (to: PlanSaid) => void }) {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  const { what, value, words } = found;
  return (
    <View role="listitem" style={{ borderTopWidth: 1, borderTopColor: p.rule }}>
      <Pressable
        role="button"
        aria-expanded={isOpen}
        aria-label={`${LABELS[what]}: ${value}${CHANGED_HERE.includes(what) ? '. Change it' : ''}`}
        onPress={() => setOpen(!isOpen)}
        style={{ minHeight: TOUCH, paddingVertical: 8, flexDirection: 'row', gap: 12 }}
      >
        <Small style={{ width: 84, paddingTop: 3 }}>{LABELS[what]}</Small>
        <View style={{ flex: 1 }}>
          <Strong style={{ fontSize: 16 }}>{value}</Strong>
          <Small>{words === null ? (SILENT[what] ?? 'the recipe doesn’t say: the usual') : `“${short(words)}”`}</Small>
        </View>
      </Pressable>
      {isOpen && (
        <View style={{ paddingBottom: 12 }}>
          {CHANGED_HERE.includes(what) ? (
            <Change what={what} batch={batch} onSay={onSay} />
          ) : (
            <Body>{LATER[what]}</Body>
          )}
        </View>
      )}
    </View>
  );
}

function Change({ what, batch, onSay }: { what: Found['what']; batch: Batch; onSay: (to: PlanSaid) => void }) {
  switch (what) {
    case 'form':
      return (
        <Choices
          label="Form"
          value={batch.wrap.form}
          options={FORM_IDS.map((value) => ({ value, label: FORMS[value].label }))}
          onChange={(form) => onSay({ form })}
        />
      );
    case 'count':
      return (
        <AmountField
          label="How many"
          unit="pieces"
          value={batch.count}
          {...LIMITS.count}
          step={1}
          whole
          onChange={(count) => count !== null && onSay({ count })}
        />
      );
    case 'school':
      return (
        <Choices
          label="The filling goes in"
          value={batch.school}
          options={SCHOOL_IDS.map((value) => ({ value, label: SCHOOLS[value].answer }))}
          onChange={(school) => onSay({ school })}
        />
      );
    default:
      return (
        <Choices
          label="How it is cooked"
          value={batch.cook.method}
          options={METHOD_IDS.map((value) => ({ value, label: METHODS[value].label }))}
          onChange={(method) => onSay({ method })}
        />
      );
  }
}
