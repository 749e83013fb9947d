/** The preparations of a line side by side: what runs, or is wanting, with each, and the minutes it costs. One tap takes one. */
import { type Figures } from '@/core/checks/check';
import { Pressable, View } from 'react-native';
import { type Operation } from '@/core/stored/operations';
import { type PreparationOption } from '@/core/filling/compare-preparations';
import { formatGrams } from '@/core/units/format';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

interface Props {
  options: readonly PreparationOption[];
  /** What the filling is judged by: what is over its edge is marked. */
  figures: Pick<Figures, 'heat' | 'dry'>;
  onTake: (change: Operation) => void;
}

const UNSEEN = 0.05;
const isAbove = (value: number, { band: [, edge] }: Figures['heat']): boolean => edge !== null && value > edge + UNSEEN;

export function PreparationTable({ options, figures: { heat, dry }, onTake }: Props) {
  const p = usePalette();
  if (options.length === 0) return null;
  return (
    <View style={{ gap: 2 }}>
      <Small>{phrases.PREPARATION_TABLE}</Small>
      <View role="radiogroup" aria-label="Preparation">
        {options.map(({ preparation, isTaken, freePer100, dryPer100, finishedG, change, ...minutes }) => {
          const costs = costText(minutes.handsOnMinutes, minutes.waitMinutes);
          const isDry = freePer100 < UNSEEN && dryPer100 >= UNSEEN;
          const free = isDry ? phrases.gramsWanting(dryPer100) : phrases.gramsRun(freePer100);
          const isOver = isDry ? isAbove(dryPer100, dry) : isAbove(freePer100, heat);
          return (
            <Pressable
              key={preparation.id}
              role="radio"
              aria-checked={isTaken}
              aria-label={phrases.preparationInShort(preparation.label, free, costs)}
              onPress={() => !isTaken && onTake(change)}
              style={{
                minHeight: TOUCH,
                flexDirection: 'row',
                alignItems: 'center',
                gap: 10,
                paddingVertical: 4,
                paddingHorizontal: 10,
                borderTopWidth: 1,
                borderTopColor: p.rule,
                backgroundColor: isTaken ? p.ink : 'transparent',
              }}
            >
              <View style={{ flex: 1 }}>
                <Body style={{ color: isTaken ? p.ground : p.ink }}>{preparation.label}</Body>
                <Small style={isTaken ? { color: p.ground } : undefined}>{costs}</Small>
              </View>
              <View style={{ alignItems: 'flex-end' }}>
                <Strong
                  style={{
                    color: isTaken ? p.ground : isOver ? p.beet : p.ink,
                    fontSize: 16,
                  }}
                >
                  {free}
                </Strong>
                <Small style={isTaken ? { color: p.ground } : undefined}>{formatGrams(finishedG)} filling</Small>
              </View>
            </Pressable>
          );
        })}
      </View>
      <Small>{phrases.MINUTES_AND_GRAMS}</Small>
    </View>
  );
}

function costText(handsOn: number, wait: number): string {
  if (handsOn === 0 && wait === 0) return 'no work';
  const parts = [handsOn > 0 ? phrases.ofWork(handsOn) : '', wait > 0 ? phrases.ofWaiting(wait) : ''];
  return parts.filter((part) => part !== '').join(', ');
}
