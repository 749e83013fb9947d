/** A line that the larder does not know: what it may be is one tap, and anything else can be looked for. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Ingredient } from '@/core/food/ingredient';
import { lineName } from '@/core/stored/line-name';
import { type Line } from '@/core/stored/schema';
import { couldNotLoad, loadReading, useReading } from '@/data/use-reading';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { TextField } from '@/ui/parts/text-field';
import { keepOwn } from '../keep-own';
import { type LineProps } from './line-props';
import * as phrases from './words';

const OFFERED = 3;
/** So far off a name may be and still be offered, when the cook is asked anyway. */
const FAR = 0.7;

export function SayWhat({ batch, line, kitchen, edit }: LineProps) {
  const [looked, setLooked] = useState<string | null>(null);
  const { reading, problem } = useReading(true);
  const name = lineName(line, undefined);
  const near = reading?.searchIngredients(looked?.trim() || name, OFFERED, FAR, kitchen.ingredients) ?? [];
  const is = (food: Ingredient) =>
    void loadReading().then(
      ({ parseLine, toLine }) => {
        // The line's own words say how much of it, and how it is treated.
        const read = toLine(
          parseLine(line.note === '' ? name : line.note, food),
          batch.school,
          line.id,
          kitchen.ingredients,
        );
        const to: Partial<Omit<Line, 'id'>> = read
          ? { ...read, ticked: line.ticked }
          : {
              ingredientId: food.id,
              preparation: 'raw',
              unit: food.counts.piece === undefined && line.unit === 'piece' ? 'g' : line.unit,
            };
        void edit([...keepOwn(kitchen, food.id), { do: 'changeLine', id: line.id, to: withoutId(to) }]);
      },
      (error: unknown) => say({ text: couldNotLoad(error), kind: 'problem' }),
    );
  return (
    <View style={{ gap: 8, paddingBottom: 10 }}>
      {looked !== null && (
        <TextField label={phrases.whatIsItLike(name)} value={looked} onChange={setLooked} most={100} autoFocus />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {near.map((one) => (
          <Press key={one.id} title={one.name} label={phrases.isA(name, one.name)} onPress={() => is(one)} />
        ))}
        {looked === null && (
          <Press title="Something else" label={phrases.isSomethingElse(name)} onPress={() => setLooked('')} />
        )}
      </View>
      <Problem text={problem} />
    </View>
  );
}

const withoutId = ({ id: _id, ...rest }: Partial<Line>): Partial<Omit<Line, 'id'>> => rest;
