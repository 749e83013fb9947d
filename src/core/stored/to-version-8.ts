/** Version 8: cooking knows what it is done in, how many at once, what is poured in, and when each load went into the heat. */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const NOTHING_SAID = { applianceId: null, load: null, liquidG: null, flame: 'turned-up', run: null, earlierRuns: [] };
/** A lace was told by its steps alone: so much starch went into its water, g. */
const LACE_G = 4;

/** Seared for a minute and a half, steamed for seven: as the plan with a slurry had it. */
const isLace = (method: unknown, steps: readonly unknown[]): boolean => {
  const [first, second, ...more] = steps;
  return (
    method === 'sear' &&
    more.length === 1 &&
    isObject(first) &&
    isObject(second) &&
    first.minutes === 1.5 &&
    second.medium === 'pan-steam' &&
    second.minutes === 7
  );
};

function cookOf(cook: Json): Json {
  const { method, steps } = cook;
  if (!Array.isArray(steps)) return { ...cook, ...NOTHING_SAID };
  const starchG = isLace(method, steps) ? LACE_G : 0;
  return {
    ...cook,
    ...NOTHING_SAID,
    steps: (steps as unknown[]).map((step) =>
      isObject(step) ? { ...step, waterG: null, starchG: step.medium === 'pan-steam' ? starchG : 0 } : step,
    ),
  };
}

export const toVersion8 = (document: Json): Json => ({
  ...document,
  version: 8,
  cook: isObject(document.cook) ? cookOf(document.cook) : document.cook,
});
