/** The frame of a place: title, content, places. */
import { router } from 'expo-router';
import { type ReactNode, useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { IconPress } from '../parts/press';
import { Heading, Small } from '../parts/text';
import { usePalette } from '../theme/use-palette';
import { useSlash } from './add-field';
import { WithFoot } from './foot';
import { NoticeBar } from './notice-bar';
import { PlacesBar, PlacesRail } from './places';
import { useUncover } from './uncover';
import { useWide } from './use-wide';
import * as phrases from './words';

export function PlaceScreen({
  title,
  note,
  back,
  children,
}: {
  title: string;
  note?: string;
  back?: boolean;
  children: ReactNode;
}) {
  const p = usePalette();
  const wide = useWide();
  useUncover();
  useSlash();
  useEffect(() => {
    document.title = `${title} · Involucrum`;
  }, [title]);
  return (
    <WithFoot>
      {(foot) => (
        // Never wrapped, however large the letters: the screen is as high as it is, and its content scrolls within.
        <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap', backgroundColor: p.ground }}>
          {wide && <PlacesRail />}
          <View style={{ flex: 1, minWidth: 0 }}>
            <ScrollView
              role="main"
              contentContainerStyle={{ padding: wide ? 32 : 18, gap: 18, maxWidth: 1040, width: '100%' }}
            >
              <View style={{ flexDirection: 'row', alignItems: note === undefined ? 'center' : 'flex-start', gap: 8 }}>
                {back && (
                  <IconPress icon="arrow-left" label={phrases.BACK_TO_BENCH} onPress={() => router.navigate('/')} />
                )}
                <View style={{ flex: 1 }}>
                  <Heading level={1}>{title}</Heading>
                  {note !== undefined && <Small>{note}</Small>}
                </View>
                {!wide && !back && (
                  <IconPress icon="cog-outline" label="Kitchen" onPress={() => router.navigate('/kitchen')} />
                )}
              </View>
              {children}
            </ScrollView>
            <NoticeBar />
            {foot}
            {!wide && <PlacesBar />}
          </View>
        </View>
      )}
    </WithFoot>
  );
}
