/** The versions of this thing in a row: what changed, what came out. */
import { Link } from 'expo-router';
import { View } from 'react-native';
import { type Batch } from '@/core/document/schema';
import { OUTCOMES } from '@/core/document/vocabulary/outcomes';
import { useVersions } from '@/data/notebook';
import { Heading, Small, Strong } from '@/ui/parts/text';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';

export function VersionsPanel({ batch }: { batch: Batch }) {
  const p = usePalette();
  const versions = useVersions(batch);
  if (versions.length < 2) return null;
  return (
    <View role="region" aria-label="Versions" style={{ gap: 10 }}>
      <Heading level={2}>Versions</Heading>
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
          <Link
            href={`/batch/${version.id}/note`}
            style={{ fontFamily: SERIF, fontSize: 18, lineHeight: 28, color: p.ink, paddingVertical: 8 }}
          >
            Version {version.lineage.number}
            {version.id === batch.id ? ', this one' : ''}
          </Link>
          {version.lineage.changed.map((change) => (
            <Small key={change}>{change}</Small>
          ))}
          <Strong style={{ fontSize: 15 }}>
            {version.note.outcomes.length === 0
              ? 'nothing noted yet'
              : version.note.outcomes.map(({ what }) => OUTCOMES[what].label).join(', ')}
          </Strong>
        </View>
      ))}
    </View>
  );
}
