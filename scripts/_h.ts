import { foodsIn } from '../src/core/recipe/two-foods';
import { takeApart } from '../src/core/recipe/whole';
import { notFilling } from '../src/core/recipe/not-filling';
import { parseLine } from '../src/core/recipe/parse-line';
const t = (n: string, f: () => unknown) => { const s = Date.now(); console.log('start', n); const r = f(); console.log('  ', Date.now() - s, JSON.stringify(r)?.slice(0, 150)); };
for (const x of ['salt and pepper','zest and juice of 1 lemon','2 tbsp soy sauce, 1 tsp sesame oil','1 tsp each cumin and coriander','2 tsp potato starch mixed with 2 tbsp water','500 g beef and pork mince','1 tbsp + 1 tsp soy sauce','150 g sage and onion stuffing']) t(x, () => foodsIn(x));
for (const x of ['1 egg, to glaze', '2 sheets puff pastry', '1 litre oil for deep-frying','200 g puffed rice']) t(x, () => notFilling(x));
for (const x of ['1 400 g can chickpeas','2 x 145 g tins of tuna','1-inch piece of ginger','a 5 cm piece of ginger','1 scant cup milk','minced pork, 600 g']) t(x, () => parseLine(x).grams);
t('whole', () => takeApart('Leek pockets\n500 g leeks\n50 g butter\nSweat the leeks in the butter until they are soft and dry.'));
