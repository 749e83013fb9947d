/** Everything of Wrap, loaded when it is first opened. */
import { type StationProps } from '../station-props';
import { View } from 'react-native';
import { Measured } from '@/ui/parts/measured';
import { BalanceTable } from './balance-table';
import { Scales } from './scales';
import { WrapDrawings } from './wrap-drawings';
import { WrapStation, WrapWork } from './wrap-station';

export type WrapPart = 'drawings' | 'scales' | 'station' | 'balance';

/** Beside the skin on a wide screen: the work. On a phone it is in the station. */
function Aside(props: StationProps) {
  return (
    <View style={{ gap: 24 }}>
      <WrapWork {...props} />
      <BalanceTable {...props} />
    </View>
  );
}

export default function WrapParts({ part, ...props }: StationProps & { part: WrapPart }) {
  if (part === 'drawings') return <WrapDrawings {...props} />;
  if (part === 'scales') return <Measured>{(width) => <Scales {...props} width={Math.min(width, 420)} />}</Measured>;
  return part === 'station' ? <WrapStation {...props} /> : <Aside {...props} />;
}
