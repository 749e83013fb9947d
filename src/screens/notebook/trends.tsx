/** How the noted batches went, one after another: a chart each, and the one sentence that it says. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { type FormOutcomes, type Trend } from '@/core/notebook/trends';
import { formatNumber } from '@/core/units/amount';
import { useKitchen } from '@/data/hooks';
import { useTrends } from '@/data/notebook';
import { Measured } from '@/ui/parts/measured';
import { Body, Heading, Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const TrendChart = lazy(() => import('@/ui/curve/charts').then((m) => ({ default: m.TrendChart })));
const HIGH_PX = 150;

export function Trends({ batches }: { batches: readonly Batch[] }) {
  const kitchen = useKitchen();
  const { data, error } = useTrends(batches, kitchen);
  if (error) return <Body role="alert">{phrases.trendsFailed(error.message)}</Body>;
  if (data === undefined) return <Small role="status">{phrases.READING_NUMBERS}</Small>;
  return (
    <View role="region" aria-label="Trends" style={{ gap: 24 }}>
      {data.trends.map((trend) => (
        <One key={trend.id} trend={trend} />
      ))}
      {data.forms.length > 0 && <Forms forms={data.forms} />}
    </View>
  );
}

function One({ trend }: { trend: Trend }) {
  const { title, unit, digits, points, aim, sentence } = trend;
  const format = (value: number): string => formatNumber(value, digits);
  const spoken = phrases.trendInWords(
    title,
    unit,
    points.map(({ value }) => format(value)),
  );
  return (
    <View role="group" aria-label={title} style={{ gap: 4 }}>
      <Heading level={2}>{title}</Heading>
      <Sentence text={sentence} />
      {points.length < 2 ? (
        <Small>{phrases.oneBatchSoFar(format(points[0].value), unit)}</Small>
      ) : (
        <Measured>
          {(width) => (
            <Suspense fallback={<View style={{ height: HIGH_PX }} />}>
              <TrendChart
                values={points.map(({ value }) => value)}
                aim={aim}
                label={spoken}
                width={Math.min(width, 640)}
                format={format}
              />
            </Suspense>
          )}
        </Measured>
      )}
      <Small>{phrases.trendAxis(unit, points.length, aim)}</Small>
    </View>
  );
}

/** What came out, by form: a bar of those that were right, and the rest. */
function Forms({ forms }: { forms: readonly FormOutcomes[] }) {
  const p = usePalette();
  return (
    <View role="group" aria-label={phrases.OUTCOMES_BY_FORM} style={{ gap: 10 }}>
      <Heading level={2}>{phrases.OUTCOMES_BY_FORM}</Heading>
      {forms.map(({ form, batches, right, sentence }) => (
        <View key={form} style={{ gap: 2 }}>
          <Sentence text={sentence} />
          <View
            aria-hidden
            style={{ flexDirection: 'row', height: 10, borderWidth: 1, borderColor: p.ink, maxWidth: 640 }}
          >
            <View style={{ width: `${(100 * right) / batches}%`, backgroundColor: p.leek }} />
          </View>
        </View>
      ))}
    </View>
  );
}
