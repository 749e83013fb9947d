/** Outcomes to tap: clearly, then a little, then not at all. */
import { View } from 'react-native';
import { type Outcome } from '@/core/document/note-schema';
import { type Batch } from '@/core/document/schema';
import {
  isGood,
  MUCHES,
  type OutcomeId,
  OUTCOMES,
  type PlaceInParcel,
  PLACES_IN_PARCEL,
} from '@/core/document/vocabulary/outcomes';
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
  const at = where === null ? '' : ` (${PLACES_IN_PARCEL[where].label})`;
  return (
    <View role="group" aria-label={`${label}${at}`} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {options.map((what) => {
        const found = batch.note.outcomes.find((o) => o.what === what && o.where === where);
        return <Chip key={what} batchId={batch.id} what={what} where={where} found={found} edit={edit} />;
      })}
    </View>
  );
}

interface ChipProps {
  batchId: string;
  what: OutcomeId;
  where: PlaceInParcel | null;
  found: Outcome | undefined;
  edit: StationProps['edit'];
}

function Chip({ batchId, what, where, found, edit }: ChipProps) {
  const p = usePalette();
  const { label } = OUTCOMES[what];
  const tap = () => {
    if (found?.much === 'little') void edit({ do: 'dropOutcome', what, where });
    else {
      const much = found === undefined ? 'clearly' : 'little';
      void edit({ do: 'noteOutcome', outcome: { what, much, where }, at: now(batchId) });
    }
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
