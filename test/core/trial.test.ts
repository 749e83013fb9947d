/** Sixty ordinary fillings that practitioners judged, each with a spoilt twin: 93 in 100 of each are judged as they would. */
import { judgeTrial, TRIAL } from '../known-fillings/trial';

const ENOUGH = 0.93;
const judged = TRIAL.map((known) => ({
  known,
  // What is looked at: of ordinary ones no fix, of spoilt ones those of moisture.
  plain: judgeTrial(known, known, []),
  spoilt: judgeTrial(known, known.spoilt, ['moisture']),
}));
const differing = (is: (one: (typeof judged)[number]) => boolean): string[] =>
  judged
    .filter((one) => !is(one))
    .map(({ known, plain, spoilt }) => `${known.title}: ${plain.headline} / ${spoilt.headline}`);
const most = Math.floor((1 - ENOUGH) * TRIAL.length);

it('moisture of the ordinary ones', () => {
  const wrong = differing(({ plain }) => plain.isMoistureRight);
  expect(wrong.slice(most)).toEqual([]);
});

it('salt of the ordinary ones', () => {
  const wrong = differing(({ plain }) => plain.isSaltRight);
  expect(wrong.slice(most)).toEqual([]);
});

it('both, of the spoilt ones', () => {
  const wrong = differing(({ spoilt }) => spoilt.isMoistureRight && spoilt.isSaltRight);
  expect(wrong.slice(most)).toEqual([]);
});

it('a filling that a cook would mend is offered a way', () => {
  const without = judged.filter(({ spoilt }) => spoilt.moisture === 'fix' && spoilt.firstFix === null);
  expect(without.map(({ known }) => known.title)).toEqual([]);
});
