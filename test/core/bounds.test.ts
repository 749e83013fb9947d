/** What is open is bounded: judged at the ends of what it may be. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { batchInWords } from '@/core/recipe/to-batch';
import { judgement } from '@/core/checks/judgement';
import { account } from '@/core/checks/account';
import { judge } from '@/core/checks/judge';
import { propose } from '@/core/checks/propose';

const FRESH = { id: 'x', at: '2026-12-05T15:00:00Z' };
const made = (lines: string[], school: 'raw' | 'cooked' = 'raw') =>
  batchInWords({ title: 'x', form: 'half-moon', school, count: 24, lines, cook: { method: 'boil' } }, FRESH).batch;
const checksOf = (lines: string[], school?: 'raw' | 'cooked') =>
  judgement(made(lines, school), DEFAULT_KITCHEN, null).checks;

const PORK = [
  '500 g minced pork',
  '200 g napa cabbage, salted and squeezed',
  '1 tbsp soy sauce',
  '1/2 tsp salt',
  '1 tbsp sesame oil',
];

describe('a line that nobody understands', () => {
  it('a teaspoon of it changes no verdict, and only a note remains', () => {
    const [without, withIt] = [checksOf(PORK), checksOf([...PORK, '1 tsp snozzle'])];
    expect(withIt.moisture.state).toBe(without.moisture.state);
    expect(withIt.moisture.headline).toBe(without.moisture.headline);
    expect(withIt.moisture.sentence).toContain('That holds whatever “snozzle” may be.');
    expect(withIt.salt.state).toBe(without.salt.state);
  });

  it('600 g of it make nothing “too salty”: salt is open between what it would be, and nothing is proposed', () => {
    const { salt } = checksOf(['600 g snozzle', '300 g leeks, sweated', '2 tsp salt'], 'cooked');
    expect(checksOf(['300 g leeks, sweated', '2 tsp salt'], 'cooked').salt.headline).toBe('Salt: too salty');
    expect(salt.state).not.toBe('fix');
    const only = account(
      made(['600 g snozzle', '300 g leeks, sweated', '2 tsp salt'], 'cooked'),
      DEFAULT_KITCHEN,
      null,
    );
    expect(propose(only, judge(only), null, ['moisture', 'salt'])).toMatchObject({ moisture: [], salt: [] });
  });

  it('where its ends differ it says between what, and what to say', () => {
    const { moisture } = checksOf([...PORK, '200 g snozzle']);
    expect(moisture.state).toBe('watch');
    expect(moisture.headline).toMatch(/^Moisture: open between .+ and .+/);
    expect(moisture.sentence).toMatch(/^Between \*.+\* and \*.+\* g per 100 g: say what “snozzle” is\.$/);
  });

  it('a seasoning of it may be all salt', () => {
    const mild = checksOf([...PORK, '2 tbsp snozzle']).salt;
    const salty = checksOf([...PORK, '2 tbsp snozzle powder']).salt;
    expect(mild.headline).toBe('Salt: right');
    expect(salty.headline).toMatch(/^Salt: open between right and too salty/);
  });

  it('what both ends agree on is the verdict: far too wet stays Fix, whatever the rest is', () => {
    const { moisture } = checksOf(['300 g minced pork', '400 ml water', '50 g snozzle']);
    expect(moisture).toMatchObject({ state: 'fix', headline: expect.stringMatching(/wet/) });
    expect(moisture.sentence).toContain('That holds whatever “snozzle” may be.');
  });

  it('and the next thing to do is to say what it is', () => {
    expect(judgement(made([...PORK, '200 g snozzle']), DEFAULT_KITCHEN, null).next.text).toMatch(
      /Working it out|Say what “snozzle” is/,
    );
  });
});
