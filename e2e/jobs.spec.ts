/** Jobs as a new user does them on a phone, with nothing unfolded: done to the end, in so many taps at most. Typing is no tap. */
import { type Locator, type Page } from '@playwright/test';
import { alone, expect, expectAccessible, goOn, test } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, isUnfolded: false });

/** A hand that counts its taps; Enter on the phone’s keyboard is one, too. */
class Hand {
  taps = 0;
  constructor(readonly page: Page) {}
  async tap(name: string | RegExp, role: 'button' | 'link' | 'radio' | 'checkbox' = 'button'): Promise<void> {
    await this.on(this.page.getByRole(role, { name, exact: typeof name === 'string' }).first());
  }
  async on(what: Locator): Promise<void> {
    await what.click();
    this.taps += 1;
  }
  /** Into a field: a tap, then the letters; what stands in it is replaced. */
  async type(label: string | RegExp, text: string): Promise<void> {
    const field = this.page.getByLabel(label);
    await this.on(field);
    await field.fill(text);
  }
  async enter(label: string, text: string): Promise<void> {
    const field = this.page.getByLabel(label);
    await field.fill(text);
    await field.press('Enter');
    this.taps += 1;
    await expect(field).toHaveValue('');
  }
}

const RECIPE = `Aunt Bertha's beef pasties
Makes 8
For the pastry:
500 g plain flour
250 g butter
120 ml cold water
1 tsp salt
For the filling:
400 g beef mince
200 g potato, diced small
150 g swede, diced small
1 onion, chopped
1 tsp salt
½ tsp black pepper
Mix the filling raw. Roll the pastry 4 mm thick, cut 8 rounds of 18 cm, fill, crimp.
Bake at 180 °C for 45 minutes.`;

test('weeknight dumplings from memory: sure things on Enter, the unsure asked; on to the first thing to do', async ({
  page,
}) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Begin a batch');
  await hand.tap(/^Dumpling: /);
  await hand.tap('Begin');
  await hand.on(page.getByLabel('Add what goes in'));
  for (const line of [
    '400 g pork mince',
    '200 g cabbage',
    '3 spring onions',
    '2 tbsp soy sauce',
    'ginger',
    '1 tsp salt',
  ])
    await hand.enter('Add what goes in', line);
  await expect(page.getByRole('button', { name: /^Pork mince, 400\sg/ })).toBeVisible();
  // Both verdicts are there to be read.
  await expect(page.getByRole('button', { name: /^Moisture: / })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Salt: / })).toBeVisible();
  await hand.tap('Cook this now');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText(/\d+\sg plain flour, \d+\sg water/);
  // A tap as the card comes is one that still meant the screen before.
  await page.waitForTimeout(700);
  await hand.tap('Begin');
  await expect(now.getByRole('timer')).toBeVisible();
  expect(hand.taps).toBeLessThanOrEqual(14);

  // What is not sure is asked, what is not known is likened to something and kept.
  await page.goBack();
  const add = page.getByLabel('Add what goes in');
  await add.fill('nutmeg');
  await add.press('Enter');
  await expect(page.getByRole('button', { name: /^Nutmeg, a pinch\./ })).toBeVisible();
  await add.fill('2 tbsp of love');
  await add.press('Enter');
  await expect(page.getByText('Not sure what “love” is. Tap the one you mean.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'From the Larder' }).getByRole('button')).toHaveCount(4);
  await add.fill('60 g snozzle');
  await hand.tap('Something else: what’s it most like?');
  await hand.type('What is snozzle most like?', 'leek');
  await hand.tap('snozzle is like leek');
  await expect(page.getByRole('button', { name: /^Snozzle, 60\sg/ })).toBeVisible();
  await goOn(page, '/larder');
  await expect(page.getByText('Snozzle')).toBeVisible();
});

test('a family recipe: pasted, begun, and the formula of its dough in the Larder', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Begin a batch');
  await hand.type('Paste a recipe', RECIPE);
  await expect(page.getByRole('status').getByText(/One filling, 6 ingredients/)).toBeVisible({ timeout: 20_000 });
  await hand.tap('Begin this batch');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/pasties/i);
  await expect(page.getByRole('button', { name: /^Beef mince, 400\sg/ })).toBeVisible();
  await hand.tap(/^Wrap/, 'link');
  await hand.tap(/^Dough/);
  await hand.tap('Keep it in the Larder');
  await expect(page.getByText(/^“Dough of .*” is in the Larder\.$/)).toBeVisible();
  expect(hand.taps).toBeLessThanOrEqual(12);
  await goOn(page, '/larder');
  await expect(page.getByText(/plain flour 100.*butter.* 50/)).toBeVisible();
});

test('a hot pot at night: told what to do, done, the clock running', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap(/^Next for Duck and prune pockets: Spread to/, 'link');
  await hand.tap(/^Spread to 13\smm over baking tray/);
  await hand.tap('It’s off the heat: start the clock');
  await expect(page.getByRole('timer', { name: 'Cooling clock' })).toContainText('left to wrap-ready');
  expect(hand.taps).toBeLessThanOrEqual(4);
});

test('900 g of filling and 16 pies: skins cut for them', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Begin a batch');
  await hand.tap(/^Hand pie: two rounds/);
  await hand.tap('I have filling', 'radio');
  await hand.type('How much filling, g', '900');
  await hand.type('Shared over, count', '16');
  await expect(page.getByText(/16 × 56\sg each, 110\smm rounds, 1\.1\skg of dough\./)).toBeVisible();
  await expectAccessible(page);
  expect(hand.taps).toBeLessThanOrEqual(7);
  // What nobody makes is asked about.
  await hand.tap(/^Cooked/);
  await hand.tap('boil', 'radio');
  await expect(page.getByRole('alert')).toContainText('isn’t boiled: it falls apart in water. Is that what you mean?');
  await hand.tap('Bake it');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await hand.tap('Begin');
  await expect(page.getByText('16 double rounds, cooked filling, baked')).toBeVisible();
});

test('Saturday for two batches: a day is planned, and the list is there to shop by', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Day', 'link');
  await hand.tap(/^Days/);
  await hand.tap('Plan another day');
  await hand.tap('Turkey and celeriac purses', 'checkbox');
  await hand.tap('Pumpkin and drained-curd half-moons', 'checkbox');
  await hand.tap('Plan the day');
  await expect(page.getByRole('region', { name: 'Now' })).toBeVisible({ timeout: 30_000 });
  await hand.tap('Shopping list');
  await expect(page.getByText('Pumpkin', { exact: true })).toBeVisible();
  expect(hand.taps).toBeLessThanOrEqual(8);
});

test('soggy bottoms: noted, and why, and what to change', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Smoked haddock and leek pan pie', 'link');
  await hand.tap(/^Note/, 'link');
  await hand.tap('bottom');
  await hand.tap(/^soggy, bottom/, 'checkbox');
  await expect(page.getByRole('region', { name: 'Why soggy (bottom)' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('region', { name: 'Next version' })).toBeVisible();
  expect(hand.taps).toBeLessThanOrEqual(4);
});

test('one’s own dough and habits: a formula changed and kept, Fahrenheit and cups from now on', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Pumpkin and drained-curd half-moons', 'link');
  await hand.tap(/^Wrap/, 'link');
  await hand.tap(/^Dough/);
  await hand.tap('Change the formula');
  await hand.type('Water, %', '52');
  await hand.tap('Keep it in the Larder');
  await expect(page.getByText(/^“.*, mine” is in the Larder\.$/)).toBeVisible();
  await hand.tap('Back to the Bench');
  await hand.tap('Kitchen');
  await hand.tap(/^Units and look/);
  await hand.tap('°F', 'radio');
  await hand.tap('cups and spoons', 'radio');
  expect(hand.taps).toBeLessThanOrEqual(11);
  await goOn(page, '/batch/demo-pumpkin-half-moons/fill');
  await expect(page.getByRole('button', { name: /^Curd cheese, .*cup/ })).toBeVisible();
});

test('a day later: all of it saved, erased, and brought back from the file', async ({ page }) => {
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Kitchen');
  await hand.tap(/^Your data/);
  await hand.tap('Erase everything');
  const saved = page.waitForEvent('download');
  await hand.tap('Save everything as a file');
  const file = await (await saved).path();
  await hand.tap('I have the file: erase everything');
  await expect(page.getByText('Everything is erased.')).toBeVisible();
  await goOn(page, '/');
  await expect(page.getByText(/A batch is one filling in one kind of piece/)).toBeVisible();
  await expect(page.getByRole('article')).toHaveCount(0);
  const chooser = page.waitForEvent('filechooser');
  await hand.tap('Open a file');
  await (await chooser).setFiles(file);
  await hand.tap('Put it in');
  await expect(page.getByText(/ put in\.$/)).toBeVisible();
  await hand.tap('Close');
  await expect(page.getByRole('article')).toHaveCount(6);
  expect(hand.taps).toBeLessThanOrEqual(8);
});

alone('the easiest rehearsal: tasted, salted less, cooked, and told the truth', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-12-05T09:00:00Z') });
  const hand = new Hand(page);
  await page.goto('/');
  await hand.tap('Notebook', 'link');
  await hand.tap('Rehearse in a practice kitchen');
  await hand.tap('Begin: The salt in the blue jar');
  const log = page.getByRole('log', { name: 'What it said' });
  await hand.tap('Fry a teaspoonful and taste it');
  await expect(log).toContainText(/too salty\./);
  await hand.tap(/^Salt, ¾ tsp/);
  await hand.type(/^Amount of salt, /, '0.35');
  await hand.tap('Fry a teaspoonful and taste it');
  await expect(log).toContainText('Right.');
  await hand.tap(/^Cook/, 'link');
  await hand.tap('60×', 'radio');
  await hand.tap(/start the clock$/);
  await page.clock.fastForward(45_000);
  await hand.tap('They are out');
  await hand.tap('End the rehearsal, and debrief');
  const out = page.getByRole('region', { name: 'How it came out' });
  await expect(out).toContainText(/The coldest middle was \d+\s°C; 74\s°C is the rule/, { timeout: 20_000 });
  await expect(out).not.toContainText('salty');
  await expect(page.getByRole('region', { name: 'What could have told you' })).not.toContainText('Nobody looked');
  expect(hand.taps).toBeLessThanOrEqual(15);
});
