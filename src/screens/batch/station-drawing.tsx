/** What is seen of the parcel at a station: its section, its vessel, its skins; at Note nothing, there it is cut open. */
import { fillAnswer } from '@/core/checks/answer-words';
import { Measured } from '@/ui/parts/measured';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { useWide } from '@/ui/shell/use-wide';
import { type Station } from '../stations';
import { Cool } from './cool';
import { DrawingStrip } from './folded-section';
import { type StationProps } from './station-props';
import { Wrap } from './wrap';

/** Widest that the section is drawn, px. */
const WIDEST = 460;

export function StationDrawing({ station, ...props }: StationProps & { station: Station }) {
  const wide = useWide();
  const { batch, assessment, kitchen } = props;
  if (station === 'note') return null;
  if (station === 'wrap') return <Wrap {...props} part="drawings" />;
  if (station === 'fill' && !wide) return <DrawingStrip {...props} text={fillAnswer(batch, assessment)} />;
  // While it cools, what matters is seen in its vessel.
  if (station === 'cool' && (assessment.heat?.cooling || assessment.checks.cooling.pending))
    return <Cool {...props} part="section" />;
  return (
    <Measured>
      {(width) => (
        <SectionDrawing
          batch={batch}
          assessment={assessment}
          width={Math.min(width, WIDEST)}
          lengths={kitchen.lengths}
        />
      )}
    </Measured>
  );
}
