/** What a filling cools in. */
import { idsOf, recordsOf } from './records';

interface VesselRecord {
  label: string;
  /** The usual one: its floor, cm², and how deep it is, mm. House estimates of household sizes. Null where there is none. */
  usual: { areaCm2: number; deepMm: number } | null;
  /** A filling can be spread in it. */
  isSpreadable: boolean;
  /** Round, with a wall that gives off heat. */
  isRound: boolean;
  /** Its size follows from what is in it. */
  followsMass: boolean;
}

const ANGULAR = { isRound: false, followsMass: false };
const ROUND = { isRound: true, followsMass: false };

export const VESSELS = recordsOf<VesselRecord>()({
  pan: {
    label: 'the pan it was cooked in',
    usual: null,
    isSpreadable: false,
    isRound: true,
    followsMass: true,
  },
  tray: { label: 'baking tray', usual: { areaCm2: 1200, deepMm: 22 }, isSpreadable: true, ...ANGULAR },
  dish: { label: 'shallow dish', usual: { areaCm2: 600, deepMm: 60 }, isSpreadable: true, ...ANGULAR },
  bowl: { label: 'bowl', usual: { areaCm2: 330, deepMm: 130 }, isSpreadable: false, ...ROUND },
  pot: { label: 'pot', usual: { areaCm2: 310, deepMm: 160 }, isSpreadable: false, ...ROUND },
  bag: { label: 'bag, laid flat', usual: { areaCm2: 520, deepMm: 60 }, isSpreadable: true, ...ANGULAR },
  own: { label: 'your own', usual: null, isSpreadable: true, ...ANGULAR },
});
export const VESSEL_IDS = idsOf(VESSELS);

/** The kinds that have a usual size. */
export const USUAL_VESSELS = VESSEL_IDS.flatMap((kind) => {
  const { label, usual } = VESSELS[kind];
  return usual === null ? [] : [{ kind, label, ...usual }];
});

/** What a kitchen is taken to own until it says otherwise: two trays and a dish of the usual sizes. */
export const FIRST_VESSELS = (['tray', 'tray', 'dish'] as const).flatMap((kind, i) =>
  USUAL_VESSELS.filter((v) => v.kind === kind).map(({ label, ...usual }) => ({
    id: `${kind}-${i + 1}`,
    name: label,
    ...usual,
  })),
);
