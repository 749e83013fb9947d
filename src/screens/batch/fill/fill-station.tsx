/** Fill: where the water and the salt are, and what goes in when. */
import { useState } from 'react';
import { View } from 'react-native';
import { STAGES } from '@/core/batch/vocabulary';
import { formatGrams } from '@/core/units/format';
import { Heading, Small } from '@/ui/parts/text';
import { STAGE_WORDS } from '../../words';
import { type StationProps } from '../station-props';
import { AddLine } from './add-line';
import { BinderTable } from './binder-table';
import { FillingLine } from './filling-line';
import { PanWeighing } from './pan-weighing';
import { PasteSheet } from './paste-sheet';
import { ScalePanel } from './scale-panel';

export function FillStation(props: StationProps) {
  const { batch, assessment } = props;
  const { ledger, allergens } = assessment;
  const [openLine, setOpenLine] = useState<string | null>(null);
  const widest = Math.max(1, ...ledger.lines.map((l) => l.brings));
  return (
    <View style={{ gap: 18 }}>
      <BinderTable {...props} />
      {STAGES.map((stage) => {
        const lines = batch.lines.filter((line) => line.stage === stage);
        if (lines.length === 0) return null;
        return (
          <View key={stage}>
            <Heading level={3} soft>
              {STAGE_WORDS[stage].title}
              <Small>{`  ${STAGE_WORDS[stage].note}`}</Small>
            </Heading>
            {lines.map((line) => (
              <FillingLine
                key={line.id}
                {...props}
                line={line}
                widest={widest}
                open={line.id === openLine}
                onOpen={(open) => setOpenLine(open ? line.id : null)}
              />
            ))}
          </View>
        );
      })}
      <AddLine {...props} />
      <PasteSheet {...props} />
      <ScalePanel {...props} />
      <PanWeighing {...props} />
      {batch.lines.length > 0 && (
        <Small>
          {formatGrams(ledger.finishedG)} of finished filling.
          {allergens.length > 0 && ` Contains, with its wrapper: ${allergens.join(', ')}.`}
        </Small>
      )}
    </View>
  );
}
