// npm run shots: renews docs/screenshots from the demo data.
import { build } from './build.mjs';
import { installChromium, installPackages } from './prepare.mjs';

installPackages();
installChromium();
await build();

const TURKEY = '/batch/demo-turkey-purses';
const VENISON = '/batch/demo-venison-half-moons';
const DUCK = '/batch/demo-duck-pockets';
const HADDOCK = '/batch/demo-haddock-pan-pie';
const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };
const planned = async (page) => {
  await page.getByRole('button', { name: 'A second tray in the oven' }).waitFor({ timeout: 30_000 });
};
const mended = async (page) => {
  await page.getByRole('button', { name: 'A second tray in the oven' }).click({ timeout: 30_000 });
  await page.getByRole('region', { name: 'What collides' }).waitFor({ state: 'detached', timeout: 30_000 });
  await page.waitForTimeout(2500);
  await page.getByRole('button', { name: 'Put this message away' }).click();
};
const clock = async (page) => {
  await page.getByRole('button', { name: /^What else you could do/ }).click();
  await page
    .getByRole('button', { name: /^Spread to 20\smm on a tray/ })
    .last()
    .click();
  await page.getByRole('button', { name: /start the clock/ }).click();
  await page.getByLabel('It came off the heat, min ago').fill('25');
  await page.waitForTimeout(600);
  await page.getByLabel('Warmest place now, °C').fill('48');
  await page.getByRole('button', { name: 'Record' }).click();
  await page.waitForTimeout(2500);
  await page.getByRole('img', { name: /^Cooling from/ }).evaluate((e) => e.scrollIntoView());
};
const now = async (page) => {
  await page.getByRole('button', { name: 'Begin', exact: true }).click({ timeout: 20_000 });
  await page.getByRole('timer').waitFor();
};
const loads = async (page) => {
  await page.getByRole('button', { name: /^Loads/ }).click();
  await page.getByRole('img', { name: /^pot from above/ }).evaluate((e) => e.scrollIntoView({ block: 'center' }));
};
const cutOpen = async (page) => {
  await page.getByRole('button', { name: 'bottom', exact: true }).click();
  await page.getByRole('checkbox', { name: /^soggy, bottom/ }).click();
  await page.getByRole('button', { name: 'top', exact: true }).click();
  await page.getByRole('checkbox', { name: /^crisp, top/ }).click();
  await page.getByRole('button', { name: 'bottom: soggy', exact: true }).click();
  await page.getByRole('region', { name: 'Why soggy (bottom)' }).waitFor({ timeout: 20_000 });
};
const begin = async (page, name) => {
  await page.getByRole('button', { name: `Begin: ${name}` }).click();
  await page.getByRole('region', { name: 'Look for yourself' }).waitFor({ timeout: 20_000 });
};
const rehearsed = async (page) => {
  await begin(page, 'A full fridge');
  await page.getByRole('link', { name: /^Cool/ }).click();
  await page.getByRole('button', { name: 'Lay a thermometer in the fridge' }).click();
  await page.waitForTimeout(3000);
};
const debriefed = async (page) => {
  await begin(page, 'The oven in the hut');
  await page.getByRole('link', { name: /^Cook/ }).click();
  await page.getByRole('radio', { name: '60×' }).click();
  await page.getByRole('button', { name: 'Hang a thermometer in the oven' }).click();
  await page
    .getByRole('button', { name: /start the clock|in the heat/i })
    .first()
    .click();
  await page.waitForTimeout(26_000);
  await page.getByRole('button', { name: /^They are out/ }).click();
  await page.getByRole('button', { name: 'End the rehearsal, and debrief' }).click();
  await page.getByRole('region', { name: 'How it came out' }).waitFor({ timeout: 20_000 });
};
const trends = async (page) => {
  await page.getByRole('button', { name: 'Trends' }).click();
  await page.getByRole('img', { name: /^Salt of the filling/ }).waitFor({ timeout: 20_000 });
};
const ALL = [
  { name: 'bench', url: '/', size: phone },
  { name: 'fill', url: `${TURKEY}/fill`, size: phone },
  { name: 'begin', url: '/begin', size: phone },
  { name: 'card', url: `${HADDOCK}/card`, size: phone },
  { name: 'cool', url: `${DUCK}/cool`, size: phone },
  { name: 'cool-clock', url: `${DUCK}/cool`, size: phone, act: clock },
  { name: 'wrap', url: `${VENISON}/wrap`, size: phone },
  { name: 'cook', url: `${VENISON}/cook`, size: phone, act: loads },
  { name: 'note', url: `${HADDOCK}/note`, size: phone, act: cutOpen },
  { name: 'day', url: '/day', size: phone, act: planned },
  { name: 'day-wide', url: '/day', size: wide, act: mended },
  { name: 'larder', url: '/larder', size: phone },
  { name: 'kitchen', url: '/kitchen', size: phone },
  { name: 'fill-dark', url: `${TURKEY}/fill`, size: phone, dark: true },
  { name: 'fill-wide', url: `${TURKEY}/fill`, size: wide },
  { name: 'rehearsal-wide', url: '/rehearse', size: wide, act: rehearsed },
  { name: 'debrief', url: '/rehearse', size: phone, act: debriefed },
  { name: 'trends', url: '/notebook', size: phone, act: trends },
  { name: 'now', url: `${HADDOCK}/now`, size: phone, act: now },
];

// With names behind it only those.
const asked = process.argv.slice(2);
const SHOTS = asked.length === 0 ? ALL : ALL.filter(({ name }) => asked.includes(name));

const { withBrowser } = await import('./serve.mjs');
await withBrowser(async (address, browser) => {
  for (const { name, url, size, dark, act } of SHOTS) {
    const page = await browser.newPage({ viewport: size, colorScheme: dark ? 'dark' : 'light' });
    await page.goto(address + url);
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(1200);
    if (act) await act(page);
    await page.waitForTimeout(act ? 400 : 0);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    await page.close();
    console.log(name);
  }
});
