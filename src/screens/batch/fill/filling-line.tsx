/** One line of the filling: name, preparation, amount and the water it brings; tapped, it opens for editing. */
import { Pressable, View } from 'react-native';
import { type Line } from '@/core/batch/schema';
import { STAGES } from '@/core/batch/vocabulary';
import { ingredientById } from '@/core/food/catalogue';
import { preparation, preparationsOf } from '@/core/food/preparations';
import { formatFraction, formatNumber } from '@/core/units/amount';
import { dimensionOf, LINE_UNITS, unitLabel } from '@/core/units/units';
import { AmountField } from '@/ui/parts/amount-field';
import { Disc } from '@/ui/parts/disc';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { STAGE_WORDS } from '../../words';
import { type StationProps } from '../station-props';

interface Props extends StationProps {
  line: Line;
  /** g of water of the wettest line: the bar's full width. */
  widest: number;
  /** Open for editing. Kept by the station: a line that goes to another stage stays open. */
  open: boolean;
  onOpen: (open: boolean) => void;
}

const SPOONS: readonly string[] = ['tsp', 'tbsp', 'cup'];

/** `1½ tbsp`, `420 g` */
const amountText = ({ amount, unit }: Line): string =>
  `${SPOONS.includes(unit) && Math.abs(amount * 8 - Math.round(amount * 8)) < 0.01 ? formatFraction(amount) : formatNumber(amount)} ${unitLabel(unit)}`;

export function FillingLine(props: Props) {
  const { line, widest, assessment, edit, open, onOpen } = props;
  const p = usePalette();
  const ingredient = ingredientById(line.ingredientId);
  const prep = ingredient && preparation(ingredient.wetness, line.preparation);
  const row = assessment.ledger.lines.find((l) => l.lineId === line.id);
  const salt = assessment.salt.lines.find((l) => l.lineId === line.id)?.grams ?? 0;
  const findings = assessment.findings.filter((finding) => finding.lineId === line.id);
  const name = ingredient?.name ?? line.ingredientId;
  const words = [
    prep && ingredient.wetness !== 'dry' ? prep.label : '',
    line.note,
    salt >= 0.5 && ingredient?.id !== 'salt' ? `counts ${formatNumber(salt, 1)} g salt` : '',
    ingredient ? '' : 'not in the larder: counts nothing',
  ].filter((word) => word !== '');
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.rule }}>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${name}, ${amountText(line)}. ${words.join(', ')}`}
        onPress={() => onOpen(!open)}
        style={{ minHeight: TOUCH, paddingVertical: 7, gap: 6, justifyContent: 'center' }}
      >
        <View style={{ flexDirection: 'row', gap: 10 }}>
          <Body style={{ flex: 1 }}>
            <Strong>{name}</Strong> <Small>{words.join(', ')}</Small>
          </Body>
          <Strong>{amountText(line)}</Strong>
        </View>
        <View style={{ height: 6, backgroundColor: p.faint }}>
          <View style={{ height: 6, width: `${(100 * (row?.brings ?? 0)) / widest}%`, backgroundColor: p.steam }} />
        </View>
      </Pressable>
      {findings.map((finding) => (
        <View key={finding.text} style={{ flexDirection: 'row', alignItems: 'center', gap: 10, paddingBottom: 8 }}>
          <Disc state="watch" size={16} />
          <Small style={{ flex: 1 }}>{finding.text}</Small>
          {finding.fix && <Press title={finding.fix.label} onPress={() => edit(finding.fix?.change ?? [])} />}
        </View>
      ))}
      {open && <LineEditor {...props} onClose={() => onOpen(false)} />}
    </View>
  );
}

function LineEditor({ line, edit, onClose }: Props & { onClose: () => void }) {
  const ingredient = ingredientById(line.ingredientId);
  const name = ingredient?.name ?? line.ingredientId;
  const change = (to: Partial<Omit<Line, 'id'>>, what: string) =>
    edit({ do: 'changeLine', id: line.id, to }, `${line.id}-${what}`);
  const preparations = ingredient ? preparationsOf(ingredient.wetness) : [];
  const loses = ingredient ? preparation(ingredient.wetness, line.preparation).yield < 1 : false;
  return (
    <View style={{ gap: 14, paddingTop: 6, paddingBottom: 16 }}>
      <AmountField
        label={`Amount of ${name.toLowerCase()}`}
        unit={unitLabel(line.unit)}
        value={line.amount}
        least={0.01}
        most={dimensionOf(line.unit) === 'mass' && line.unit === 'g' ? 20_000 : 5000}
        step={line.unit === 'g' || line.unit === 'ml' ? 10 : 0.5}
        onChange={(amount) => amount !== null && change({ amount }, 'amount')}
      />
      <Choices
        label="Unit"
        value={line.unit}
        options={LINE_UNITS.map((value) => ({ value, label: unitLabel(value) }))}
        onChange={(unit) => change({ unit }, 'unit')}
      />
      {preparations.length > 1 && (
        <Choices
          label="Preparation"
          value={line.preparation}
          options={preparations.map(({ id, label }) => ({ value: id, label }))}
          onChange={(id) => change({ preparation: id }, 'preparation')}
        />
      )}
      {loses && (
        <Choices
          label="The amount is weighed"
          value={line.weighed}
          options={[
            { value: 'raw', label: 'before preparing' },
            { value: 'ready', label: 'as it goes in' },
          ]}
          onChange={(weighed) => change({ weighed }, 'weighed')}
        />
      )}
      <Choices
        label="Goes in"
        value={line.stage}
        options={STAGES.map((value) => ({ value, label: STAGE_WORDS[value].title }))}
        onChange={(stage) => change({ stage }, 'stage')}
      />
      <TextField label="Your own words" value={line.note} onChange={(note) => change({ note }, 'note')} most={500} />
      <View style={{ flexDirection: 'row', gap: 4 }}>
        <IconPress
          icon="arrow-up"
          label={`Move ${name} up`}
          onPress={() => edit({ do: 'moveLine', id: line.id, by: -1 })}
        />
        <IconPress
          icon="arrow-down"
          label={`Move ${name} down`}
          onPress={() => edit({ do: 'moveLine', id: line.id, by: 1 })}
        />
        <IconPress
          icon="trash-can-outline"
          label={`Take ${name} out`}
          onPress={() => edit({ do: 'removeLine', id: line.id })}
        />
        <View style={{ flex: 1 }} />
        <IconPress icon="check" label={`Close ${name}`} onPress={onClose} />
      </View>
    </View>
  );
}
