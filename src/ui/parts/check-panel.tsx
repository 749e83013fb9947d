/** A check as it stands at its station: disc, headline, the deciding number, fixes, and the arithmetic behind "why?". */
import { type ReactNode, useState } from 'react';
import { Pressable, View } from 'react-native';
import { type Check, type Fix } from '@/core/batch/check';
import { TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { Disc, STATE_WORD } from './disc';
import { Rule } from './rule';
import { Body, Heading, Sentence, Small, Strong } from './text';

export function CheckPanel({
  check,
  onFix,
  children,
}: {
  check: Check;
  onFix: (fix: Fix) => void;
  children?: ReactNode;
}) {
  const p = usePalette();
  const [open, setOpen] = useState(false);
  return (
    <View role="region" aria-label={`${check.headline}. ${STATE_WORD[check.state]}.`} style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        <Disc state={check.state} size={24} />
        <Heading level={2} style={{ flex: 1 }}>
          {check.headline}
        </Heading>
        {check.why.length > 0 && (
          <Pressable
            role="button"
            aria-expanded={open}
            aria-label={`Why? ${check.headline}`}
            onPress={() => setOpen(!open)}
            style={{ minHeight: TOUCH, minWidth: TOUCH, justifyContent: 'center', alignItems: 'flex-end' }}
          >
            <Small style={{ textDecorationLine: 'underline' }}>why?</Small>
          </Pressable>
        )}
      </View>
      <Sentence text={check.sentence} style={{ marginTop: -10 }} />
      {open && <Why check={check} />}
      {children}
      {check.fixes.map((fix) => (
        <FixButton key={fix.id} fix={fix} unit={check.unit} onFix={onFix} />
      ))}
      {check.cautions.map((caution) => (
        <Small key={caution} style={{ borderLeftWidth: 3, borderLeftColor: p.turmeric, paddingLeft: 10 }}>
          {caution}
        </Small>
      ))}
    </View>
  );
}

/** A fix says beforehand what it does. */
function FixButton({ fix, unit, onFix }: { fix: Fix; unit: string; onFix: (fix: Fix) => void }) {
  const p = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${fix.label}: ${fix.effect} ${fix.effect.includes(unit) ? '' : unit}`}
      onPress={() => onFix(fix)}
      style={({ pressed }) => ({
        minHeight: TOUCH + 4,
        borderWidth: 1.5,
        borderColor: p.ink,
        backgroundColor: pressed ? p.faint : p.paper,
        paddingHorizontal: 14,
        paddingVertical: 8,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
      })}
    >
      <Body style={{ flex: 1 }}>{fix.label}</Body>
      <Strong style={{ flexShrink: 1, textAlign: 'right', maxWidth: 130, fontSize: 15, lineHeight: 20 }}>
        {fix.effect}
      </Strong>
    </Pressable>
  );
}

function Why({ check }: { check: Check }) {
  const p = usePalette();
  return (
    <View style={{ backgroundColor: p.paper, paddingHorizontal: 12, paddingVertical: 6 }}>
      {check.why.map((reason, i) => (
        <View key={reason.text + String(i)}>
          {i > 0 && <Rule />}
          <View style={{ flexDirection: 'row', gap: 12, paddingVertical: 6 }}>
            <View style={{ flex: 1 }}>
              <Body style={{ fontSize: 15, lineHeight: 21 }}>{reason.text}</Body>
              {reason.source !== undefined && <Small style={{ fontSize: 13, lineHeight: 18 }}>{reason.source}</Small>}
            </View>
            {reason.figure !== undefined && <Strong style={{ fontSize: 15 }}>{reason.figure}</Strong>}
          </View>
        </View>
      ))}
    </View>
  );
}
