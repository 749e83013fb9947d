/** What a batch is cooked in: its own choice, or the kitchen's first of the kind. */
import { mainStep } from '../stored/cooking';
import { type Appliance, type ApplianceHeat, type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { APPLIANCES, type ApplianceKind } from '../vocabulary/appliances';
import { MEDIA, type MediumId } from '../vocabulary/media';

type Cook = Pick<Batch['cook'], 'steps' | 'applianceId'>;
type Owned = Pick<Kitchen, 'appliances'>;

/** What kind of thing the main step is done in; null where in nothing. */
export const kindFor = ({ steps }: Pick<Cook, 'steps'>): ApplianceKind | null =>
  MEDIA[mainStep({ steps }).medium].appliance;

/** The usual one of a kind, where the kitchen has none. */
const usualOf = (kind: ApplianceKind): Appliance => ({
  id: '',
  name: `${APPLIANCES[kind].label}, a usual one`,
  kind,
  ...APPLIANCES[kind].usual,
  powerW: null,
  heats: [],
});

/** The kitchen's first of a kind, or a usual one. */
export const applianceOf = (kind: ApplianceKind, { appliances }: Owned): Appliance =>
  appliances.find((a) => a.kind === kind) ?? usualOf(kind);

/** What it is cooked in. Null where in nothing; an id that is not the kitchen's, or of another kind, is the kitchen's first of the kind. */
export function applianceFor(cook: Cook, { appliances }: Owned): Appliance | null {
  const kind = kindFor(cook);
  if (kind === null) return null;
  const ofKind = appliances.filter((a) => a.kind === kind);
  return ofKind.find((a) => a.id === cook.applianceId) ?? ofKind[0] ?? usualOf(kind);
}

/** How it really heats in a medium, where that has been learned; a step in something else goes by the kitchen's first of that kind. */
export function heatOf(medium: MediumId, cook: Cook, kitchen: Owned): ApplianceHeat | null {
  const { appliance: kind } = MEDIA[medium];
  if (kind === null) return null;
  const main = applianceFor(cook, kitchen);
  const used = main?.kind === kind ? main : kitchen.appliances.find((a) => a.kind === kind);
  return used?.heats.find((h) => h.medium === medium) ?? null;
}

/** What its hob gives, W; null where it stands on none. */
export const powerOf = ({ kind, powerW }: Pick<Appliance, 'kind' | 'powerW'>): number | null =>
  powerW ?? APPLIANCES[kind].usualPowerW;
