/** The versions of this thing in a row: what changed, what came out. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Kitchen } from '@/core/stored/kitchen-schema';
import { type Batch } from '@/core/stored/schema';
import { OUTCOMES } from '@/core/vocabulary/outcomes';
import { useVersions } from '@/data/notebook';
import { TextLink } from '@/ui/parts/text-link';
import { Fold } from '@/ui/parts/fold';
import { Press } from '@/ui/parts/press';
import { Small, Strong } from '@/ui/parts/text';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { SideBySide } from './side-by-side';
import * as phrases from './words';

export function VersionsPanel({ batch, kitchen }: { batch: Batch; kitchen: Kitchen }) {
  const p = usePalette();
  const [besideId, setBeside] = useState<string | null>(null);
  const versions = useVersions(batch);
  if (versions.length < 2) return null;
  return (
    <Fold title="Versions" figure={`${versions.length}`}>
      {versions.map((version) => (
        <View
          key={version.id}
          style={{
            borderLeftWidth: version.id === batch.id ? 6 : 2,
            borderLeftColor: version.id === batch.id ? p.beet : p.rule,
            paddingLeft: 12,
            gap: 2,
          }}
        >
          <TextLink
            href={`/batch/${version.id}/note`}
            style={{ fontFamily: SERIF, fontSize: 18, lineHeight: 28, color: p.ink, paddingVertical: 8 }}
          >
            {phrases.versionNumber(version.lineage.number, version.id === batch.id)}
          </TextLink>
          {version.lineage.changed.map((change) => (
            <Small key={change}>{change}</Small>
          ))}
          <Strong style={{ fontSize: 15 }}>
            {version.note.outcomes.length === 0
              ? phrases.NOTHING_NOTED
              : version.note.outcomes.map(({ what }) => OUTCOMES[what].label).join(', ')}
          </Strong>
          {version.id !== batch.id && (
            <View style={{ alignItems: 'flex-start' }}>
              <Press
                title={besideId === version.id ? phrases.PUT_IT_AWAY : phrases.SIDE_BY_SIDE}
                label={phrases.versionBeside(version.lineage.number, besideId === version.id)}
                kind="clear"
                onPress={() => setBeside(besideId === version.id ? null : version.id)}
              />
            </View>
          )}
          {besideId === version.id && <SideBySide one={version} other={batch} kitchen={kitchen} />}
        </View>
      ))}
    </Fold>
  );
}
