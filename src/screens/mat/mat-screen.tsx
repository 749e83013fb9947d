/** The skin laid flat at life size, on paper: a mat to roll on, with a ruler to check that the printer did not scale it. */
import { router } from 'expo-router';
import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import { account } from '@/core/checks/account';
import { MAT_STROKES, matOf, matSvg } from '@/core/print/mat';
import { wrapperMaking } from '@/core/wrapper/making';
import { saveBeside } from '@/data/files';
import { useBatch, useKitchen } from '@/data/hooks';
import { isBroken } from '@/data/batch-store';
import { IconPress, Press } from '@/ui/parts/press';
import { Heading, Small } from '@/ui/parts/text';
import { useUncover } from '@/ui/shell/uncover';
import { usePalette } from '@/ui/theme/use-palette';
import { LostScreen } from '../lost-screen';
import { UnreadScreen } from '../unread-screen';
import { LifeSize } from './life-size';
import * as phrases from './words';

export function MatScreen({ id }: { id: string }) {
  const { data, error, mutate } = useBatch(id);
  if (data === undefined) return error ? <UnreadScreen error={error} again={() => void mutate()} /> : null;
  if (!data || isBroken(data)) return <LostScreen />;
  return <Sheet batch={data} />;
}

function Sheet({ batch }: { batch: Batch }) {
  const p = usePalette();
  useUncover();
  const kitchen = useKitchen(batch.id);
  const { fit, laid, dough } = account(batch, kitchen, null);
  const mat = matOf(
    FORMS[batch.wrap.form].flat(fit, laid),
    kitchen.lengths,
    wrapperMaking(batch, kitchen, fit, laid, dough).pieces,
  );
  useEffect(() => {
    document.title = phrases.matTitle(batch.title);
  }, [batch.title]);
  return (
    <ScrollView
      role="main"
      style={{ flex: 1, backgroundColor: p.ground }}
      contentContainerStyle={{ padding: 18, gap: 12 }}
    >
      <View nativeID="not-printed" style={{ gap: 10 }}>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 10 }}>
          <IconPress
            icon="arrow-left"
            label={phrases.BACK_TO_WRAP}
            onPress={() => router.navigate(`/batch/${batch.id}/wrap`)}
          />
          <Press title="Print" kind="solid" icon="printer-outline" onPress={() => window.print()} />
          <Press
            title={phrases.SAVE_AS_SVG}
            icon="tray-arrow-down"
            onPress={() => saveBeside(batch, '-mat.svg', matSvg(mat), 'image/svg+xml')}
          />
        </View>
        <Small>{phrases.PRINT_AT_FULL_SIZE}</Small>
      </View>
      <View nativeID="sheet" style={{ gap: 8 }}>
        {isRehearsal(batch.id) && <Small>Rehearsal</Small>}
        <Heading level={2}>{batch.title}</Heading>
        {/* Wider than a phone it is scrolled; on paper it is whole. */}
        <ScrollView horizontal>
          <LifeSize mat={mat} strokes={MAT_STROKES} />
        </ScrollView>
      </View>
    </ScrollView>
  );
}
