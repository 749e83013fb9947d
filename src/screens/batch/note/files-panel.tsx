/** The batch as files: itself, as a recipe, its tables. */
import { MOST } from '@/core/vocabulary/limits';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { type Assessment } from '@/core/checks/judgement';
import { exportBatch, fileName, saveBeside } from '@/data/files';
import { messageOf } from '@/data/hooks';
import { useVersions } from '@/data/notebook';
import { say } from '@/data/notices';
import { Fold } from '@/ui/parts/fold';
import { Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { dateWords } from '../../dates';
import { type StationProps } from '../station-props';
import * as phrases from './words';

/** What writes tables and recipes is loaded when it is wanted. */
const writers = {
  recipe: async (batch: Batch) => {
    const { toRecipe } = await import('@/data/tables');
    saveBeside(batch, '.recipe.json', `${JSON.stringify(toRecipe(batch), null, 2)}\n`, 'application/ld+json');
  },
  lines: async (batch: Batch) => {
    const { linesToCsv } = await import('@/data/tables');
    saveBeside(batch, '.lines.csv', linesToCsv(batch.lines), 'text/csv');
  },
  notes: async (batch: Batch) => {
    const { notesToMarkdown } = await import('@/data/tables');
    saveBeside(batch, '.notes.md', notesToMarkdown(batch, dateWords), 'text/markdown');
  },
  water: async (batch: Batch, { ledger }: Assessment) => {
    const { ledgerToCsv } = await import('@/data/tables');
    saveBeside(batch, '.water.csv', ledgerToCsv(ledger), 'text/csv');
  },
};

export function FilesPanel({ batch, assessment, edit }: StationProps) {
  const write = (what: keyof typeof writers) =>
    void writers[what](batch, assessment).catch((error: unknown) =>
      say({ text: phrases.notWritten(String(error)), kind: 'problem' }),
    );
  const versions = useVersions(batch);
  const handOn = async () => {
    try {
      const { saveBatches } = await import('@/data/whole');
      await saveBatches(versions, fileName(`${batch.title} versions`));
    } catch (error) {
      say({ text: phrases.notWritten(messageOf(error)), kind: 'problem' });
    }
  };
  return (
    <Fold title={phrases.NAME_AND_FILES}>
      <TextField
        label={phrases.NAME_OF_BATCH}
        value={batch.title}
        onChange={(title) => edit({ do: 'setBatch', to: { title } }, 'title')}
        most={MOST.title}
        required
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press title={phrases.SAVE_AS_FILE} icon="tray-arrow-down" onPress={() => exportBatch(batch)} />
        {versions.length > 1 && (
          <Press title={phrases.withAllVersions(versions.length)} onPress={() => void handOn()} />
        )}
        <Press title={phrases.NOTES_AS_TEXT} onPress={() => write('notes')} />
        <Press title={phrases.AS_RECIPE} onPress={() => write('recipe')} />
        <Press title={phrases.LINES_AS_TABLE} onPress={() => write('lines')} />
        <Press title={phrases.WATER_AS_TABLE} onPress={() => write('water')} />
      </View>
    </Fold>
  );
}
