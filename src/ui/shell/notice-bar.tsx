/** What just happened, and how to take it back. */
import { useEffect } from 'react';
import { View } from 'react-native';
import { currentNotice, type Notice, say, useNotice } from '@/data/notices';
import { Body } from '../parts/text';
import { IconPress, Press } from '../parts/press';
import { HeldBanner } from './held-banner';
import { usePalette } from '../theme/use-palette';
import * as phrases from './words';

/** A done thing is shown so long, ms; a problem stays until it is put away. */
const SHOWN_MS = 9000;

export function NoticeBar() {
  const notice = useNotice();
  useEffect(() => {
    if (notice?.kind !== 'done') return;
    const timer = setTimeout(() => say(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice]);
  return (
    <>
      <HeldBanner />
      {notice && <Shown notice={notice} />}
    </>
  );
}

function Shown({ notice }: { notice: Notice }) {
  const p = usePalette();
  return (
    <View
      role={notice.kind === 'problem' ? 'alert' : 'status'}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        paddingLeft: 16,
        paddingVertical: 6,
        borderTopWidth: 3,
        borderTopColor: notice.kind === 'problem' ? p.beet : p.leek,
        backgroundColor: p.paper,
      }}
    >
      <Body style={{ flex: 1 }}>{notice.text}</Body>
      {notice.action && (
        <Press
          title={notice.action.label}
          onPress={() => {
            void Promise.resolve(notice.action?.run()).then((done) => {
              // Still the same offer: one that failed stays, one that was taken goes.
              if (done !== false && currentNotice() === notice) say(null);
            });
          }}
        />
      )}
      <IconPress icon="close" label={phrases.PUT_MESSAGE_AWAY} onPress={() => say(null)} />
    </View>
  );
}
