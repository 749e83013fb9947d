/** What the kitchen has learned, in one list: each figure beside its house estimate and with its reasons; frozen, or let go. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Kitchen } from '@/core/stored/kitchen';
import { PRIOR } from '@/core/learning/learned';
import { learnedList, type LearnedRow } from '@/core/notebook/learned-list';
import { putAsideWords } from '@/core/notebook/put-aside';
import { editKitchen, useBatches } from '@/data/hooks';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Body, Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { dateWords } from '../dates';
import * as phrases from './words';

export function LearnedFigures({ kitchen }: { kitchen: Kitchen }) {
  const rows = learnedList(kitchen);
  return (
    <View style={{ gap: 14 }}>
      {rows.length === 0 && <Body>{phrases.LEARNED_NOTHING}</Body>}
      {rows.length > 0 && <Small>{phrases.beginsAsEstimate(PRIOR)}</Small>}
      <PutAside kitchen={kitchen} />
      {rows.map((row) => (
        <Figure key={row.key} row={row} />
      ))}
    </View>
  );
}

/** What a version before had learned and this one cannot take: said until it has been read. */
function PutAside({ kitchen }: { kitchen: Kitchen }) {
  const p = usePalette();
  const words = putAsideWords(kitchen);
  if (words.length === 0) return null;
  return (
    <View
      role="group"
      aria-label={phrases.NO_LONGER_USED}
      style={{ gap: 6, borderLeftWidth: 3, borderLeftColor: p.turmeric, paddingLeft: 12 }}
    >
      <Body>{phrases.JUDGED_DIFFERENTLY}</Body>
      {words.map((text) => (
        <Small key={text}>{text}</Small>
      ))}
      <Small>{phrases.NOTES_TEACH_AGAIN}</Small>
      <Press title={phrases.I_HAVE_READ_IT} onPress={() => void editKitchen({ do: 'readPutAside' })} />
    </View>
  );
}

function Figure({ row }: { row: LearnedRow }) {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  const { label, value, estimate, from, isFrozen, evidence, freeze, forget, restore } = row;
  const remove = async () => {
    if (!(await editKitchen(forget)).ok) return;
    say({
      text: phrases.backToEstimate(label),
      kind: 'done',
      action: { label: 'Undo', run: async () => (await editKitchen(restore)).ok },
    });
  };
  return (
    <View
      role="group"
      aria-label={label}
      style={{ gap: 4, borderLeftWidth: 3, borderLeftColor: isFrozen ? p.steam : p.rule, paddingLeft: 12 }}
    >
      <Body>
        {label}: {value}
      </Body>
      <Small>{phrases.estimateAndFrom(estimate, from, isFrozen)}</Small>
      {isOpen && evidence.map((one) => <Said key={one.batchId} {...one} />)}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {evidence.length > 0 && (
          <Press
            title={isOpen ? 'Close' : 'Why?'}
            label={`${isOpen ? phrases.CLOSE_REASONS : 'Why'}: ${label}`}
            kind="clear"
            onPress={() => setOpen(!isOpen)}
          />
        )}
        <Press
          title={isFrozen ? phrases.LEARN_AGAIN : 'Keep fixed'}
          label={`${isFrozen ? phrases.LEARN_AGAIN : 'Keep fixed'}: ${label}`}
          onPress={() => void editKitchen(freeze)}
        />
        <Press title="Reset" label={`Reset: ${label}`} kind="clear" onPress={() => void remove()} />
      </View>
    </View>
  );
}

/** What one batch said. */
function Said({ batchId, at, said, because }: LearnedRow['evidence'][number]) {
  const { data } = useBatches();
  const title = data?.batches.find((b) => b.id === batchId)?.title ?? phrases.EARLIER_BATCH;
  return (
    <View>
      <Small>{phrases.reasonInWords(title, dateWords(at), said)}</Small>
      {because !== '' && <Sentence text={because} />}
    </View>
  );
}
