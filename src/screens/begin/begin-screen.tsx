/** Beginning a batch: four answers, and the rest is what is usual. */
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { beginBatch } from '@/core/batch/create';
import { type School } from '@/core/batch/vocabulary';
import { FORM_IDS, FORMS, type FormId } from '@/core/wrapper/forms';
import { keepBatch, now } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';

const SCHOOLS: { value: School; label: string; note: string }[] = [
  { value: 'raw', label: 'Raw', note: 'mixed and wrapped raw; it cooks inside, and its centre must be measured' },
  { value: 'cooked', label: 'Cooked', note: 'cooked, thickened and cooled before it is wrapped' },
  {
    value: 'part-cooked',
    label: 'Part-cooked',
    note: 'some of it cooked and cooled, then mixed with the raw rest: a looser crumb',
  },
];

export function BeginScreen() {
  const [title, setTitle] = useState('');
  const [form, setForm] = useState<FormId>('half-moon');
  const [count, setCount] = useState(24);
  const [school, setSchool] = useState<School>('raw');
  const begin = async () => {
    const name =
      title.trim() === '' ? `${FORMS[form].label[0].toUpperCase()}${FORMS[form].label.slice(1)}s` : title.trim();
    const batch = beginBatch({ id: newId(), title: name, form, count, school, at: now() });
    if (await keepBatch(batch)) router.replace(`/batch/${batch.id}/fill`);
  };
  return (
    <PlaceScreen title="Begin a batch" note="Four answers; everything can be changed later." back>
      <TextField
        label="What is it?"
        value={title}
        onChange={setTitle}
        placeholder="Leek and trout half-moons"
        most={120}
        onSubmit={() => void begin()}
      />
      <Choices
        label="Form"
        value={form}
        options={FORM_IDS.map((id) => ({ value: id, label: FORMS[id].label }))}
        onChange={setForm}
      />
      <AmountField
        label="How many"
        unit="parcels"
        value={count}
        least={1}
        most={500}
        step={1}
        whole
        onChange={(value) => setCount(value ?? 24)}
      />
      <View style={{ gap: 6 }}>
        <Choices label="The filling goes in" value={school} options={SCHOOLS} onChange={setSchool} />
        <Small>{SCHOOLS.find((s) => s.value === school)?.note}</Small>
      </View>
      <Press title="Begin" kind="solid" onPress={() => void begin()} />
    </PlaceScreen>
  );
}
