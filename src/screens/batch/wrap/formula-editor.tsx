/** A formula of one's own: percentages changed, or what was really weighed; kept with the batch, and in the Larder. */
import { useState } from 'react';
import { View } from 'react-native';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { type OwnDough } from '@/core/stored/own-dough-schema';
import { DOUGHS } from '@/core/vocabulary/doughs';
import { isFlour } from '@/core/wrapper/formula';
import { type WrapperMaking } from '@/core/wrapper/making';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices, Press } from '@/ui/parts/press';
import { useFormFields } from '@/ui/parts/form-fields';
import { Problem } from '@/ui/parts/problem';
import { Small } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { useRefusal } from '@/ui/parts/use-refusal';
import { type StationProps } from '../station-props';
import { ingredientName } from './ingredient-name';
import { keepDough } from './keep-dough';
import * as phrases from './words';

type Way = 'percent' | 'weighed';
type Parts = OwnDough['parts'];

/** What a dough may be given that its formula does not have yet. */
const MORE = [
  'water',
  'milk',
  'egg',
  'butter',
  'sunflower-oil',
  'sugar',
  'salt',
  'yeast-dried',
  'baking-powder',
  'vinegar',
];

export function FormulaEditor({ batch, plan, edit }: StationProps & { plan: WrapperMaking }) {
  const { wrap } = batch;
  const [way, setWay] = useState<Way>('percent');
  const [weighed, setWeighed] = useState<Readonly<Record<string, number>>>({});
  const { refusal, answered } = useRefusal();
  const { Fields: Form, unread, ifRead } = useFormFields();
  const family = DOUGHS[wrap.dough];
  const parts: Parts = (wrap.ownDough?.parts ?? family.parts).map(({ name, share, formula }) => ({
    name,
    share,
    formula: formula.map((line) => ({ ...line })),
  }));
  const name = wrap.ownDough?.name ?? `${family.label}, mine`;
  const [called, setCalled] = useState<string | null>(null);
  const own = (to: Partial<Pick<OwnDough, 'name' | 'parts'>>): OwnDough => ({
    id: wrap.ownDough?.id ?? `own-${batch.id}`.slice(0, 60),
    name,
    like: wrap.dough,
    parts,
    ...to,
  });
  const set = (to: Partial<Pick<OwnDough, 'name' | 'parts'>>, what: string) =>
    answered(edit({ do: 'setWrap', to: { ownDough: own(to) } }, what, 'beside'));
  const change = (part: number, formula: Parts[number]['formula'], what: string) =>
    set({ parts: parts.map((p, i) => (i === part ? { ...p, formula } : p)) }, what);
  /** As typed, else as the plan would have it weighed. */
  const gramsOf = (part: number, { ingredientId, percent }: Parts[number]['formula'][number]): number => {
    const planned = plan.amounts?.parts[part]?.ingredients ?? plan.amounts?.ingredients ?? [];
    return weighed[`${part} ${ingredientId}`] ?? planned.find((l) => l.ingredientId === ingredientId)?.grams ?? percent;
  };
  /** What stands on the screen: the percentages, or the grams that were typed, whether or not they were taken. */
  const shown = (): Parts =>
    way === 'percent' || Object.keys(weighed).length === 0
      ? parts
      : parts.map((part, i) => ({
          ...part,
          formula: inPercent(part.formula.map((line) => ({ ...line, percent: gramsOf(i, line) }))),
        }));
  const keep = () => ifRead(() => void keepDough(batch, own({ name: called ?? name, parts: shown() }), edit));
  return (
    <View style={{ gap: 12 }}>
      <Choices
        label="As"
        value={way}
        options={[
          { value: 'percent', label: phrases.PERCENT_OF_FLOUR },
          { value: 'weighed', label: phrases.GRAMS_AS_WEIGHED },
        ]}
        onChange={setWay}
      />
      <Small>{phrases.FLOUR_IS_HUNDRED}</Small>
      <Form>
        {parts.map((part, i) => (
          <FormulaPart
            key={part.name}
            part={part}
            way={way}
            keyOf={({ ingredientId }) => `${i} ${ingredientId}`}
            gramsOf={(line) => gramsOf(i, line)}
            onWeighed={(key, grams) => setWeighed({ ...weighed, [key]: grams })}
            onChange={(formula, what) => void change(i, formula, what)}
          />
        ))}
      </Form>
      <TextField
        label="Called"
        value={name}
        most={MOST.doughName}
        onChange={(text) => {
          setCalled(text);
          void set({ name: text }, 'dough-name');
        }}
      />
      <Problem text={unread === '' ? refusal : unread} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        <Press title={phrases.KEEP_IN_LARDER} onPress={keep} />
        <Press
          title={phrases.asMade(family.label)}
          onPress={() => void edit({ do: 'setWrap', to: { ownDough: null } }, 'formula')}
        />
      </View>
    </View>
  );
}

type Formula = Parts[number]['formula'];

interface PartProps {
  part: Parts[number];
  way: Way;
  keyOf: (line: Formula[number]) => string;
  gramsOf: (line: Formula[number]) => number;
  onWeighed: (key: string, grams: number) => void;
  onChange: (formula: Formula, what: string) => void;
}

/** One part of it: a field for each ingredient, and what else could go in. */
function FormulaPart({ part: { name, formula }, way, keyOf, gramsOf, onWeighed, onChange }: PartProps) {
  return (
    <View style={{ gap: 8 }}>
      {name !== '' && <Small>{name}</Small>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 10 }}>
        {formula.map((line) => {
          const key = keyOf(line);
          return way === 'percent' ? (
            <AmountField
              key={key}
              label={ingredientName(line.ingredientId)}
              unit="%"
              value={Math.round(line.percent * 100) / 100}
              {...LIMITS.doughPercent}
              onChange={(percent) =>
                percent !== null &&
                onChange(
                  formula.map((l) => (l === line ? { ...l, percent } : l)),
                  key,
                )
              }
            />
          ) : (
            <AmountField
              key={`${key} g`}
              label={ingredientName(line.ingredientId)}
              unit="g"
              value={gramsOf(line)}
              least={0}
              most={20_000}
              onChange={(grams) => grams !== null && onWeighed(key, grams)}
            />
          );
        })}
      </View>
      {way === 'weighed' && (
        <Press
          title={phrases.TAKE_GRAMS}
          onPress={() => onChange(inPercent(formula.map((l) => ({ ...l, percent: gramsOf(l) }))), 'weighed')}
        />
      )}
      <Choices
        label={phrases.ADD_TO_IT}
        value=""
        options={MORE.filter((id) => !formula.some((l) => l.ingredientId === id)).map((value) => ({
          value,
          label: ingredientName(value).toLowerCase(),
        }))}
        onChange={(ingredientId) => onChange([...formula, { ingredientId, percent: 1 }], 'formula')}
      />
    </View>
  );
}

/** Grams as percent of the flour among them. */
function inPercent(grams: Parts[number]['formula']): Parts[number]['formula'] {
  const flour = grams.reduce((sum, l) => sum + (isFlour(l.ingredientId) ? l.percent : 0), 0);
  return flour <= 0 ? grams : grams.map((l) => ({ ...l, percent: Math.round((10_000 * l.percent) / flour) / 100 }));
}
