/** How long work is planned to take, minutes: beside what it really took, as it is typed in where no clock ran. */
import { wrapMinutesOf } from '../cooling/board-clock';
import { plannedMinutes } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Laid } from '../forms/skins';
import { type Dough } from '../wrapper/dough';
import { type Fit } from '../wrapper/fit';
import { wrapperMaking } from '../wrapper/making';

interface PlannedWork {
  load: number;
  wrap: number;
  /** Filled ones rise; null where they do not. */
  rise: number | null;
}

export function plannedWork(
  batch: Batch,
  kitchen: Kitchen,
  { fit, laid, dough }: { fit: Fit; laid: Laid; dough: Dough },
): PlannedWork {
  const { steps } = wrapperMaking(batch, kitchen, fit, laid, dough);
  const rise = steps.find(({ part }) => part === 'filled')?.waitMinutes ?? null;
  return {
    load: plannedMinutes(batch.cook),
    wrap: Math.round(wrapMinutesOf(batch, kitchen)),
    rise: rise === null ? null : Math.round(rise[0]),
  };
}
