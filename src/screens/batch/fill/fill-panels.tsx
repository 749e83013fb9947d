/** What stands folded under the list of Fill. */
import { View } from 'react-native';
import { useWide } from '@/ui/shell/use-wide';
import { type StationProps } from '../station-props';
import { BinderTable } from './binder-table';
import { FatLine } from './fat-line';
import { LedgerFold } from './ledger-table';
import { PanPanel } from './pan-panel';
import { ScalePanel } from './scale-panel';
import { SeasonPanel } from './season-panel';

export function FillPanels(props: StationProps) {
  const wide = useWide();
  return (
    <View>
      <PanPanel {...props} />
      <SeasonPanel {...props} />
      <BinderTable {...props} />
      <FatLine fat={props.assessment.fat} />
      <ScalePanel {...props} />
      {!wide && <LedgerFold {...props} />}
    </View>
  );
}
