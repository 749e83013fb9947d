/** Version 7: cooking is a list of steps, each in a medium of its own. */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What each method of version 6 was cooked in. */
const MEDIUM: Readonly<Record<string, string>> = {
  steam: 'steam',
  boil: 'water',
  bake: 'oven',
  fry: 'oil',
  griddle: 'griddle',
};
const IS_SET: readonly string[] = ['oven', 'oil', 'griddle'];

function cookOf({ mediumC, minutes, ...cook }: Json): Json {
  const medium = MEDIUM[String(cook.method)] ?? 'oven';
  const step = { medium, mediumC: IS_SET.includes(medium) ? mediumC : null, minutes, turn: false };
  // On a griddle they were turned half-way, though nobody wrote it down.
  if (medium !== 'griddle' || typeof minutes !== 'number') return { ...cook, steps: [step] };
  const half = { ...step, minutes: minutes / 2 };
  return { ...cook, steps: [half, { ...half, turn: true }] };
}

export const toVersion7 = (document: Json): Json => ({
  ...document,
  version: 7,
  cook: isObject(document.cook) ? cookOf(document.cook) : document.cook,
});
