/** A sheet of choices over the page, on React Native Elements' Overlay. Loaded when it is first opened. */
import { type ReactNode } from 'react';
import { View } from 'react-native';
import Over from '@rneui/themed/dist/Overlay';
import { usePalette } from '../theme/use-palette';
import { Press } from './press';
import { Heading } from './text';

export function Sheet({ title, onClose, children }: { title: string; onClose: () => void; children: ReactNode }) {
  const p = usePalette();
  return (
    <Over
      isVisible
      onBackdropPress={onClose}
      accessibilityLabel={title}
      overlayStyle={{
        width: '88%',
        maxWidth: 420,
        borderRadius: 0,
        borderWidth: 1.5,
        borderColor: p.ink,
        backgroundColor: p.ground,
        padding: 18,
      }}
    >
      <View style={{ gap: 12 }}>
        <Heading level={2}>{title}</Heading>
        {children}
        <Press title="Close" kind="clear" onPress={onClose} />
      </View>
    </Over>
  );
}
