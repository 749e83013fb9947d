/** How many there are to be: pieces, as many as a filling makes, or for so many people. */
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { LIMITS } from '@/core/vocabulary/limits';
import { type HowMany } from '@/core/wrapper/build';
import { AmountField } from '@/ui/parts/amount-field';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import * as phrases from './words';

const WAYS = [
  { value: 'count', label: 'a number' },
  { value: 'filling', label: phrases.I_HAVE_FILLING },
  { value: 'people', label: 'for people' },
] as const;

interface Props {
  howMany: HowMany;
  /** What it comes to. */
  count: number;
  wrap: Batch['wrap'];
  onChange: (howMany: HowMany) => void;
}

export function HowManyFields({ howMany, count, wrap, onChange }: Props) {
  const choose = (by: HowMany['by']) => {
    if (by === howMany.by) return;
    if (by === 'count') onChange({ by, count });
    if (by === 'filling') onChange({ by, fillingG: 10 * Math.round((count * wrap.portionG) / 10), count: null });
    if (by === 'people') onChange({ by, people: 4 });
  };
  return (
    <View style={{ gap: 12 }}>
      <Choices label="How many" value={howMany.by} options={WAYS} onChange={choose} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 12 }}>
        {howMany.by === 'filling' && (
          <AmountField
            label={phrases.FILLING_THERE_IS}
            unit="g"
            value={howMany.fillingG}
            least={20}
            most={20_000}
            step={50}
            onChange={(fillingG) => fillingG !== null && onChange({ ...howMany, fillingG })}
          />
        )}
        {howMany.by === 'people' && (
          <AmountField
            label="People"
            unit="count"
            value={howMany.people}
            least={1}
            most={200}
            step={1}
            whole
            onChange={(people) => people !== null && onChange({ by: 'people', people })}
          />
        )}
        {howMany.by !== 'people' && (
          <AmountField
            label={howMany.by === 'filling' ? 'Shared over' : 'Pieces'}
            unit="count"
            value={count}
            {...LIMITS.count}
            step={1}
            whole
            onChange={(n) => n !== null && onChange({ ...howMany, count: n })}
          />
        )}
      </View>
      {howMany.by === 'people' && <Small>{phrases.enoughAsMain(count)}</Small>}
    </View>
  );
}
