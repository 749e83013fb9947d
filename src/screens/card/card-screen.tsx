/** The batch card: one sheet for the fridge door. Printed, only the sheet is on paper. */
import { STAGES } from '@/core/vocabulary/stages';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { batchCard, type Card } from '@/core/print/card';
import { useAssessment } from '@/data/heat';
import { useBatch, useKitchen } from '@/data/hooks';
import { isBroken } from '@/data/batch-store';
import { Disc, signOf } from '@/ui/parts/disc';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { useUncover } from '@/ui/shell/uncover';
import { usePalette } from '@/ui/theme/use-palette';
import { LostScreen } from '../lost-screen';
import { UnreadScreen } from '../unread-screen';
import { batchLine } from '../batch-line';
import * as phrases from './words';

export function CardScreen({ id }: { id: string }) {
  const { data, error, mutate } = useBatch(id);
  if (data === undefined) {
    return error ? <UnreadScreen error={error} again={() => void mutate()} /> : null;
  }
  if (!data || isBroken(data)) return <LostScreen />;
  return <Sheet batch={data} />;
}

function Sheet({ batch }: { batch: Batch }) {
  const p = usePalette();
  useUncover();
  const kitchen = useKitchen(batch.id);
  const { assessment } = useAssessment(batch, kitchen);
  const card = batchCard(batch, assessment, kitchen);
  useEffect(() => {
    document.title = phrases.cardTitle(batch.title);
  }, [batch.title]);
  return (
    <ScrollView
      role="main"
      style={{ flex: 1, backgroundColor: p.ground }}
      contentContainerStyle={{ padding: 18, gap: 12 }}
    >
      <View nativeID="not-printed" style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <IconPress
          icon="arrow-left"
          label={phrases.BACK_TO_BATCH}
          onPress={() => router.navigate(`/batch/${batch.id}/fill`)}
        />
        <Press title="Print" kind="solid" icon="printer-outline" onPress={() => window.print()} />
      </View>
      <View nativeID="sheet" style={{ gap: 10, maxWidth: 760, width: '100%' }}>
        <View>
          {isRehearsal(batch.id) && <Small>{phrases.NOTHING_WAS_COOKED}</Small>}
          <Heading level={1}>{card.title}</Heading>
          <Small>{batchLine(batch)}</Small>
        </View>
        {card.stages.map((stage) => (
          <StageTable key={stage.stage} stage={stage} />
        ))}
        <View style={{ borderTopWidth: 2, borderTopColor: p.ink, paddingTop: 6, gap: 3 }}>
          {card.facts.map((fact) => (
            <View key={fact.name} style={{ flexDirection: 'row', gap: 10 }}>
              <Strong style={{ width: 104, fontSize: 15, lineHeight: 20 }}>{fact.name}</Strong>
              <Body style={{ flex: 1, fontSize: 15, lineHeight: 20 }}>{fact.text}</Body>
            </View>
          ))}
        </View>
        <View style={{ borderTopWidth: 2, borderTopColor: p.ink, paddingTop: 6, gap: 3 }}>
          {card.checks.map((check) => (
            <View key={check.headline} style={{ flexDirection: 'row', gap: 8 }}>
              <Disc sign={signOf(check)} size={14} />
              <Small style={{ flex: 1, color: p.ink }}>
                {check.headline}. {check.sentence}
              </Small>
            </View>
          ))}
        </View>
        {/* One after the other: the card is one sheet. */}
        <Small>{card.cautions.join(' ')}</Small>
        <Small>{phrases.cautions(card.allergens)}</Small>
      </View>
    </ScrollView>
  );
}

function StageTable({ stage }: { stage: Card['stages'][number] }) {
  const p = usePalette();
  return (
    <View>
      <Heading level={2} style={{ fontSize: 16, lineHeight: 22 }}>
        {STAGES[stage.stage].title}
        {stage.chance === null ? '' : <Small>{`  ${stage.chance}`}</Small>}
      </Heading>
      {stage.lines.map((line, i) => (
        <View
          key={line.name + String(i)}
          style={{ flexDirection: 'row', gap: 8, borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 2 }}
        >
          <View style={{ width: 13, height: 13, borderWidth: 1.5, borderColor: p.ink, marginTop: 4 }} />
          <Body style={{ flex: 1, fontSize: 15, lineHeight: 20 }}>
            {line.name} <Small>{line.note}</Small>
          </Body>
          <Small>{line.grams}</Small>
          <Strong style={{ minWidth: 76, textAlign: 'right', fontSize: 15, lineHeight: 20 }}>{line.amount}</Strong>
        </View>
      ))}
    </View>
  );
}
