/** What the cook could do instead, the quickest first: minutes, what it needs, what it costs. One tap takes one. */
import { Pressable, View } from 'react-native';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { coolingClock } from '@/core/cooling/clock';
import { type CoolingAlternative } from '@/core/cooling/judged';
import { formatMinutes } from '@/core/units/format';
import { say } from '@/data/notices';
import { useRunTime } from '@/data/run-time';
import { Fold } from '@/ui/parts/fold';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Props = StationProps & { forecast: CoolingForecast };

/** What needs more than the kitchen has comes after what it has. */
const byWhatThereIs = (ways: readonly CoolingAlternative[]): CoolingAlternative[] =>
  [...ways].sort((a, b) => Number(a.isShort) - Number(b.isShort));

/** Folded, where it stands under the curve. */
export function WaysFold(props: Props) {
  const alternatives = byWhatThereIs(props.forecast.alternatives);
  const [first] = alternatives;
  const figure =
    first === undefined || first.minutes === null ? '' : phrases.waysFrom(alternatives.length, first.minutes);
  return (
    <Fold title={phrases.WHAT_ELSE} figure={figure}>
      <WaysList {...props} isUntitled />
    </Fold>
  );
}

export function WaysList(props: Props & { isUntitled?: boolean }) {
  const { batch, forecast, edit, undoStep, touch, isUntitled = false } = props;
  const p = usePalette();
  const onTouch = touch.set;
  const { now, latest } = useRunTime(batch, 20_000);
  const clock = coolingClock(batch, forecast, now, latest);
  const elapsed = clock?.elapsed ?? 0;
  const choose = async (way: CoolingAlternative) => {
    onTouch(null);
    const outcome = await edit(way.change);
    if (outcome.ok)
      say({ text: `${way.label}.`, kind: 'done', action: { label: 'Undo', run: () => undoStep(outcome) } });
  };
  // What has missed its limit is not cooled any better: its answer comes first.
  if (clock !== null && clock.missed.length > 0) return null;
  return (
    <View>
      {!isUntitled && (
        <View style={{ paddingBottom: 8 }}>
          <Heading level={3}>{phrases.WHAT_ELSE}</Heading>
        </View>
      )}
      {elapsed > 1 && <Small>{phrases.MINUTES_FROM_NOW}</Small>}
      {forecast.alternatives.length === 0 && <Small role="status">{phrases.ALTERNATIVES_COMING}</Small>}
      {forecast.leftOut > 0 && <Small>{phrases.leftOut(forecast.leftOut)}</Small>}
      {byWhatThereIs(forecast.alternatives).map((way) => {
        const inTime = way.minutes !== null && way.stages.every((stage) => stage.ok);
        // From now, where the clock runs.
        const minutes = way.minutes === null ? 'never' : formatMinutes(Math.max(0, way.minutes - elapsed));
        const loss = phrases.losesSteam(way.evaporatedG);
        return (
          <Pressable
            key={way.id}
            role="button"
            aria-label={phrases.wayInWords(way.label, minutes, inTime, way.needs, loss)}
            onPress={() => void choose(way)}
            onPressIn={() => onTouch(way.id)}
            onPressOut={() => onTouch(null)}
            onHoverIn={() => onTouch(way.id)}
            onHoverOut={() => onTouch(null)}
            onFocus={() => onTouch(way.id)}
            onBlur={() => onTouch(null)}
            style={{
              minHeight: TOUCH,
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
              borderTopWidth: 1,
              borderTopColor: p.rule,
              paddingVertical: 6,
            }}
          >
            <View style={{ flex: 1 }}>
              <Body>{way.label}</Body>
              <Small>
                {way.needs}; {loss}
              </Small>
            </View>
            <View style={{ alignItems: 'flex-end' }}>
              <Strong style={{ color: inTime ? p.ink : p.beet }}>{minutes}</Strong>
              {!inTime && way.minutes !== null && <Small style={{ color: p.beet }}>too late</Small>}
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}
