/** One line of the filling: tick, name, preparation, amount and the water it brings; tapped, it opens for editing. */
import { lineName } from '@/core/stored/line-name';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { type Line } from '@/core/stored/schema';
import { noteWithoutAmount, shownAmount } from '@/core/filling/shown-amount';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/vocabulary/releases';
import { Disc } from '@/ui/parts/disc';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { LineEditor } from './line-editor';
import { type LineProps } from './line-props';
import { SayWhat } from './say-what';
import * as phrases from './words';

/** Drawn again only when it is open or what it shows has changed: sixty lines stay light. */
export const FillingLine = memo(function FillingLine(props: LineProps) {
  const { batch, kitchen, line, widest, assessment, edit, open, onOpen } = props;
  const ingredient = lookUp(batch.ingredients, line.ingredientId);
  const prep = ingredient && preparation(ingredient.release, line.preparation);
  const brings = assessment.ledger.lines.find((l) => l.lineId === line.id)?.brings ?? 0;
  const salt = assessment.salt.lines.find((l) => l.lineId === line.id)?.grams ?? 0;
  const findings = assessment.findings.filter((finding) => finding.lineId === line.id);
  const name = lineName(line, ingredient?.name);
  const words = [
    prep && ingredient.release !== 'dry' ? prep.label : '',
    line.cut === null ? '' : line.cut,
    noteWithoutAmount(line),
    salt >= 0.5 && ingredient?.id !== 'salt' ? phrases.countsSalt(salt) : '',
    ingredient ? '' : phrases.NOT_IN_LARDER,
  ].filter((word) => word !== '');
  const p = usePalette();
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.rule }}>
      <LineRow
        name={name}
        words={words.join(', ')}
        amount={shownAmount(line, ingredient, kitchen)}
        share={brings / widest}
        ticked={line.ticked}
        open={open}
        onOpen={() => onOpen(!open)}
        onTick={() => edit({ do: 'changeLine', id: line.id, to: { ticked: !line.ticked } })}
      />
      {findings.map((finding) => (
        <View key={finding.text} style={{ flexDirection: 'row', alignItems: 'center', gap: 10, paddingBottom: 8 }}>
          <Disc sign="watch" size={16} />
          <Small style={{ flex: 1 }}>{finding.text}</Small>
          {finding.fix && <Press title={finding.fix.label} onPress={() => edit(finding.fix?.change ?? [])} />}
        </View>
      ))}
      {!ingredient && <SayWhat {...props} />}
      {open && <LineEditor {...props} onClose={() => onOpen(false)} />}
    </View>
  );
}, showsTheSame);

function showsTheSame(a: LineProps, b: LineProps): boolean {
  if (a.open || b.open) return false;
  const fields = Object.keys(b.line) as (keyof Line)[];
  const shown = ({ line, widest, assessment }: LineProps): string => {
    const brings = assessment.ledger.lines.find((l) => l.lineId === line.id)?.brings ?? 0;
    const salt = assessment.salt.lines.find((l) => l.lineId === line.id)?.grams ?? 0;
    const findings = assessment.findings.filter((finding) => finding.lineId === line.id).map((f) => f.text);
    return [Math.round((500 * brings) / widest), salt.toFixed(1), ...findings].join('|');
  };
  if (a.kitchen.amounts !== b.kitchen.amounts) return false;
  return fields.every((field) => a.line[field] === b.line[field]) && shown(a) === shown(b);
}

interface RowProps {
  name: string;
  words: string;
  amount: string;
  /** Its water beside that of the wettest line, 0 to 1. */
  share: number;
  ticked: boolean;
  open: boolean;
  onOpen: () => void;
  onTick: () => void;
}

/** The row is drawn again only when what it shows has changed: sixty lines stay light. */
const LineRow = memo(
  function LineRow({ name, words, amount, share, ticked, open, onOpen, onTick }: RowProps) {
    const p = usePalette();
    return (
      <View style={{ flexDirection: 'row', alignItems: 'center', marginLeft: -10 }}>
        <IconPress
          icon={ticked ? 'checkbox-marked' : 'checkbox-blank-outline'}
          label={ticked ? phrases.takeTickOff(name) : phrases.hasGoneIn(name)}
          onPress={onTick}
        />
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={phrases.lineInFull(name, amount, words)}
          onPress={onOpen}
          style={{ flex: 1, minHeight: TOUCH, paddingVertical: 7, gap: 6, justifyContent: 'center' }}
        >
          <View style={{ flexDirection: 'row', gap: 10 }}>
            <Body style={{ flex: 1 }}>
              <Strong style={ticked ? { color: p.soft } : undefined}>{name}</Strong> <Small>{words}</Small>
            </Body>
            <Strong style={ticked ? { color: p.soft } : undefined}>{amount}</Strong>
          </View>
          <View style={{ height: 6, backgroundColor: p.faint }}>
            <View style={{ height: 6, width: `${Math.round(1000 * share) / 10}%`, backgroundColor: p.steam }} />
          </View>
        </Pressable>
      </View>
    );
  },
  (a, b) =>
    a.name === b.name &&
    a.words === b.words &&
    a.amount === b.amount &&
    Math.abs(a.share - b.share) < 0.002 &&
    a.ticked === b.ticked &&
    a.open === b.open,
);
