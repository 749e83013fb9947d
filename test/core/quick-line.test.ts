import { quickLine } from '@/core/filling/quick-line';

it.each([
  ['150 g leek', 150, 'g', 'leek'],
  ['150g leek', 150, 'g', 'leek'],
  ['1 1/2 tbsp soy sauce', 1.5, 'tbsp', 'soy sauce'],
  ['1½ tbsp of soy sauce', 1.5, 'tbsp', 'soy sauce'],
  ['0,5 kg turkey mince', 0.5, 'kg', 'turkey mince'],
  ['2 eggs', 2, null, 'eggs'],
  ['leek', null, null, 'leek'],
  ['20 °C leek', 20, null, '°C leek'],
  ['', null, null, ''],
  ['0 g salt', null, null, '0 g salt'],
])('“%s”', (text, amount, unit, name) => expect(quickLine(text)).toEqual({ amount, unit, name }));
