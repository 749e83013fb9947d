/** A place, what it stands on there, and whether under a lid. */
import { type ReactNode } from 'react';
import { type Batch } from '@/core/stored/schema';
import { BASE_IDS, BASES } from '@/core/vocabulary/bases';
import { PLACE_IDS, PLACES } from '@/core/vocabulary/places';
import { Choices } from '@/ui/parts/press';

type Standing = Pick<Batch['cool'], 'place' | 'base' | 'covered'>;

interface StandsWhereProps {
  standing: Standing;
  labels: { place: string; on: string; lid: string };
  /** What belongs to the place. */
  children?: ReactNode;
  /** @param what names the edit */
  onChange: (to: Partial<Standing>, what: 'place' | 'base' | 'lid') => void;
}

const LIDS = [
  { value: 'open', label: 'open' },
  { value: 'covered', label: 'covered' },
] as const;

export const StandsWhere = ({ standing, labels, children, onChange }: StandsWhereProps) => (
  <>
    <Choices
      label={labels.place}
      value={standing.place}
      options={PLACE_IDS.map((value) => ({ value, label: PLACES[value].label }))}
      onChange={(place) => onChange({ place }, 'place')}
    />
    {children}
    <Choices
      label={labels.on}
      value={standing.base}
      options={BASE_IDS.map((value) => ({ value, label: BASES[value].label }))}
      onChange={(base) => onChange({ base }, 'base')}
    />
    <Choices
      label={labels.lid}
      value={standing.covered ? 'covered' : 'open'}
      options={LIDS}
      onChange={(value) => onChange({ covered: value === 'covered' }, 'lid')}
    />
  </>
);
