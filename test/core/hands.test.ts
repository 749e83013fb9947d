/** Wraps as households make them, and what went wrong with some: nine in ten as one who makes them would, every spoilt one caught and named. */
import { judgeWrap } from '../known-wraps/judged';
import { SPOILT_WRAPS, WRAPS } from '../known-wraps/hands';

it('ordinary ones are right, but for two', () => {
  const wrong = WRAPS.map((known) => ({ known, judged: judgeWrap(known) })).filter(({ judged }) => !judged.isRight);
  expect(wrong.slice(2).map(({ known, judged }) => `${known.name}: ${judged.words}`)).toEqual([]);
});

it.each(SPOILT_WRAPS.map((known) => [known.name, known] as const))(
  '%s: caught, named, and mended first as one would',
  (_, known) => {
    const { isRight, words, fixes } = judgeWrap(known);
    expect(isRight ? '' : `${words} | ${fixes}`).toBe('');
  },
);
