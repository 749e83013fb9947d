/** A check as it stands at its station: disc, headline, the deciding number, fixes, and the arithmetic behind "why?". */
import { useState } from 'react';
import { View } from 'react-native';
import { CheckBody, checkElement, type CheckProps, WhyPress } from './check-body';
import { Disc, SIGN_WORD, signOf } from './disc';
import { Heading } from './text';

/** @param isShort only the first fix at once */
export function CheckPanel({ isShort = false, ...props }: CheckProps & { isShort?: boolean }) {
  const { check, isStale = false } = props;
  const [isWhyOpen, setWhyOpen] = useState(false);
  return (
    <View
      role="region"
      nativeID={checkElement(check.id)}
      tabIndex={-1}
      aria-label={`${check.headline}. ${SIGN_WORD[signOf(check)]}.`}
      aria-busy={isStale}
      style={{ gap: 10 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10, marginBottom: -10 }}>
        <Disc sign={signOf(check)} size={24} />
        <Heading level={2} style={{ flex: 1 }}>
          {check.headline}
        </Heading>
        <WhyPress check={check} isOpen={isWhyOpen} onPress={() => setWhyOpen(!isWhyOpen)} />
      </View>
      <CheckBody {...props} isShort={isShort} isWhyOpen={isWhyOpen} />
    </View>
  );
}
