/** The checks that belong to a station, each with what shows it best. */
import { type CheckId, type Fix } from '@/core/checks/check';
import { type Outcome } from '@/data/hooks';
import { say } from '@/data/notices';
import { CheckBar } from '@/ui/parts/check-bar';
import { checkElement } from '@/ui/parts/check-body';
import { CheckPanel } from '@/ui/parts/check-panel';
import { Measured } from '@/ui/parts/measured';
import { WaterLine } from '@/ui/parts/water-line';
import { useWide } from '@/ui/shell/use-wide';
import { type Station, STATIONS } from '../stations';
import { Cool } from './cool';
import { type StationProps } from './station-props';
import { Wrap } from './wrap';

interface Props extends StationProps {
  station: Station;
  /** What is offered is of the batch as it was. */
  isStale: boolean;
}

export function StationChecks({ station, isStale, ...props }: Props) {
  const wide = useWide();
  const { assessment, edit, undoStep } = props;
  const onFix = async (check: CheckId, fix: Fix) => {
    const outcome: Outcome = await edit([...fix.change]);
    if (!outcome.ok) return;
    // The button that was pressed is gone: what it changed is read next.
    document.getElementById(checkElement(check))?.focus();
    // The notice takes back this edit, whatever has been done since.
    say({ text: `${fix.label}.`, kind: 'done', action: { label: 'Undo', run: () => undoStep(outcome) } });
  };
  // On a phone the list is what one comes to Fill for: there its two verdicts are bars.
  const Panel = station === 'fill' && !wide ? CheckBar : CheckPanel;
  return STATIONS[station].checks.map((check) => (
    <Panel
      key={check}
      check={assessment.checks[check]}
      isStale={isStale}
      isShort={!wide}
      onFix={(fix) => void onFix(check, fix)}
    >
      <Picture check={check} wide={wide} {...props} />
    </Panel>
  ));
}

/** What shows a check best, in its panel. */
function Picture({ check, wide, ...props }: StationProps & { check: CheckId; wide: boolean }) {
  const { batch, assessment } = props;
  // On a phone the curve is the first thing to see at Cool; on a wide screen it has its own column.
  if (check === 'cooling' && !wide) return <Cool {...props} part="curve" />;
  if (batch.lines.length === 0) return null;
  if (check === 'fit' && wide) return <Wrap {...props} part="scales" />;
  if (check !== 'moisture') return null;
  return (
    <Measured>
      {(width) => (
        <WaterLine
          ledger={assessment.ledger}
          sources={assessment.sources}
          figures={assessment.moisture}
          width={width}
        />
      )}
    </Measured>
  );
}
