// npm run shots: renews docs/screenshots from the demo data.
import { build } from './build.mjs';
import { installChromium, installPackages } from './prepare.mjs';

installPackages();
installChromium();
build();

const TURKEY = '/batch/demo-turkey-purses';
const PUMPKIN = '/batch/demo-pumpkin-half-moons';
const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };
const SHOTS = [
  { name: 'bench', url: '/', size: phone },
  { name: 'fill', url: `${TURKEY}/fill`, size: phone },
  { name: 'cool', url: `${PUMPKIN}/cool`, size: phone },
  { name: 'wrap', url: `${PUMPKIN}/wrap`, size: phone },
  { name: 'cook', url: `${TURKEY}/cook`, size: phone },
  { name: 'note', url: `${TURKEY}/note`, size: phone },
  { name: 'begin', url: '/begin', size: phone },
  { name: 'larder', url: '/larder', size: phone },
  { name: 'kitchen', url: '/kitchen', size: phone },
  { name: 'fill-dark', url: `${TURKEY}/fill`, size: phone, dark: true },
  { name: 'fill-wide', url: `${TURKEY}/fill`, size: wide },
  { name: 'cook-wide', url: `${TURKEY}/cook`, size: wide },
  { name: 'bench-wide', url: '/', size: wide },
];

const { withBrowser } = await import('./serve.mjs');
await withBrowser(8392, async (address, browser) => {
  for (const { name, url, size, dark } of SHOTS) {
    const page = await browser.newPage({ viewport: size, colorScheme: dark ? 'dark' : 'light' });
    await page.goto(address + url);
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(1200);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    await page.close();
    console.log(name);
  }
});
