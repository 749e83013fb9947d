/** Pulses. Composition: national food tables. Columns as in `table.ts`. */
import { type Table } from '../table';

export const PULSES: Table = {
  family: 'pulse',
  rows: `
tofu | Firm tofu | 78.5 12.3 6.5 1.2 0.7 0.9 | 1 | 0.03 | release=pressable allergens=soya block=280 pack=280 |
lentils-cooked | Lentils, cooked | 69.6 9 0.4 12.2 7.9 0.8 | 0.83 | 0 | release=firm tin=240 | lentils
chickpeas-cooked | Chickpeas, cooked | 60.2 8.9 2.6 19.8 7.6 0.9 | 0.68 | 0 | release=firm tin=240 | chickpeas, garbanzo beans
tofu-smoked | Smoked tofu | 67 16.5 9.3 2 2 1.9 | 0.95 | 1.2 | release=firm allergens=soya |
tofu-silken | Silken tofu | 88.7 5.5 3 1.8 0.2 0.7 | 1 | 0.03 | release=pressable allergens=soya |
tempeh | Tempeh | 59.7 20.3 10.8 3 4.6 1.6 | 0.7 | 0.02 | allergens=soya |
black-beans | Black beans, cooked | 65.7 8.9 0.5 15 8.7 1.2 | 0.75 | 0.01 | release=firm tin=240 | black beans
white-beans | White beans, cooked | 63 9.7 0.4 18.8 6.3 1.6 | 0.75 | 0.02 | release=firm tin=240 | white beans, cannellini beans, butter beans
kidney-beans | Kidney beans, cooked | 66.9 8.7 0.5 15.4 7.4 1.1 | 0.75 | 0.01 | release=firm tin=240 | kidney beans
split-peas | Split peas, cooked | 69.5 8.3 0.4 12.8 8.3 0.7 | 0.85 | 0.01 | release=firm | split peas
mung-beans | Mung beans, cooked | 72.7 7 0.4 11.5 7.6 0.8 | 0.85 | 0.01 | release=firm | mung beans
soya-mince | Soya mince, dry | 8 50 1.2 17 18 6 | 0.3 | 0.03 | allergens=soya | textured vegetable protein
`,
};
