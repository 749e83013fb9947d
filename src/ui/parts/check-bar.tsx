/** A check as one short bar: its disc, its verdict and figure over a scale; tapped, what it says, what would mend it, and why. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { type Check } from '@/core/checks/check';
import { TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { CheckBody, checkElement, type CheckProps, WhyPress } from './check-body';
import { Disc, SIGN_WORD, signOf } from './disc';
import { Glyph } from './glyph';
import { Small, Strong } from './text';

export function CheckBar(props: CheckProps & { isShort?: boolean }) {
  const { check, isStale = false } = props;
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  const [isWhyOpen, setWhyOpen] = useState(false);
  const label = `${check.headline}. ${SIGN_WORD[signOf(check)]}.`;
  return (
    <View
      role="region"
      nativeID={checkElement(check.id)}
      tabIndex={-1}
      aria-label={label}
      aria-busy={isStale}
      style={{ gap: 10 }}
    >
      <View role="heading" aria-level={2}>
        <Pressable
          role="button"
          testID="fold"
          aria-expanded={isOpen}
          aria-label={`${check.headline}, ${check.figure}`}
          onPress={() => setOpen(!isOpen)}
          style={{ minHeight: TOUCH, gap: 5, justifyContent: 'center' }}
        >
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
            <Disc sign={signOf(check)} size={20} />
            <Strong style={{ flex: 1 }}>{check.headline}</Strong>
            <Small style={{ color: p.ink }}>{check.figure}</Small>
            <Glyph name={isOpen ? 'chevron-up' : 'chevron-down'} size={20} color={p.ink} />
          </View>
          <Scale check={check} />
        </Pressable>
      </View>
      {isOpen && (
        <>
          <View style={{ alignItems: 'flex-end', marginBottom: -18 }}>
            <WhyPress check={check} isOpen={isWhyOpen} onPress={() => setWhyOpen(!isWhyOpen)} />
          </View>
          <CheckBody {...props} isShort isWhyOpen={isWhyOpen} />
        </>
      )}
    </View>
  );
}

/** The value over what is right, on a line that ends at twice the upper edge, or a little beyond the value. */
function Scale({ check: { value, band } }: { check: Check }) {
  const p = usePalette();
  const [low, high] = band;
  if (value === null || high === null) return <View style={{ height: 8 }} />;
  const from = Math.min(0, value, low ?? 0);
  const end = Math.max(high * 2, value * 1.1, from + 0.1);
  const percent = (v: number): `${number}%` => `${Math.round((1000 * (v - from)) / (end - from)) / 10}%`;
  return (
    <View aria-hidden style={{ height: 8, backgroundColor: p.faint, borderWidth: 1, borderColor: p.ink }}>
      <View
        style={{
          position: 'absolute',
          top: 0,
          bottom: 0,
          left: percent(low ?? from),
          right: `${100 - Number.parseFloat(percent(high))}%`,
          backgroundColor: p.goodBand,
          borderRightWidth: 1,
          borderLeftWidth: low === null ? 0 : 1,
          borderColor: p.ink,
        }}
      />
      <View
        style={{
          position: 'absolute',
          top: -3,
          bottom: -3,
          left: percent(value),
          width: 6,
          marginLeft: -3,
          backgroundColor: p.steam,
        }}
      />
    </View>
  );
}
