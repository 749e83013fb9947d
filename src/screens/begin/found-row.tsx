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
import * as phrases from './words';

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
  dough: phrases.CHANGE_AT_WRAP,
  size: phrases.FOLLOWS_FROM,
  glaze: phrases.CHANGE_AT_WRAP,
  'boiled off': phrases.SO_MUCH_HAS_TO_GO,
};
/** Where nothing of the recipe says so. */
const SILENT: Readonly<Partial<Record<Found['what'], string>>> = {
  size: phrases.FROM_FILLING_AND_NUMBER,
  school: phrases.NOTHING_COOKS_FIRST,
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
        aria-label={phrases.foundInWords(LABELS[what], value, CHANGED_HERE.includes(what))}
        onPress={() => setOpen(!isOpen)}
        style={{ minHeight: TOUCH, paddingVertical: 8, flexDirection: 'row', gap: 12 }}
      >
        <Small style={{ width: 84, paddingTop: 3 }}>{LABELS[what]}</Small>
        <View style={{ flex: 1 }}>
          <Strong style={{ fontSize: 16 }}>{value}</Strong>
          <Small>{words === null ? (SILENT[what] ?? phrases.RECIPE_DOES_NOT_SAY) : `“${short(words)}”`}</Small>
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
          label={phrases.FILLING_GOES_IN}
          value={batch.school}
          options={SCHOOL_IDS.map((value) => ({ value, label: SCHOOLS[value].answer }))}
          onChange={(school) => onSay({ school })}
        />
      );
    default:
      return (
        <Choices
          label={phrases.HOW_COOKED}
          value={batch.cook.method}
          options={METHOD_IDS.map((value) => ({ value, label: METHODS[value].label }))}
          onChange={(method) => onSay({ method })}
        />
      );
  }
}
