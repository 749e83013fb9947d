/** What a line of the list is given, closed or open for editing. */
import { type Line } from '@/core/stored/schema';
import { type StationProps } from '../station-props';

export interface LineProps extends StationProps {
  line: Line;
  /** g of water of the wettest line: the bar's full width. */
  widest: number;
  /** Open for editing. Kept by the station: a line that goes to another stage stays open. */
  open: boolean;
  onOpen: (open: boolean) => void;
}
