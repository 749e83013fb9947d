/** The kinds of changes that mend a wet filling, in the order in which a cook would think of them, and how many of each are offered. */
export const GROUPS = {
  fruit: 1,
  thicken: 1,
  mix: 1,
  squeeze: 2,
  fry: 1,
  'cook-off': 1,
  less: 1,
  together: 1,
  treat: 1,
  own: 1,
  bind: 2,
} as const;
export type Group = keyof typeof GROUPS;
export const GROUP_IDS = Object.keys(GROUPS) as Group[];
/** These belong to the dish as it is made anyway: among them what mends most comes first. */
export const OF_THE_DISH: readonly string[] = ['mix', 'squeeze', 'fry', 'cook-off', 'less'];
