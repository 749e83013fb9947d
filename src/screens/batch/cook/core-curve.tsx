/** How the middle heats, with the limit and the planned time. */
import { crustOf } from '@/core/checks/crust';
import { bandOf } from '@/core/checks/spread-band';
import { countedInHeat } from '@/core/cooking/load-evidence';
import { loadAtHand } from '@/core/stored/cook-runs';
import { crustWords } from '@/core/checks/crust-words';
import { spreadWords } from '@/core/checks/spread-words';
import { plannedMinutes } from '@/core/stored/cooking';
import { MEDIA } from '@/core/vocabulary/media';
import { type CookStep } from '@/core/vocabulary/media/step';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { View } from 'react-native';
import { Curve, CurveRoom } from '@/ui/curve';
import { Reasons } from '@/ui/parts/reasons';
import { Heading, Small } from '@/ui/parts/text';
import { useWide } from '@/ui/shell/use-wide';
import { type ShownProps } from '../station-props';
import { HeatSection } from './heat-section';
import { SpreadLine } from './spread-line';
import * as phrases from './words';

const HEIGHT = 270;

/** The curve; on a wide screen also what it was worked out from, which has room there. */
export function CurveAndReasons(props: ShownProps) {
  const wide = useWide();
  const { core } = props.assessment.checks;
  return (
    <View style={{ gap: 18 }}>
      <CoreCurve {...props} />
      {wide && core.why.length > 0 && (
        <View style={{ gap: 8 }}>
          <Heading level={3}>{phrases.WORKED_OUT_FROM}</Heading>
          <Reasons why={core.why} />
        </View>
      )}
    </View>
  );
}

function CoreCurve({ batch, assessment, kitchen }: ShownProps) {
  const forecast = assessment.heat?.core;
  if (!forecast) return assessment.checks.core.pending ? <CurveRoom height={HEIGHT} /> : null;
  const crust = crustWords(batch, forecast);
  const inScale = (c: number): string => formatTemperature(c, kitchen.temperature);
  const middle = forecast.at === 'centre';
  const limit = middle
    ? phrases.safeFrom(inScale(forecast.targetC))
    : phrases.cookedThroughFrom(inScale(forecast.targetC));
  return (
    <View style={{ gap: 8 }}>
      <Heading level={2}>{phrases.HOW_MIDDLE_HEATS}</Heading>
      <Curve
        points={forecast.samples.map((s) => ({
          minute: s.minute,
          main: middle ? s.centreC : s.wrapperC,
          second: middle ? s.wrapperC : s.centreC,
        }))}
        labels={
          middle
            ? { main: phrases.MIDDLE_OF_FILLING, second: phrases.INSIDE_OF_SKIN }
            : { main: phrases.INSIDE_OF_SKIN, second: phrases.MIDDLE_OF_FILLING }
        }
        label={phrases.forecastReaches(inScale(forecast.targetC), forecast.minutes)}
        height={HEIGHT}
        target={{ c: forecast.targetC, side: 'above', text: limit }}
        marks={[...marksOf(batch.cook.steps), ...crustMarks(crustOf(batch, forecast))]}
        band={bandOf(forecast, batch.cook.steps.length)}
        dots={countedInHeat(batch, loadAtHand(batch.cook))}
        yMax={100}
        yMin={Math.min(0, forecast.samples[0].centreC)}
        formatC={inScale}
      />
      <HeatSection batch={batch} assessment={assessment} kitchen={kitchen} forecast={forecast} />
      {crust !== null && <Small>{crust}</Small>}
      {forecast.leastDoneMinutes !== null && (
        <SpreadLine words={spreadWords(forecast, batch.count, kitchen.temperature)} />
      )}
    </View>
  );
}

/** Where each step after the first begins, and where the plan ends. */
function marksOf(steps: readonly CookStep[]): { minute: number; text: string; kind: 'plan' | 'step' }[] {
  const begins = steps.slice(1).map((step, i) => ({
    minute: plannedMinutes({ steps: steps.slice(0, i + 1) }),
    text: step.turn ? 'turned' : MEDIA[step.medium].label,
    kind: 'step' as const,
  }));
  const minute = plannedMinutes({ steps });
  return [...begins, { minute, text: `planned ${formatMinutes(minute)}`, kind: 'plan' }];
}

/** When the crust is brown, and too brown. */
function crustMarks(crust: ReturnType<typeof crustOf>): { minute: number; text: string; kind: 'crust' }[] {
  if (crust === null) return [];
  const { brownAt, burntAt } = crust;
  return [
    ...(brownAt === null ? [] : [{ minute: brownAt, text: 'brown', kind: 'crust' as const }]),
    ...(burntAt === null ? [] : [{ minute: burntAt, text: 'too brown', kind: 'crust' as const }]),
  ];
}
