/** A mat on screen and on paper: SVG sized in millimetres. */
import { View } from 'react-native';
import Svg, { G, Path, Text as SvgText } from 'react-native-svg';
import { type Mat, type MatStroke } from '@/core/print/mat';
import { SANS } from '@/ui/theme/theme';
import * as phrases from './words';

export function LifeSize({ mat, strokes }: { mat: Mat; strokes: Readonly<Record<string, MatStroke>> }) {
  return (
    <View role="img" aria-label={phrases.lifeSize(mat.pieces.map((piece) => piece.words))}>
      <Svg
        width={`${mat.widthMm}mm`}
        height={`${mat.heightMm}mm`}
        viewBox={`0 0 ${mat.widthMm} ${mat.heightMm}`}
        aria-hidden
      >
        {mat.pieces.map(({ x, y, lines, words, below }) => (
          <G key={words} transform={`translate(${x} ${y})`}>
            {lines.map(({ kind, path }) => {
              const { width, dash } = strokes[kind];
              return (
                <Path
                  key={kind}
                  d={path}
                  fill="none"
                  stroke="#000"
                  strokeWidth={width}
                  strokeDasharray={dash ?? undefined}
                />
              );
            })}
            <SvgText x={0} y={below} fontFamily={SANS} fontSize={4} fill="#000" textAnchor="middle">
              {words}
            </SvgText>
          </G>
        ))}
        <Path d={mat.ruler} fill="none" stroke="#000" strokeWidth={0.3} />
        <SvgText x={mat.rulerWords.x} y={mat.rulerWords.y} fontFamily={SANS} fontSize={4} fill="#000">
          {mat.rulerWords.text}
        </SvgText>
      </Svg>
    </View>
  );
}
