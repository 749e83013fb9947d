/** The parcel cut open, which is the form: tap the place where something was found. */
import { useId } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import { type Assessment } from '@/core/checks/judgement';
import { type Outcome } from '@/core/stored/note-schema';
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import {
  isGood,
  OUTCOMES,
  type PlaceInParcel,
  PLACE_IN_PARCEL_IDS,
  PLACES_IN_PARCEL,
} from '@/core/vocabulary/outcomes';
import { Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { placesOf } from './places';
import * as phrases from './words';

interface Props {
  batch: Batch;
  assessment: Assessment;
  width: number;
  chosen: PlaceInParcel | null;
  onChoose: (place: PlaceInParcel) => void;
}

const DISC_PX = 46;
/** Where a disc's word stands: beside it, off the parcel where there is room. */
const LABELS: Record<PlaceInParcel, { top?: number; left?: number; bottom?: number }> = {
  middle: { left: DISC_PX },
  bottom: { left: DISC_PX, bottom: 0 },
  top: { left: DISC_PX, top: 0 },
  side: { top: -14 },
  seam: { top: -14 },
};
const LIES_ON_OUTLINE: readonly PlaceInParcel[] = ['side', 'seam'];

/** Paper round the parcel, px; a disc that is tapped. */
const ROUND = 34;
const DISC = DISC_PX;
/** What is wet is hatched so far in, as a share of its height. */
const WET = 0.28;

export function CutOpen({ batch, assessment, width, chosen, onChoose }: Props) {
  const p = usePalette();
  const hatch = useId().replace(/[^a-zA-Z0-9]/g, '');
  const shape = FORMS[batch.wrap.form].section(assessment.fit, batch.wrap);
  const scale = Math.min((width - 2 * ROUND) / shape.widthMm, 230 / shape.heightMm);
  const height = shape.heightMm * scale + 2 * ROUND;
  const foot = { x: (width - shape.widthMm * scale) / 2 + shape.leftMm * scale, y: height - ROUND };
  const places = placesOf(shape);
  const { outcomes } = batch.note;
  const wet = outcomes.find(({ what, where }) => what === 'soggy' && (where === 'bottom' || where === null));
  return (
    <View style={{ width, height }} role="group" aria-label={phrases.cutOpen(FORMS[batch.wrap.form].label)}>
      <Svg width={width} height={height} aria-hidden style={{ position: 'absolute' }}>
        <Defs>
          <Pattern id={hatch} width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
            <Line x1={0} y1={0} x2={0} y2={9} stroke={p.steam} strokeWidth={2} />
          </Pattern>
        </Defs>
        <G transform={`translate(${foot.x} ${foot.y}) scale(${scale})`}>
          <Path d={shape.skin} fill={p.dough} stroke={p.ink} strokeWidth={2 / scale} />
          <Path d={shape.filling} fill={p.filling} stroke={p.ink} strokeWidth={1.6 / scale} />
          <Path d={shape.seam} fill="none" stroke={p.ink} strokeWidth={1 / scale} />
        </G>
        {wet && (
          <Rect
            x={foot.x - shape.leftMm * scale * 0.94}
            y={foot.y - shape.heightMm * scale * WET}
            width={shape.widthMm * scale * (wet.much === 'clearly' ? 0.94 : 0.5)}
            height={shape.heightMm * scale * WET}
            fill={`url(#${hatch})`}
          />
        )}
        <Line x1={0} x2={width} y1={foot.y} y2={foot.y} stroke={p.ink} strokeWidth={1.5} />
      </Svg>
      {PLACE_IN_PARCEL_IDS.map((place) => (
        <Spot
          key={place}
          place={place}
          x={foot.x + places[place].x * scale}
          y={foot.y + places[place].y * scale}
          found={outcomes.filter(({ where }) => where === place)}
          isChosen={chosen === place}
          onChoose={onChoose}
        />
      ))}
    </View>
  );
}

interface SpotProps {
  place: PlaceInParcel;
  x: number;
  y: number;
  found: readonly Outcome[];
  isChosen: boolean;
  onChoose: (place: PlaceInParcel) => void;
}

/** A disc at a place: a ring where nothing was found yet, full where something was, in its colour. */
function Spot({ place, x, y, found, isChosen, onChoose }: SpotProps) {
  const p = usePalette();
  const isFault = found.some(({ what }) => !isGood(what));
  const colour = found.length === 0 ? p.ink : isFault ? p.beet : p.leek;
  const labels = found.map(({ what }) => OUTCOMES[what].label).join(', ');
  const isFull = isFault || isChosen;
  // Over the outline a word stands on a tag of paper.
  const tag = LIES_ON_OUTLINE.includes(place) ? { backgroundColor: p.ground, paddingHorizontal: 4 } : {};
  return (
    <Pressable
      role="button"
      aria-pressed={isChosen}
      aria-label={`${PLACES_IN_PARCEL[place].label}${labels === '' ? '' : `: ${labels}`}`}
      onPress={() => onChoose(place)}
      style={{
        position: 'absolute',
        left: x - DISC / 2,
        top: y - DISC / 2,
        width: DISC,
        height: DISC,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <View
        style={{
          width: 34,
          height: 34,
          borderRadius: 17,
          borderWidth: isChosen ? 4 : 2.5,
          borderColor: colour,
          backgroundColor: isFull ? (isFault ? p.beet : p.ink) : p.paper,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        {found.length > 0 && (
          <Strong style={{ color: isFull ? p.ground : colour, fontSize: 16, lineHeight: 20 }}>{found.length}</Strong>
        )}
      </View>
      <Small aria-hidden style={{ position: 'absolute', fontSize: 12, lineHeight: 14, ...LABELS[place], ...tag }}>
        {PLACES_IN_PARCEL[place].label}
      </Small>
    </Pressable>
  );
}
