/** What a practitioner would say of the whole piece, each with what would mend it. */
import { View } from 'react-native';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from './station-props';

/** @param at only what is also said there; null for all of it */
export function Findings({ assessment, edit, undoStep, at = null }: StationProps & { at?: 'cook' | null }) {
  const p = usePalette();
  return assessment.findings
    .filter(({ lineId, alsoAt }) => lineId === '' && (at === null || alsoAt === at))
    .map(({ text, fix }) => (
      <View
        key={text}
        style={{ borderLeftWidth: 3, borderLeftColor: p.turmeric, paddingLeft: 12, gap: 6, alignItems: 'flex-start' }}
      >
        <Small style={{ color: p.ink }}>{text}</Small>
        {fix && (
          <Press
            title={fix.label}
            onPress={async () => {
              const outcome = await edit([...fix.change]);
              if (outcome.ok)
                say({ text: `${fix.label}.`, kind: 'done', action: { label: 'Undo', run: () => undoStep(outcome) } });
            }}
          />
        )}
      </View>
    ));
}
