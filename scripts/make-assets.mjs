// Cuts the shipped fonts down to what the application shows: Latin text in woff2, and the icons it uses.
// Run by hand when a glyph or an icon is added: node scripts/make-assets.mjs
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import subsetFont from 'subset-font';

const require = createRequire(import.meta.url);
const latin = Array.from({ length: 0x17f - 0x20 }, (_, i) => String.fromCodePoint(0x20 + i)).join('');
const text = `${latin}½⅓⅔¼¾⅛⅜⅝⅞–—‘’“”…·•→←↑↓−×÷≈≤≥√π²³°′″\u202f\u00a0ℓ⁄`;

const fonts = [
  ['@expo-google-fonts/fraunces/600SemiBold/Fraunces_600SemiBold.ttf', 'Fraunces-600.woff2'],
  [
    '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
    'Atkinson-400.woff2',
  ],
  ['@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf', 'Atkinson-700.woff2'],
];
for (const [from, to] of fonts) {
  const small = await subsetFont(readFileSync(require.resolve(from)), text, { targetFormat: 'woff2' });
  writeFileSync(new URL(`../public/fonts/${to}`, import.meta.url), small);
  console.log(to, small.length);
}

const names = JSON.parse(readFileSync(new URL('../src/ui/icons/names.json', import.meta.url), 'utf8'));
const map = JSON.parse(
  readFileSync(
    require.resolve('@expo/vector-icons/build/vendor/react-native-vector-icons/glyphmaps/MaterialCommunityIcons.json'),
    'utf8',
  ),
);
const glyphs = Object.fromEntries(
  names.map((name) => {
    if (map[name] === undefined) throw new Error(`no icon is called ${name}`);
    return [name, map[name]];
  }),
);
const icons = await subsetFont(
  readFileSync(
    require.resolve('@expo/vector-icons/build/vendor/react-native-vector-icons/Fonts/MaterialCommunityIcons.ttf'),
  ),
  Object.values(glyphs)
    .map((code) => String.fromCodePoint(code))
    .join(''),
  { targetFormat: 'woff2' },
);
writeFileSync(new URL('../public/fonts/Icons.woff2', import.meta.url), icons);
writeFileSync(new URL('../src/ui/icons/glyphs.json', import.meta.url), `${JSON.stringify(glyphs, null, 2)}\n`);
console.log('icons', names.length, icons.length);
