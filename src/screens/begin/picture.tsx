/** A thing on the plate, and cut open under it. */
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path } from 'react-native-svg';
import { FORMS } from '@/core/forms';
import { type Batch } from '@/core/stored/schema';
import { sectionOf } from '@/core/wrapper/build';
import { type EverydayId } from '@/core/wrapper/everyday';
import { usePalette } from '@/ui/theme/use-palette';
import { PLATES } from './plates';
import * as phrases from './words';

/** The box that the plates are drawn in. */
const [WIDE, HIGH] = [100, 70];
const TABLE = 62;

export function Picture({ thing, wrap, width }: { thing: EverydayId; wrap: Batch['wrap']; width: number }) {
  return (
    <View aria-hidden style={{ alignItems: 'center', gap: 2 }}>
      <OnThePlate thing={thing} width={width} />
      <CutOpen wrap={wrap} width={width} />
    </View>
  );
}

function OnThePlate({ thing, width }: { thing: EverydayId; width: number }) {
  const p = usePalette();
  const { outline, lines, filling } = PLATES[thing];
  return (
    <Svg width={width} height={(width * HIGH) / WIDE} viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden>
      <Line x1={0} x2={WIDE} y1={TABLE} y2={TABLE} stroke={p.rule} strokeWidth={1} />
      <Path d={outline} fill={p.dough} stroke={p.ink} strokeWidth={1.8} strokeLinejoin="round" />
      {filling !== undefined && <Path d={filling} fill={p.filling} stroke={p.ink} strokeWidth={1.2} />}
      <Path d={lines} fill="none" stroke={p.ink} strokeWidth={1} strokeLinecap="round" />
    </Svg>
  );
}

/** Lower than this it is drawn, as a share of its width. */
const LOW = 0.42;

function CutOpen({ wrap, width }: { wrap: Batch['wrap']; width: number }) {
  const p = usePalette();
  const shape = useMemo(() => sectionOf(wrap), [wrap]);
  const high = width * LOW;
  const scale = Math.min((width * 0.72) / shape.widthMm, (high - 4) / shape.heightMm);
  const left = (width - shape.widthMm * scale) / 2 + shape.leftMm * scale;
  return (
    <Svg width={width} height={high} aria-hidden>
      <G transform={`translate(${left} ${high - 2}) scale(${scale})`}>
        <Path d={shape.skin} fill={p.dough} stroke={p.ink} strokeWidth={1.4 / scale} />
        <Path d={shape.filling} fill={p.filling} stroke={p.ink} strokeWidth={1.1 / scale} />
      </G>
      <Line x1={0} x2={width} y1={high - 1} y2={high - 1} stroke={p.ink} strokeWidth={1} />
    </Svg>
  );
}

/** `Hand pie: two rounds, a crimped rim` as it is read out. */
export const pictureWords = (name: string, also: string, form: keyof typeof FORMS): string =>
  phrases.pictureInWords(name, also, name.toLowerCase().includes(FORMS[form].label), FORMS[form].label);
