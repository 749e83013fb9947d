/** The Notebook: batches that something was noted of. */
import { OUTCOMES } from '@/core/document/vocabulary/outcomes';
import { Link } from 'expo-router';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { useBatches } from '@/data/hooks';
import { Rule } from '@/ui/parts/rule';
import { Body, Small, Strong } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine } from '../words';

export function NotebookScreen() {
  const p = usePalette();
  const { data } = useBatches();
  const noted =
    data?.batches.filter(
      (batch) => batch.doneAt !== null || batch.note.outcomes.length > 0 || batch.note.words.trim() !== '',
    ) ?? [];
  return (
    <PlaceScreen title="Notebook" note="What came out, and what to change.">
      {data && noted.length === 0 && (
        <Body>
          Nothing is noted yet. When a batch is cooked, open its Note station, cut one open and tap what you find.
        </Body>
      )}
      <View>
        {noted.map((batch) => (
          <View key={batch.id}>
            <Rule />
            <View style={{ paddingVertical: 12, gap: 4 }}>
              <Link
                href={`/batch/${batch.id}/note`}
                style={{ fontFamily: SERIF, fontSize: 20, lineHeight: 26, color: p.ink, paddingVertical: 6 }}
              >
                {batch.title}
              </Link>
              <Small>
                {format(new Date(batch.updatedAt), 'd MMMM yyyy')}, {batchLine(batch)}
              </Small>
              {batch.note.outcomes.length > 0 && (
                <Strong>{batch.note.outcomes.map(({ what }) => OUTCOMES[what].label).join(', ')}</Strong>
              )}
              {batch.note.words !== '' && <Body>{batch.note.words}</Body>}
            </View>
          </View>
        ))}
      </View>
    </PlaceScreen>
  );
}
