/** The parcel cut through and, beside it at the same scale, its skin laid flat; what they show in words. */
import { useMemo } from 'react';
import { View } from 'react-native';
import { wrapAnswer } from '@/core/wrapper/wrap-answer';
import { EDGES } from '@/core/vocabulary/edges';
import { FORMS } from '@/core/forms';
import { type FlatSkin } from '@/core/forms/flat';
import { SHAPES } from '@/core/forms/skins';
import { formatLength } from '@/core/units/lengths';
import { wrapperMaking } from '@/core/wrapper/making';
import { Answer } from '@/ui/parts/answer';
import { Measured } from '@/ui/parts/measured';
import { Small, Strong } from '@/ui/parts/text';
import { FlatDrawing } from '@/ui/section/flat-drawing';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { useWide } from '@/ui/shell/use-wide';
import { type ShownProps } from '../station-props';
import * as phrases from './words';

const GAP_PX = 10;
/** Larger than this nothing is drawn, px for 1 mm. */
const LARGEST = 2.3;
/** Paper about the small section, mm. */
const PAPER_MM = 8;
/** The section of a pan is a slice: it is drawn at its own scale in this share of the width. */
const SLICE_SHARE = 0.42;

export function WrapDrawings({ batch, kitchen, assessment }: ShownProps) {
  const wide = useWide();
  const { fit, laid, dough } = assessment;
  const plan = useMemo(() => wrapperMaking(batch, kitchen, fit, laid, dough), [batch, kitchen, fit, laid, dough]);
  return (
    <View style={{ gap: 10 }}>
      <Answer text={wrapAnswer(batch, kitchen, plan)} />
      {wide && (
        <Measured>
          {(width) => (
            <SectionDrawing
              batch={batch}
              assessment={assessment}
              width={Math.min(width, 460)}
              lengths={kitchen.lengths}
            />
          )}
        </Measured>
      )}
      <Measured>
        {(width) => <Row batch={batch} kitchen={kitchen} assessment={assessment} width={width} withSection={!wide} />}
      </Measured>
      <Legend batch={batch} kitchen={kitchen} assessment={assessment} />
    </View>
  );
}

function Row(props: ShownProps & { width: number; withSection: boolean }) {
  const { batch, kitchen, assessment, width, withSection } = props;
  const { fit, laid } = assessment;
  const form = FORMS[batch.wrap.form];
  const flats = form.flat(fit, laid);
  const section = form.section(fit, laid);
  const isPan = SHAPES[laid.skin.shape].isPan;
  const sectionMm = Math.max(section.widthMm, section.heightMm) + PAPER_MM;
  // Of a pan only what lies below is laid flat here: what lies above is the same without the wall.
  const shown: readonly FlatSkin[] = isPan ? flats.slice(0, 1) : flats;
  const flatMm = shown.reduce((sum, piece) => sum + piece.widthMm, 0);
  const gaps = GAP_PX * shown.length + 8;
  const isShared = withSection && !isPan;
  const slicePx = withSection && isPan ? width * SLICE_SHARE : 0;
  const pxPerMm = Math.min(LARGEST, (width - gaps - slicePx) / (flatMm + (isShared ? sectionMm : 0)));
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: GAP_PX, flexWrap: 'nowrap' }}>
      {shown.map((piece) => (
        <View key={piece.label} style={{ alignItems: 'center' }}>
          <FlatDrawing piece={piece} pxPerMm={pxPerMm} lengths={kitchen.lengths} />
          {shown.length > 1 && <Small style={{ fontSize: 12 }}>{piece.label}</Small>}
        </View>
      ))}
      {withSection && (
        <View style={{ flex: 1, alignItems: 'center' }}>
          <SectionDrawing
            batch={batch}
            assessment={assessment}
            width={isShared ? sectionMm * pxPerMm : slicePx - GAP_PX}
            lengths={kitchen.lengths}
            small
          />
          <Small style={{ fontSize: 12 }}>{section.isSlice ? phrases.SLICE_CUT_THROUGH : 'cut through'}</Small>
        </View>
      )}
    </View>
  );
}

/** What the drawings show, in words. */
function Legend({ batch, kitchen, assessment }: ShownProps) {
  const { wrap } = batch;
  const { fit, portion, laid } = assessment;
  const isPan = SHAPES[laid.skin.shape].isPan;
  const { rimWord } = FORMS[wrap.form];
  const share = Math.round((100 * fit.ratio) / (1 + fit.ratio));
  const items = [
    { name: phrases.fillingOf(wrap.portionG), note: phrases.spoonAndShare(portion.spoon, share) },
    ...(rimWord === null
      ? []
      : [
          {
            name: `${rimWord} ${formatLength(wrap.rimMm, kitchen.lengths)}`,
            note: EDGES[wrap.edge].label,
          },
        ]),
    {
      name: isPan
        ? `${'sheetsBelow' in laid.skin ? `${laid.skin.sheetsBelow} + ${laid.skin.sheetsAbove}` : ''} sheets`
        : `skin ${formatLength(laid.thicknessMm, kitchen.lengths)}`,
      note: phrases.wrapperOf(fit.wrapperG),
    },
  ];
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 18, rowGap: 4 }}>
      {items.map(({ name, note }) => (
        <View key={name}>
          <Strong style={{ fontSize: 15, lineHeight: 20 }}>{name}</Strong>
          <Small style={{ fontSize: 13, lineHeight: 17 }}>{note}</Small>
        </View>
      ))}
    </View>
  );
}
