/** What parcels are cooked in or on, as a kitchen owns it: by its size and by how strongly it heats. */
import { idsOf, recordsOf } from './records';

interface ApplianceRecord {
  label: string;
  /** The usual one, mm; round ones are as long as they are wide. House estimates of household sizes. */
  usual: { isRound: boolean; longMm: number; wideMm: number; deepMm: number; tiers: number };
  /** What the hob gives to it, W; null where there is no hob under it. House estimates: pan on a medium, pot on a full flame. */
  usualPowerW: number | null;
  /** It holds oil or water that parcels swim in. */
  isPot: boolean;
  /** Parcels lie in it on several floors. */
  hasTiers: boolean;
}

const FLAT = { isPot: false, hasTiers: false };

export const APPLIANCES = recordsOf<ApplianceRecord>()({
  oven: {
    label: 'oven tray',
    usual: { isRound: false, longMm: 400, wideMm: 340, deepMm: 20, tiers: 1 },
    usualPowerW: null,
    isPot: false,
    hasTiers: true,
  },
  pan: {
    label: 'pan',
    usual: { isRound: true, longMm: 260, wideMm: 260, deepMm: 50, tiers: 1 },
    usualPowerW: 700,
    ...FLAT,
  },
  pot: {
    label: 'pot',
    usual: { isRound: true, longMm: 220, wideMm: 220, deepMm: 130, tiers: 1 },
    usualPowerW: 1500,
    isPot: true,
    hasTiers: false,
  },
  steamer: {
    label: 'steamer',
    usual: { isRound: true, longMm: 230, wideMm: 230, deepMm: 70, tiers: 2 },
    usualPowerW: null,
    isPot: false,
    hasTiers: true,
  },
});
export type ApplianceKind = keyof typeof APPLIANCES;
export const APPLIANCE_KINDS = idsOf(APPLIANCES);

/** What a kitchen is taken to own until it says otherwise: one of each, of the usual size. */
export const FIRST_APPLIANCES = APPLIANCE_KINDS.map((kind) => ({
  id: `${kind}-1`,
  name: APPLIANCES[kind].label,
  kind,
  ...APPLIANCES[kind].usual,
  powerW: null as number | null,
  heats: [] as never[],
}));
