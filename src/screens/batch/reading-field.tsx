/** A reading typed in the kitchen's scale. What is no temperature of food is said beside it; nothing is lost. */
import { useState } from 'react';
import { View } from 'react-native';
import { parseAmount } from '@/core/units/amount';
import { convert } from '@/core/units/units';
import { Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { useRefusal } from '@/ui/parts/use-refusal';
import * as phrases from './words';

interface Props {
  label: string;
  scale: 'C' | 'F';
  /** What a thermometer in food can show, °C: the document's own limits. */
  least: number;
  most: number;
  /** What it is a temperature of, and one that would do, °C. */
  of: string;
  likeC: number;
  /** May give back what became of it: where it is refused, what was typed stays. */
  onRead: (c: number) => unknown;
}

export function ReadingField({ label, scale, least, most, of, likeC, onRead }: Props) {
  const { value: text, type, handedOver } = useHandedOver('');
  const [problem, setProblem] = useState<string | null>(null);
  const { refusal, answered } = useRefusal();
  const record = () => {
    const minus = /^\s*[-−]/.test(text);
    const amount = parseAmount(text.replace(/[-−]/, ''));
    const c = amount === null ? null : convert(minus ? -amount : amount, scale, 'C');
    if (c === null || c < least || c > most) {
      setProblem(phrases.cannotBe(text, of, likeC, scale));
      return;
    }
    setProblem(null);
    const answer = onRead(Math.round(c * 10) / 10);
    answered(answer);
    handedOver(answer);
  };
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <TextField
            label={`${label}, °${scale}`}
            value={text}
            onChange={(value) => {
              type(value);
              setProblem(null);
            }}
            onSubmit={record}
            decimal
            problem={problem ?? refusal}
          />
        </View>
        <View style={{ paddingTop: 20 }}>
          <Press title="Record" kind="solid" onPress={record} disabled={text.trim() === ''} />
        </View>
      </View>
    </View>
  );
}
