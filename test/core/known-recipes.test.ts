/** Whole recipes in households' words: nearly every field is understood, no food is another, every bad one is caught. */
import { batchSchema } from '@/core/stored/schema';
import { acrossOf } from '@/core/forms/skins';
import { isWithinLimits } from '@/core/stored/within-limits';
import { planOfText } from '@/core/formats/plan-of-text';
import { judgement } from '@/core/checks/judgement';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { planOf } from '@/core/recipe/plan';
import { KNOWN_RECIPES } from '../known-recipes/known-recipes';
import { readRecipe } from '../known-recipes/judged';

const FRESH = { id: (at: number) => `plan-${at}`, at: '2026-12-05T15:00:00Z' };
const read = KNOWN_RECIPES.map((recipe) => ({ recipe, ...readRecipe(recipe) }));

it('nine fields in ten and more are right', () => {
  const asked = read.reduce((sum, one) => sum + one.asked, 0);
  const wrong = read.flatMap((one) => one.wrong.map((words) => `${one.recipe.name}: ${words}`));
  expect(asked).toBeGreaterThan(600);
  expect(wrong.length <= 0.04 * asked ? [] : wrong).toEqual([]);
});

it('no line becomes another food', () => {
  const wrong = read.filter(({ otherFoods }) => otherFoods.length > 0);
  expect(wrong.map(({ recipe, otherFoods }) => `${recipe.name}: ${otherFoods.join(', ')}`)).toEqual([]);
});

it('every bad one is caught at once', () => {
  const bad = read.filter(({ recipe }) => recipe.expected.wrong !== undefined);
  expect(bad.length).toBeGreaterThanOrEqual(6);
  const word = { wet: /wet|loose/, salty: /too salty/, bland: /bland/ };
  const missed = bad.filter(({ recipe, checks }) => {
    const is = word[recipe.expected.wrong as keyof typeof word];
    return !checks.some((said) => /^(?:fix|watch)/.test(said) && is.test(said));
  });
  expect(missed.map(({ recipe, checks }) => `${recipe.name}: ${checks.join('; ')}`)).toEqual([]);
});

it('every plan is a batch that can be stored', () => {
  for (const { plan } of read)
    for (const { batch } of plan.plans) {
      expect(batchSchema.safeParse(batch).error?.issues ?? []).toEqual([]);
      expect(isWithinLimits(batch)).toBe(true);
    }
});

describe('where the recipe is silent', () => {
  const LAMB = [
    'Lamb pies',
    '',
    '500 g minced lamb',
    '1 onion, chopped',
    '1 tsp salt',
    '10 pies',
    '',
    'Fold and crimp. Bake 30 min at 190C.',
  ];

  it('the size follows: 10 hand pies of 650 g are large ones, not 54 small ones', () => {
    const [{ batch }] = planOf(LAMB.join('\n'), FRESH).plans;
    const { checks } = judgement(batch, DEFAULT_KITCHEN, null);
    expect(batch.count).toBe(10);
    expect(batch.wrap.portionG).toBeGreaterThan(50);
    expect(acrossOf(batch.wrap.skin)).toBeGreaterThan(120);
    expect(checks.fit.state).toBe('good');
  });

  it('a skin that is said stays, and Fit says whether it closes', () => {
    const [{ batch }] = planOf([...LAMB, 'Cut 9 cm rounds.'].join('\n'), FRESH).plans;
    expect(acrossOf(batch.wrap.skin)).toBe(90);
    expect(judgement(batch, DEFAULT_KITCHEN, null).checks.fit.state).toBe('fix');
  });

  it('what the method boils off has gone to where this filling is right, and the pan says where to stop', () => {
    const text =
      'Beef pies\n\n500 g minced beef\n1 onion, chopped\n400 ml beef stock\n1 tsp salt\n12 pies\n\nBrown the beef with the onion. Pour in the stock and cook down until nearly dry. Cool. Fill 12 cm rounds, fold and crimp. Bake at 200C for 25 minutes.';
    const [{ batch, found }] = planOf(text, FRESH).plans;
    const { checks, ledger } = judgement(batch, DEFAULT_KITCHEN, null);
    expect(ledger.cookedOff).toBeGreaterThan(150);
    expect(checks.moisture.headline).not.toMatch(/wet/);
    expect(found.map(({ what }) => what)).toContain('heat');
  });
});

describe('as it was sent', () => {
  const recipe = {
    '@type': 'Recipe',
    name: 'Leek turnovers',
    recipeYield: '12',
    recipeIngredient: ['300 g leeks, sweated', '100 g cheddar, grated', '½ tsp salt'],
    recipeInstructions: 'Fold into 12 cm rounds of shortcrust pastry. Bake at 190°C for 25 minutes.',
  };
  it('a saved page with a recipe in it', () => {
    const page = `<!doctype html><html><body><nav>Home</nav><script type="application/ld+json">${JSON.stringify(recipe)}</script></body></html>`;
    const [{ batch }] = planOfText(page, FRESH).plans;
    expect(batch).toMatchObject({
      title: 'Leek turnovers',
      count: 12,
      cook: { method: 'bake' },
      wrap: { dough: 'short' },
    });
    expect(batch.lines.map((l) => l.ingredientId)).toEqual(['leek', 'hard-cheese', 'salt']);
  });
  it('a page that only looks like one is read line by line, without what stands around it', () => {
    const page =
      '<html><body><nav><ul><li>500 g adverts</li></ul></nav><h1>Leek turnovers</h1><ul><li>300 g leeks, sweated</li><li>½ tsp salt</li></ul><p>Fold and bake for 25 minutes at 190C.</p></body></html>';
    const [{ batch }] = planOfText(page, FRESH).plans;
    expect(batch.title).toBe('Leek turnovers');
    expect(batch.lines.map((l) => l.ingredientId)).toEqual(['leek', 'salt']);
  });
  it('nothing, nonsense and twenty thousand letters break nothing', () => {
    expect(planOfText('', FRESH).plans).toEqual([]);
    expect(planOfText('hello there!', FRESH).plans).toEqual([]);
    const long = planOfText('1 onion, chopped\n'.repeat(3000), FRESH).plans;
    expect(long[0].batch.lines.length).toBeGreaterThan(10);
    expect(isWithinLimits(long[0].batch)).toBe(true);
  });
});
