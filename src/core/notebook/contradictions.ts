/** Outcomes that cannot both be: asked about, never decided. */
import { type Outcome } from '../stored/note-schema';
import { OUTCOMES, type OutcomeId, PLACES_IN_PARCEL } from '../vocabulary/outcomes';

/** Cannot both be; those that have a place, not at the same one. */
const AGAINST: readonly (readonly [OutcomeId, OutcomeId])[] = [
  ['soggy', 'crisp'],
  ['pale', 'too-brown'],
  ['dry', 'juicy'],
  ['watery', 'dry'],
  ['sour', 'well-seasoned'],
  ['bland', 'salty'],
  ['bland', 'well-seasoned'],
  ['salty', 'well-seasoned'],
  ['burst', 'held-together'],
  ['leaked', 'held-together'],
  ['filling-left', 'came-out-even'],
  ['dough-left', 'came-out-even'],
  ['filling-left', 'dough-left'],
  ['dough-sticky', 'dough-dry'],
  ['pasty', 'juicy'],
];

interface Contradiction {
  one: Outcome;
  other: Outcome;
  /** The question that is asked. */
  question: string;
}

const whereOf = ({ what, where }: Outcome): string =>
  where === null ? OUTCOMES[what].label : `${OUTCOMES[what].label} (${PLACES_IN_PARCEL[where].label})`;

/** Every pair that contradicts each other. */
export function contradictions(outcomes: readonly Outcome[]): Contradiction[] {
  const pairs = AGAINST.flatMap(([a, b]) =>
    outcomes
      .filter(({ what }) => what === a)
      .flatMap((one) =>
        outcomes
          .filter(({ what, where }) => what === b && (where === null || one.where === null || where === one.where))
          .map((other) => ({ one, other, question: `Both ${whereOf(one)} and ${whereOf(other)}? Which was it?` })),
      ),
  );
  const right = outcomes.find(({ what }) => what === 'just-right');
  const wrong = outcomes.find(({ what, much }) => OUTCOMES[what].group !== 'good' && much === 'clearly');
  return right && wrong
    ? [...pairs, { one: right, other: wrong, question: `Just right, and clearly ${whereOf(wrong)}? Which was it?` }]
    : pairs;
}
