/** Rounds cut from a sheet: how large it is rolled, how many come of it, and with which cutter. */
import { View } from 'react-native';
import Svg, { Circle, Rect } from 'react-native-svg';
import { sizeOf } from '@/core/forms/skins';
import { type LengthUnit } from '@/core/units/lengths';
import { LIMITS } from '@/core/vocabulary/limits';
import { type WrapperMaking } from '@/core/wrapper/making';
import { LengthField } from '@/ui/parts/length-field';
import { Measured } from '@/ui/parts/measured';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type DoughProps } from './dough-props';
import * as phrases from './words';

type Layout = NonNullable<WrapperMaking['layout']>;

export function SheetOfRounds({ batch, kitchen, plan, edit }: DoughProps) {
  const { sheet, skin } = batch.wrap;
  const diameterMm = sizeOf(skin, 'diameterMm');
  if (skin.shape !== 'round' || diameterMm === undefined || !plan.amounts) return null;
  if (sheet === null)
    return (
      <View style={{ alignItems: 'flex-start', gap: 6 }}>
        <Press
          title={phrases.CUT_ROUNDS_INSTEAD}
          onPress={() => void edit({ do: 'setWrap', to: { sheet: { lengthMm: 400, widthMm: 300 } } }, 'sheet')}
        />
      </View>
    );
  const { layout } = plan;
  return (
    <View style={{ gap: 8 }}>
      <Heading level={3}>{phrases.ROUNDS_FROM_SHEET}</Heading>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 10 }}>
        {(['lengthMm', 'widthMm'] as const).map((key) => (
          <LengthField
            key={key}
            label={key === 'lengthMm' ? phrases.ROLLED_LONG : phrases.ROLLED_WIDE}
            unit={kitchen.lengths}
            mm={sheet[key]}
            {...LIMITS.sheetMm}
            step={10}
            onChange={(mm) =>
              mm !== null && edit({ do: 'setWrap', to: { sheet: { ...sheet, [key]: mm } } }, `sheet-${key}`)
            }
          />
        ))}
      </View>
      {layout && (
        <>
          <Body>
            {phrases.roundsCut(
              layout.count,
              diameterMm,
              kitchen.lengths,
              layout.kind,
              layout.trimmingsShare,
              layout.rerolled,
              layout.sheetsNeeded,
            )}
          </Body>
          <Measured>
            {(width) => (
              <Rounds {...{ layout, sheet, diameterMm }} lengths={kitchen.lengths} width={Math.min(width, 300)} />
            )}
          </Measured>
          <Cutter
            cutterMm={layout.cutterMm}
            diameterMm={diameterMm}
            lengths={kitchen.lengths}
            onTake={(taken) =>
              void edit({ do: 'setWrap', to: { skin: { shape: 'round', diameterMm: taken } } }, 'cutter')
            }
          />
        </>
      )}
      <Press
        title={phrases.ROLL_EVERY_PIECE}
        onPress={() => void edit({ do: 'setWrap', to: { sheet: null } }, 'sheet')}
      />
    </View>
  );
}

interface CutterProps {
  /** The nearest there is, mm across; null where the kitchen has named none. */
  cutterMm: number | null;
  diameterMm: number;
  lengths: LengthUnit;
  onTake: (cutterMm: number) => void;
}

function Cutter({ cutterMm, diameterMm, lengths, onTake }: CutterProps) {
  if (cutterMm === null) return <Small>{phrases.CUTTERS_ARE_KEPT}</Small>;
  if (cutterMm === diameterMm) return <Small>{phrases.cutterIsRight(cutterMm, lengths)}</Small>;
  return (
    <>
      <Small>{phrases.nearestCutter(cutterMm, lengths)}</Small>
      <Press title={phrases.takeCutter(cutterMm, lengths)} onPress={() => onTake(cutterMm)} />
    </>
  );
}

interface RoundsProps {
  layout: Layout;
  sheet: { lengthMm: number; widthMm: number };
  diameterMm: number;
  lengths: LengthUnit;
  width: number;
}

/** The sheet from above, to scale. */
function Rounds({ layout, sheet, diameterMm, lengths, width }: RoundsProps) {
  const p = usePalette();
  // The longer side lies across.
  const scale = width / Math.max(sheet.lengthMm, sheet.widthMm);
  const isTurned = sheet.lengthMm >= sheet.widthMm;
  const [w, h] = isTurned ? [sheet.lengthMm, sheet.widthMm] : [sheet.widthMm, sheet.lengthMm];
  return (
    <View role="img" aria-label={phrases.roundsOnSheet(layout.count, w, h, lengths)}>
      <Svg width={w * scale} height={h * scale} aria-hidden>
        <Rect
          x={1}
          y={1}
          width={w * scale - 2}
          height={h * scale - 2}
          fill={p.faint}
          stroke={p.ink}
          strokeWidth={1.5}
        />
        {layout.centres.map(([x, y]) => (
          <Circle
            key={`${x} ${y}`}
            cx={(isTurned ? y : x) * scale}
            cy={(isTurned ? x : y) * scale}
            r={(diameterMm / 2) * scale}
            fill={p.dough}
            stroke={p.ink}
            strokeWidth={1.2}
          />
        ))}
      </Svg>
    </View>
  );
}
