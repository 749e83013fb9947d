/** Note: what came out, in taps, and in the cook's own words. */
import { MOST } from '@/core/document/limits';
import { View } from 'react-native';
import { type Batch } from '@/core/document/schema';
import { type Outcome, OUTCOME_IDS, OUTCOMES } from '@/core/document/vocabulary/outcomes';
import { type Assessment } from '@/core/checks/judgement';
import { exportBatch, saveBeside } from '@/data/files';
import { say } from '@/data/notices';
import { Press, Toggles } from '@/ui/parts/press';
import { Body, Heading } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { type StationProps } from '../station-props';

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
  water: async (batch: Batch, { ledger }: Assessment) => {
    const { ledgerToCsv } = await import('@/data/tables');
    saveBeside(batch, '.water.csv', ledgerToCsv(ledger), 'text/csv');
  },
};

export function NoteStation({ batch, assessment, edit }: StationProps) {
  const { outcomes, words } = batch.note;
  const write = (what: keyof typeof writers) =>
    void writers[what](batch, assessment).catch((error: unknown) =>
      say({ text: `Not written: ${String(error)}`, kind: 'problem' }),
    );
  const toggle = (outcome: Outcome) =>
    edit({
      do: 'setNote',
      to: { outcomes: outcomes.includes(outcome) ? outcomes.filter((o) => o !== outcome) : [...outcomes, outcome] },
    });
  return (
    <View style={{ gap: 16 }}>
      <View style={{ gap: 6 }}>
        <Heading level={2}>How did it come out?</Heading>
        <Body soft>Cut one open. Tap what you find.</Body>
      </View>
      <Toggles
        label="Outcomes"
        values={outcomes}
        options={OUTCOME_IDS.map((value) => ({ value, label: OUTCOMES[value].label }))}
        onToggle={toggle}
      />
      <TextField
        label="In your own words"
        value={words}
        onChange={(text) => edit({ do: 'setNote', to: { words: text } }, 'words')}
        lines={4}
        most={MOST.words}
        placeholder="What to change next time"
      />
      <TextField
        label="Name of the batch"
        value={batch.title}
        onChange={(title) => edit({ do: 'setBatch', to: { title } }, 'title')}
        most={MOST.title}
        required
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press title="Save as a file" icon="tray-arrow-down" onPress={() => exportBatch(batch)} />
        <Press title="As a recipe" onPress={() => write('recipe')} />
        <Press title="Lines as a table" onPress={() => write('lines')} />
        <Press title="Water as a table" onPress={() => write('water')} />
      </View>
    </View>
  );
}
