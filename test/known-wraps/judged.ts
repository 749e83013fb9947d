/** A known wrap put through the application, as pasting does it. */
import { assess } from '../../src/core/checks/assess';
import { forecastHeat } from '../../src/core/forecast/heat';
import { batchInWords } from '../../src/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '../../src/core/stored/kitchen';
import { apply } from '../../src/core/stored/operations';
import { type KnownWrap } from './hands';

export interface JudgedWrap {
  /** As it is said to be; of a spoilt one named and mended first as written, too. */
  isRight: boolean;
  words: string;
  fixes: string;
}

export function judgeWrap({ name, words, made, says, named, first }: KnownWrap): JudgedWrap {
  const { batch: begun } = batchInWords({ title: name, ...words }, { id: 'known', at: '2026-12-05T15:00:00Z' });
  const batch = apply(begun, { do: 'setWrap', to: made });
  const { checks } = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'), null, ['fit']);
  const { state, headline, sentence, fixes } = checks.fit;
  const text = `${headline}. ${sentence}`;
  const isNamed = named === undefined || named.test(text);
  const isMended = first === undefined || first.test(fixes[0]?.label ?? '');
  return {
    isRight: says.includes(state) && isNamed && isMended,
    words: `${state} ${text}`,
    fixes: fixes.map(({ label, effect, but }) => `${label} [${effect}]${but === null ? '' : ` ${but}`}`).join(' / '),
  };
}
