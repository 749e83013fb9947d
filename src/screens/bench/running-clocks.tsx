/** The clocks of a batch that run, on the Bench: loaded where one does. */
import { runningClocks } from '@/core/checks/clock-words';
import { type Assessment } from '@/core/checks/judgement';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { useRunTime } from '@/data/run-time';
import { TextLink } from '@/ui/parts/text-link';
import { Sentence } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';

/** A minute is the finest that is shown, ms. */
const EVERY_MS = 5000;

interface Props {
  batch: Batch;
  kitchen: Kitchen;
  assessment: Assessment;
}

export default function RunningClocks({ batch, kitchen, assessment }: Props) {
  const p = usePalette();
  // A device’s clock that is set back gives no time back: the latest that any of its clocks has shown counts.
  const times = [
    useRunTime(batch, EVERY_MS, 'cool'),
    useRunTime(batch, EVERY_MS, 'board'),
    useRunTime(batch, EVERY_MS, 'cook'),
  ].map(({ latest }) => latest);
  const now = times.reduce((a, b) => (Date.parse(b) > Date.parse(a) ? b : a));
  return runningClocks(batch, kitchen, assessment, now).map(({ station, text, isDue }) => (
    <TextLink
      key={station}
      href={`/batch/${batch.id}/${station}`}
      aria-label={`${batch.title}. ${text.replaceAll('*', '')}`}
      style={{
        minHeight: 44,
        paddingVertical: 10,
        paddingHorizontal: 12,
        borderLeftWidth: 5,
        borderLeftColor: isDue ? p.beet : p.leek,
        backgroundColor: p.paper,
      }}
    >
      <Sentence text={text} />
    </TextLink>
  ));
}
