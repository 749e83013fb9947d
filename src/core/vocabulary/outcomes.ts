/** What came out, at the first bite and on the way there: faults and what was right, and where it can be found in a parcel. */
import { idsOf, recordsOf } from './records';

export const PLACES_IN_PARCEL = recordsOf<{ label: string }>()({
  bottom: { label: 'bottom' },
  top: { label: 'top' },
  side: { label: 'side' },
  seam: { label: 'seam' },
  middle: { label: 'middle' },
});
export type PlaceInParcel = keyof typeof PLACES_IN_PARCEL;
export const PLACE_IN_PARCEL_IDS = idsOf(PLACES_IN_PARCEL);

export const MUCHES = recordsOf<{ label: string }>()({
  little: { label: 'a little' },
  clearly: { label: 'clearly' },
});
export type Much = keyof typeof MUCHES;
export const MUCH_IDS = idsOf(MUCHES);

/** What of the batch an outcome is about, as the form groups them. */
export const OUTCOME_GROUPS = recordsOf<{ label: string }>()({
  good: { label: 'Right' },
  crust: { label: 'Outside' },
  filling: { label: 'Inside' },
  seasoning: { label: 'Seasoning' },
  work: { label: 'On the way' },
});
type OutcomeGroup = keyof typeof OUTCOME_GROUPS;
export const OUTCOME_GROUP_IDS = idsOf(OUTCOME_GROUPS);

interface OutcomeRecord {
  label: string;
  group: OutcomeGroup;
  /** Where it can be found; nowhere in particular where there is none. */
  places: readonly PlaceInParcel[];
}

const good = (label: string, places: readonly PlaceInParcel[] = []): OutcomeRecord => ({
  label,
  group: 'good',
  places,
});
const of = (group: OutcomeGroup, label: string, places: readonly PlaceInParcel[] = []): OutcomeRecord => ({
  label,
  group,
  places,
});
const AROUND = ['bottom', 'top', 'side', 'seam'] as const;

export const OUTCOMES = recordsOf<OutcomeRecord>()({
  'just-right': good('just right'),
  juicy: good('juicy', ['middle']),
  crisp: good('crisp', ['bottom', 'top', 'side']),
  'well-seasoned': good('well seasoned'),
  'held-together': good('stayed closed', ['seam']),
  'came-out-even': good('filling and dough came out even'),

  soggy: of('crust', 'soggy', ['bottom', 'side', 'top', 'seam']),
  burst: of('crust', 'burst', ['seam', 'top', 'side']),
  leaked: of('crust', 'leaked', ['seam', 'bottom', 'side']),
  pale: of('crust', 'pale', ['top', 'bottom', 'side']),
  'too-brown': of('crust', 'too brown', ['top', 'bottom', 'side']),
  tough: of('crust', 'tough or hard', AROUND),
  'raw-dough': of('crust', 'doughy, not baked through', AROUND),
  collapsed: of('crust', 'collapsed', ['top']),

  'cold-centre': of('filling', 'cold or raw inside', ['middle']),
  watery: of('filling', 'watery inside', ['middle', 'bottom']),
  'veg-hard': of('filling', 'vegetables still hard', ['middle']),
  'mostly-dough': of('filling', 'mostly dough'),
  dry: of('filling', 'dry', ['middle']),
  dense: of('filling', 'dense, like a ball', ['middle']),
  'loose-filling': of('filling', 'loose in its shell', ['middle']),
  hollow: of('filling', 'hollow', ['middle', 'top']),
  pasty: of('filling', 'pasty or gluey', ['middle']),
  lumps: of('filling', 'lumps of flour or starch', ['middle']),
  'tough-prawns': of('filling', 'prawns or fish tough', ['middle']),
  greasy: of('filling', 'greasy', ['middle', 'bottom']),

  bland: of('seasoning', 'bland'),
  salty: of('seasoning', 'too salty'),
  sour: of('seasoning', 'sour'),
  'herb-strong': of('seasoning', 'a herb or spice too strong'),
  forgotten: of('seasoning', 'something forgotten'),

  spat: of('work', 'spat in the oil'),
  'long-bake': of('work', 'took far longer to cook'),
  'cooled-slowly': of('work', 'took far longer to cool'),
  'dough-tore': of('work', 'dough tore or melted', AROUND),
  'dough-sticky': of('work', 'dough too sticky'),
  'dough-dry': of('work', 'dough too dry, or cracked'),
  'skins-dried': of('work', 'skins dried out'),
  unequal: of('work', 'unequal pieces'),
  'dough-left': of('work', 'dough left over'),
  'filling-left': of('work', 'filling left over'),
});
export type OutcomeId = keyof typeof OUTCOMES;
export const OUTCOME_IDS = idsOf(OUTCOMES);

export const isGood = (id: OutcomeId): boolean => OUTCOMES[id].group === 'good';

export const LIKINGS = recordsOf<{ label: string }>()({
  liked: { label: 'liked it' },
  'so-so': { label: 'so-so' },
  not: { label: 'did not like it' },
});
export type Liking = keyof typeof LIKINGS;
export const LIKING_IDS = idsOf(LIKINGS);
