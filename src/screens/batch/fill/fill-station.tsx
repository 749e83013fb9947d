/** Fill: where the water and the salt are, and what goes in when. */
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { useWide } from '@/ui/shell/use-wide';
import { type StationProps } from '../station-props';
import { AddLine } from '../add-line';
import { FillPanels } from './fill-panels';
import { FillingLine } from './filling-line';
import { PasteSheet } from './paste-sheet';
import { ReadLines } from './read-lines';
import { StageHeading } from './stage-heading';
import * as phrases from './words';

export function FillStation(props: StationProps) {
  const { batch, assessment, edit } = props;
  const { ledger, allergens, stages } = assessment;
  const wide = useWide();
  const [openLine, setOpenLine] = useState<string | null>(null);
  const widest = Math.max(1, ...ledger.lines.map((l) => l.brings));
  return (
    <View style={{ gap: 18 }}>
      {stages.map((progress) => (
        <View key={progress.stage}>
          <StageHeading progress={progress} edit={edit} />
          {batch.lines
            .filter((line) => line.stage === progress.stage)
            .map((line) => (
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
      ))}
      {wide && <AddLine {...props} />}
      <FillPanels {...props} />
      {batch.lines.length > 0 && <Small>{phrases.finishedFilling(ledger.finishedG, allergens)}</Small>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <PasteSheet {...props} />
        <ReadLines {...props} />
        {batch.lines.length > 0 && (
          <Press
            title={phrases.PRINT_THE_CARD}
            icon="printer-outline"
            onPress={() => router.push(`/batch/${batch.id}/card`)}
          />
        )}
      </View>
    </View>
  );
}
