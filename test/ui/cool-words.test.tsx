/** What Cool says, read in one go. */
import * as words from '@/screens/batch/cool/words';

/** Each sentence with figures as they come. */
const SENTENCES: Readonly<Record<string, string>> = {
  setBack: words.setBack(12),
  measured: words.measuredCold('Pockets', '25 °C', 0),
  measuredAgo: words.measuredCold('Pockets', '25 °C', 14.4),
  ready: words.readySince('16:40'),
  readyUnknown: words.readySince(null),
  measure: words.measureThenWrap('Pockets', '25 °C'),
  left: words.leftToReady('17:05'),
  leftUnknown: words.leftToReady(null),
  now: words.nowAbout('Pockets', '48 °C', '25 °C'),
  up: words.timeIsUp('in the fridge within 2 h'),
  limit: words.toTheLimit(13.2, '18:10', 'in the fridge within 2 h'),
  out: words.outSoFar(74.6),
  one: words.earlierRuns(1, '1 December', '22 °C'),
  several: words.earlierRuns(3, '1 December', '22 °C'),
  missed: words.missedAgo(8),
  done: words.whatWasDone('US federal guidance', ''),
  doneAgo: words.whatWasDone('US federal guidance', words.missedAgo(8)),
  learned: words.learnedHere(1.42),
  disagree: words.readingsDisagree(6.3),
  fitted: words.fittedTo(1, 0.8, '1 h 20', '1 h 40'),
  within: words.metWithin(0.4),
  fridge: words.warmsFridge(3.2, '60 °C'),
  lies: words.liesOn(1630, 1, 310, false),
  half: words.liesOn(815, 0.5, 310, true),
  rest: words.restMeanwhile('60 °C'),
  leftOut: words.leftOut(4),
};

it.each(Object.entries(SENTENCES))('%s is whole', (_name, text) => {
  expect(text).not.toMatch(/undefined|null|NaN| {2}|\.\.| [.,;:]/);
  expect(text).not.toMatch(/—/);
});

it('says one and several, known and unknown, in their own words', () => {
  expect(SENTENCES.one).toBe(
    'One earlier cooling on 1 December: measured down to 22 °C. It doesn’t count for the next one.',
  );
  expect(SENTENCES.several).toMatch(/^3 earlier coolings, the last on 1 December: /);
  expect(SENTENCES.measured).toBe('Pockets: measured at or below 25 °C.');
  expect(SENTENCES.measuredAgo).toMatch(/ 14\smin ago\. By the curve it still is\.$/);
  expect(SENTENCES.readyUnknown).toBe('Wrap-ready by the forecast');
  expect(SENTENCES.leftUnknown).toBe('left to wrap-ready');
  expect(SENTENCES.limit).toMatch(/^\*14\smin\* to the limit at 18:10: in the fridge within 2 h\.$/);
  expect(SENTENCES.fitted).toMatch(/^By 1 reading it cools \*0\.80\* times as fast as usual: /);
  expect(SENTENCES.half).toContain('(50 % of it)');
  expect(SENTENCES.lies).not.toContain('% of it');
  expect(SENTENCES.done).toBe('US federal guidance. Local codes come first. What did you do?');
});

it('every sentence of the module is read here', () => {
  const read = new Set(Object.values(SENTENCES));
  const functions = Object.values(words).filter((one) => typeof one === 'function');
  expect(read.size).toBeGreaterThanOrEqual(functions.length);
});
