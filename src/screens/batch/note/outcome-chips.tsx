/** Outcomes to tap: clearly, then a little, then not at all. */
import { useRef } from 'react';
import { View } from 'react-native';
import { type Outcome } from '@/core/stored/note-schema';
import { type Batch } from '@/core/stored/schema';
import {
  isGood,
  type Much,
  MUCHES,
  type OutcomeId,
  OUTCOMES,
  type PlaceInParcel,
  PLACES_IN_PARCEL,
} from '@/core/vocabulary/outcomes';
import { now } from '@/data/hooks';
import { Button } from '@/ui/elements';
import { Body } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';

interface Props {
  batch: Batch;
  edit: StationProps['edit'];
  label: string;
  options: readonly OutcomeId[];
  where: PlaceInParcel | null;
}

export function OutcomeChips({ batch, edit, label, options, where }: Props) {
  const place = where === null ? '' : ` (${PLACES_IN_PARCEL[where].label})`;
  return (
    <View role="group" aria-label={`${label}${place}`} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {options.map((what) => {
        const found = batch.note.outcomes.find((o) => o.what === what && o.where === where);
        return (
          <Chip
            key={what}
            batchId={batch.id}
            revision={batch.revision}
            what={what}
            where={where}
            found={found}
            edit={edit}
          />
        );
      })}
    </View>
  );
}

interface ChipProps {
  batchId: string;
  /** Of the batch as it is drawn. */
  revision: number;
  what: OutcomeId;
  where: PlaceInParcel | null;
  found: Outcome | undefined;
  edit: StationProps['edit'];
}

function Chip({ batchId, revision, what, where, found, edit }: ChipProps) {
  const p = usePalette();
  const { label } = OUTCOMES[what];
  // Tapped twice in quick succession, the second tap goes on from the first, not from what is drawn.
  const asked = useRef<{ revision: number; much: Much | null } | null>(null);
  const tap = () => {
    const so = asked.current?.revision === revision ? asked.current.much : (found?.much ?? null);
    const next = so === null ? 'clearly' : so === 'clearly' ? 'little' : null;
    asked.current = { revision, much: next };
    const done =
      next === null
        ? edit({ do: 'dropOutcome', what, where })
        : edit({ do: 'noteOutcome', outcome: { what, much: next, where }, at: now(batchId) });
    void done.then(({ ok }) => {
      if (!ok) asked.current = null;
    });
  };
  const much = found && MUCHES[found.much].label;
  const colour = isGood(what) ? p.leek : p.beet;
  const isFull = found?.much === 'clearly';
  const place = where === null ? '' : `, ${PLACES_IN_PARCEL[where].label}`;
  return (
    <Button
      type="outline"
      onPress={tap}
      role="checkbox"
      aria-checked={found === undefined ? false : found.much === 'clearly' ? true : 'mixed'}
      accessibilityLabel={`${label}${place}${much ? `: ${much}` : ''}`}
      containerStyle={{ maxWidth: '100%' }}
      buttonStyle={{
        backgroundColor: isFull ? colour : p.paper,
        borderColor: found ? colour : p.ink,
        borderWidth: found ? 2 : 1,
        paddingHorizontal: 12,
      }}
      title={
        <Body style={{ color: isFull ? p.ground : found ? colour : p.ink, fontSize: 16, flexShrink: 1 }}>
          {label}
          {found?.much === 'little' ? ', a little' : ''}
        </Body>
      }
    />
  );
}
