/** How this kitchen likes its figures: temperatures, lengths, amounts, times; and how it looks. */
import { type Kitchen } from '@/core/stored/kitchen';
import { editKitchen } from '@/data/hooks';
import { Choices } from '@/ui/parts/press';
import { Fold } from '@/ui/parts/fold';
import * as phrases from './words';

const AMOUNTS = [
  { value: 'written', label: phrases.AS_YOU_WROTE },
  { value: 'grams', label: 'grams' },
  { value: 'spoons', label: phrases.CUPS_AND_SPOONS },
  { value: 'both', label: 'both' },
] as const;

type Shown = Partial<Pick<Kitchen, 'temperature' | 'lengths' | 'amounts' | 'hours' | 'theme'>>;

export function Units({ kitchen }: { kitchen: Kitchen }) {
  const set = (to: Shown) => void editKitchen({ do: 'setKitchen', to });
  return (
    <Fold
      title={phrases.UNITS_AND_LOOK}
      figure={phrases.unitsInShort(kitchen.temperature, kitchen.lengths, kitchen.hours)}
    >
      <Choices
        label="Temperatures"
        value={kitchen.temperature}
        options={[
          { value: 'C', label: '°C' },
          { value: 'F', label: '°F' },
        ]}
        onChange={(temperature) => set({ temperature })}
      />
      <Choices
        label="Lengths"
        value={kitchen.lengths}
        options={[
          { value: 'mm', label: 'millimetres' },
          { value: 'in', label: 'inches' },
        ]}
        onChange={(lengths) => set({ lengths })}
      />
      <Choices
        label="Amounts"
        value={kitchen.amounts}
        options={AMOUNTS}
        onChange={(value) => set({ amounts: value })}
      />
      <Choices
        label={phrases.TIMES_OF_DAY}
        value={String(kitchen.hours)}
        options={[
          { value: '24', label: '17:30' },
          { value: '12', label: '5:30 pm' },
        ]}
        onChange={(value) => set({ hours: value === '12' ? 12 : 24 })}
      />
      <Choices
        label="Look"
        value={kitchen.theme}
        options={[
          { value: 'system', label: phrases.AS_THE_DEVICE },
          { value: 'light', label: 'light' },
          { value: 'dark', label: 'dark' },
        ]}
        onChange={(theme) => set({ theme })}
      />
    </Fold>
  );
}
