/** Where things stand in a batch on the Bench: the same before its verdicts are there and after. */
import { type ReactNode } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine, versionLine } from '../batch-line';

/** The drawing beside the words, px: four batches and what begins a fifth are to fit a phone. */
export const DRAWING = 64;
/** As high as most drawings are, px: nothing moves when they come. */
const DRAWN = 67;
/** A check's disc, px. */
const DISC = 18;

export const NEXT = { minHeight: 44, paddingVertical: 10, paddingHorizontal: 12, borderLeftWidth: 5 };

/** What is known of a batch without judging it, with room for the rest. */
export function BesideDrawing({
  batch,
  drawing,
  children,
}: {
  batch: Batch;
  drawing?: ReactNode;
  children?: ReactNode;
}) {
  const version = versionLine(batch);
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center', paddingBottom: 6 }}>
      <View style={{ width: DRAWING, minHeight: DRAWN, justifyContent: 'center', marginVertical: -6 }}>{drawing}</View>
      <View style={{ flex: 1, gap: 4 }}>
        {version !== '' && <Small numberOfLines={1}>{version}</Small>}
        <Small numberOfLines={2}>{batchLine(batch)}</Small>
        <View style={{ flexDirection: 'row', gap: 6, minHeight: DISC }}>{children}</View>
      </View>
    </View>
  );
}

/** Until its verdicts have come. */
export function UnjudgedBatch({ batch }: { batch: Batch }) {
  const p = usePalette();
  return (
    <View aria-busy>
      <BesideDrawing batch={batch} />
      <View style={{ ...NEXT, borderLeftColor: p.beet, backgroundColor: p.paper }} />
    </View>
  );
}
