/** What a check says under its headline: the sentence with the deciding number, the arithmetic, the fixes, the cautions. */
import { type ReactNode, useState } from 'react';
import { Pressable, View } from 'react-native';
import { type Check, type Fix } from '@/core/checks/check';
import { TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { HouseWord } from './house-word';
import { Reasons } from './reasons';
import { Body, Sentence, Small, Strong } from './text';
import * as phrases from './words';

/** The element of a check: after a fix the reader is led there, where the new verdict stands. */
export const checkElement = (id: Check['id']): string => `check-${id}`;

export interface CheckProps {
  check: Check;
  onFix: (fix: Fix) => void;
  /** The fixes are of the batch as it was; the next ones are being worked out. */
  isStale?: boolean;
  children?: ReactNode;
}

interface Props extends CheckProps {
  /** The arithmetic is shown. */
  isWhyOpen: boolean;
  /** Only the first fix at once, the others on a tap: where what comes below is what one came for. */
  isShort: boolean;
}

export function CheckBody({ check, onFix, isStale = false, isShort, isWhyOpen, children }: Props) {
  const p = usePalette();
  const [isAll, setAll] = useState(!isShort);
  const fixes = isAll ? check.fixes : check.fixes.slice(0, 1);
  const more = check.fixes.length - fixes.length;
  return (
    <>
      {/* While it is being worked out there is room for the answer: two lines. */}
      <Sentence text={check.sentence} style={check.pending ? { minHeight: 48 } : undefined} />
      {!check.pending && <HouseWord text={check.sentence} />}
      {isWhyOpen && <Reasons why={check.why} />}
      {children}
      {isStale && check.fixes.length === 0 && check.state === 'fix' && (
        <View style={{ minHeight: isShort ? FIRST_FIX_ROOM : FIXES_ROOM, justifyContent: 'center' }}>
          <Small>{phrases.TRYING_OUT}</Small>
        </View>
      )}
      {fixes.map((fix) => (
        <FixButton key={fix.id} fix={fix} unit={check.unit} isStale={isStale} onFix={onFix} />
      ))}
      {more > 0 && (
        <Pressable
          role="button"
          aria-expanded={false}
          aria-label={phrases.moreWaysFirst(more, check.headline)}
          onPress={() => setAll(true)}
          style={{ minHeight: TOUCH - 4, justifyContent: 'center' }}
        >
          <Small style={{ textDecorationLine: 'underline' }}>{phrases.moreWays(more)}</Small>
        </Pressable>
      )}
      {check.cautions.map((caution) => (
        <Small key={caution} style={{ borderLeftWidth: 3, borderLeftColor: p.turmeric, paddingLeft: 10 }}>
          {caution}
        </Small>
      ))}
    </>
  );
}

/** Opens and closes the arithmetic; nothing where there is none. */
export function WhyPress({ check, isOpen, onPress }: { check: Check; isOpen: boolean; onPress: () => void }) {
  if (check.why.length === 0) return null;
  return (
    <Pressable
      role="button"
      aria-expanded={isOpen}
      aria-label={`Why? ${check.headline}`}
      onPress={onPress}
      style={{ minHeight: TOUCH, minWidth: TOUCH, justifyContent: 'center', alignItems: 'flex-end' }}
    >
      <Small style={{ textDecorationLine: 'underline' }}>why?</Small>
    </Pressable>
  );
}

/** Room for about three fixes, px: kept while they are being tried out, so that nothing jumps. */
const FIXES_ROOM = 176;
const FIRST_FIX_ROOM = 108;

/** A fix says beforehand what it does. */
function FixButton({
  fix,
  unit,
  isStale,
  onFix,
}: {
  fix: Fix;
  unit: string;
  isStale: boolean;
  onFix: (fix: Fix) => void;
}) {
  const p = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={phrases.effectInWords(fix.label, fix.effect, fix.effect.includes(unit), unit, fix.but)}
      aria-disabled={isStale}
      disabled={isStale}
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
        opacity: isStale ? 0.55 : 1,
      })}
    >
      <View style={{ flex: 1 }}>
        <Body>{fix.label}</Body>
        {fix.but !== null && <Small style={{ color: p.beet }}>{fix.but}</Small>}
      </View>
      <Strong style={{ flexShrink: 1, textAlign: 'right', maxWidth: 130, fontSize: 15, lineHeight: 20 }}>
        {fix.effect}
      </Strong>
    </Pressable>
  );
}
