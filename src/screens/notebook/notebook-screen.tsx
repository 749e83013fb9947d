/** The Notebook: what is done and what was noted; found again by any word; begun again from any. */
import { router } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { OUTCOMES } from '@/core/vocabulary/outcomes';
import { notedBatches, searchBatches } from '@/core/notebook/search';
import { firstVersions } from '@/core/notebook/versions';
import { useBatches } from '@/data/hooks';
import { makeNext } from '@/data/notebook';
import { TextLink } from '@/ui/parts/text-link';
import { Press } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { ADD_FIELD } from '@/ui/shell/add-field';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine } from '../batch-line';
import { dateWords } from '../dates';
import * as phrases from './words';

import { Trends } from './trends';

/** So many are drawn at a time. */
const AT_ONCE = 20;
const MOST_ASKED = 80;

export function NotebookScreen() {
  const { data } = useBatches();
  const [question, ask] = useState('');
  const asked = useDeferredValue(question);
  const [shown, setShown] = useState(AT_ONCE);
  const [isTrending, setTrending] = useState(false);
  const noted = useMemo(() => notedBatches(data?.batches ?? []), [data]);
  const found = useMemo(() => searchBatches(noted, asked), [noted, asked]);
  return (
    <PlaceScreen title="Notebook" note={phrases.WHAT_CAME_OUT}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {noted.length > 0 && (
          <Press title={isTrending ? phrases.CLOSE_TRENDS : 'Trends'} onPress={() => setTrending(!isTrending)} />
        )}
        <Press title={phrases.REHEARSE} onPress={() => router.navigate('/rehearse')} />
      </View>
      {isTrending && noted.length > 0 && <Trends batches={noted} />}
      {data && noted.length === 0 && <Body>{phrases.NOTHING_NOTED}</Body>}
      {noted.length > 0 && (
        <TextField
          id={ADD_FIELD}
          label={phrases.FIND_BY}
          value={question}
          most={MOST_ASKED}
          onChange={(text) => {
            ask(text);
            setShown(AT_ONCE);
          }}
        />
      )}
      {noted.length > 0 && found.length === 0 && <Body>Nothing matches.</Body>}
      <View>
        {found.slice(0, shown).map((batch) => (
          <NotedBatch key={batch.id} batch={batch} all={data?.batches ?? []} />
        ))}
      </View>
      {found.length > shown && (
        <Press title={phrases.showMore(found.length, shown)} onPress={() => setShown(shown + AT_ONCE)} />
      )}
    </PlaceScreen>
  );
}

function NotedBatch({ batch, all }: { batch: Batch; all: readonly Batch[] }) {
  const p = usePalette();
  const { note, lineage, doneAt } = batch;
  const again = async () => {
    const id = await makeNext(batch, firstVersions(all, lineage.thing), []);
    if (id !== null) router.navigate(`/batch/${id}/fill`);
  };
  return (
    <View role="article" aria-label={batch.title}>
      <Rule />
      <View style={{ paddingVertical: 12, gap: 4 }}>
        <TextLink
          href={`/batch/${batch.id}/note`}
          style={{ fontFamily: SERIF, fontSize: 20, lineHeight: 26, color: p.ink, paddingVertical: 6 }}
        >
          {batch.title}
        </TextLink>
        <Small>
          {phrases.whenAndWhich(dateWords(doneAt ?? note.at ?? batch.updatedAt), lineage.number, batchLine(batch))}
        </Small>
        {note.outcomes.length > 0 && (
          <Strong>{note.outcomes.map(({ what }) => OUTCOMES[what].label).join(', ')}</Strong>
        )}
        {note.words !== '' && <Body>{note.words}</Body>}
        <View style={{ alignItems: 'flex-start' }}>
          <Press
            title="Begin again"
            label={phrases.beginAgain(batch.title)}
            kind="clear"
            onPress={() => void again()}
          />
        </View>
      </View>
    </View>
  );
}
