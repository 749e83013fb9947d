/** Building a batch: four answers, and the rest is what is usual. */
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { beginBatch, usualCount } from '@/core/stored/create';
import { type School, SCHOOL_IDS, SCHOOLS } from '@/core/vocabulary/schools';
import { FORM_IDS, type FormId, FORMS } from '@/core/forms';
import { keepBatch, now } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { Small } from '@/ui/parts/text';

export function BuildOne() {
  const [title, setTitle] = useState('');
  const [form, setForm] = useState<FormId>('half-moon');
  // As many as is usual for the form, until the cook says how many.
  const [said, setCount] = useState<number | null>(null);
  const [school, setSchool] = useState<School>('raw');
  const count = said ?? usualCount(form);
  const begin = async () => {
    const name =
      title.trim() === '' ? `${FORMS[form].plural[0].toUpperCase()}${FORMS[form].plural.slice(1)}` : title.trim();
    const batch = beginBatch({ id: newId(), title: name, form, count, school, at: now() });
    if (await keepBatch(batch)) router.replace(`/batch/${batch.id}/fill`);
  };
  return (
    <View style={{ gap: 18 }}>
      <TextField
        label="What is it?"
        value={title}
        onChange={setTitle}
        placeholder="Leek and trout half-moons"
        most={MOST.title}
        onSubmit={() => void begin()}
      />
      <Choices
        label="Form"
        value={form}
        options={FORM_IDS.map((id) => ({ value: id, label: FORMS[id].label }))}
        onChange={setForm}
      />
      <AmountField label="How many" unit="parcels" value={count} {...LIMITS.count} step={1} whole onChange={setCount} />
      <View style={{ gap: 6 }}>
        <Choices
          label="The filling goes in"
          value={school}
          options={SCHOOL_IDS.map((value) => ({ value, label: SCHOOLS[value].answer }))}
          onChange={setSchool}
        />
        <Small>{SCHOOLS[school].note}</Small>
      </View>
      <Press title="Begin" kind="solid" onPress={() => void begin()} />
    </View>
  );
}
