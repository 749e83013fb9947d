/** The five checks of a plan: what is not good is said with its number, and the first that would mend it is one tap. */
import { Pressable, View } from 'react-native';
import { CHECK_IDS, type Fix } from '@/core/checks/check';
import { CHECKS } from '@/core/checks/judge';
import { type Assessment } from '@/core/checks/judgement';
import { type Operation } from '@/core/stored/operations';
import { Disc, SIGN_WORD, signOf } from '@/ui/parts/disc';
import { Sentence, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

interface Props {
  assessment: Assessment;
  isStale: boolean;
  onMend: (change: readonly Operation[]) => void;
}

export function PlanChecks({ assessment: { checks }, isStale, onMend }: Props) {
  return (
    <View role="list" aria-label={phrases.FIVE_CHECKS} aria-busy={isStale} style={{ gap: 10 }}>
      {CHECK_IDS.map((id) => {
        const check = checks[id];
        const sign = signOf(check);
        const fix = check.fixes[0] as Fix | undefined;
        return (
          <View role="listitem" key={id} style={{ flexDirection: 'row', gap: 10 }}>
            <View style={{ paddingTop: 2 }}>
              <Disc sign={sign} label={`${CHECKS[id].label}: ${SIGN_WORD[sign]}`} />
            </View>
            <View style={{ flex: 1, gap: 4 }}>
              <Strong style={{ fontSize: 16 }}>{check.headline}</Strong>
              {(sign === 'watch' || sign === 'fix') && (
                <Sentence soft text={check.sentence} style={{ fontSize: 14, lineHeight: 19 }} />
              )}
              {fix && sign !== 'good' && <Mend fix={fix} isStale={isStale} onMend={onMend} />}
            </View>
          </View>
        );
      })}
    </View>
  );
}

function Mend({ fix, isStale, onMend }: { fix: Fix; isStale: boolean; onMend: Props['onMend'] }) {
  const p = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${fix.label}: ${fix.effect}`}
      aria-disabled={isStale}
      disabled={isStale}
      onPress={() => onMend(fix.change)}
      style={{
        minHeight: TOUCH,
        borderWidth: 1.5,
        borderColor: p.ink,
        backgroundColor: p.paper,
        padding: 10,
        justifyContent: 'center',
      }}
    >
      <Strong style={{ fontSize: 15 }}>{fix.label}</Strong>
      <Small>{fix.but === null ? fix.effect : `${fix.effect}; ${fix.but}`}</Small>
    </Pressable>
  );
}
