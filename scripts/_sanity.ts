import { batchInWords } from '../src/core/recipe/to-batch';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
const C: [string, any, string][] = [
 ['pork cabbage squeezed', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'boil'}}, '450 g pork mince\n300 g Chinese cabbage, salted and squeezed\n2 tbsp soy sauce\n1 tsp salt\n1 tbsp sesame oil\n1 tbsp ginger, grated'],
 ['+60 stock', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'boil'}}, '450 g pork mince\n300 g Chinese cabbage, salted and squeezed\n60 ml stock\n2 tbsp soy sauce\n1 tsp salt\n1 tbsp sesame oil'],
 ['not squeezed', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'boil'}}, '450 g pork mince\n300 g Chinese cabbage, finely chopped\n2 tbsp soy sauce\n1 tsp salt\n1 tbsp sesame oil'],
 ['not squeezed 400', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'boil'}}, '450 g pork mince\n400 g Chinese cabbage, finely chopped\n2 tbsp soy sauce\n1 tsp salt\n1 tbsp sesame oil'],
 ['lamb', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'steam'}}, '500 g lamb mince\n2 large onions, finely chopped\n100 ml water\n1½ tsp salt'],
 ['browned beef', { form:'half-moon', school:'cooked', dough:'short', cook:{method:'bake'}}, '500 g minced beef, browned\n150 ml beef stock\n1 onion, sweated\n1 tsp salt'],
 ['browned beef no onion', { form:'half-moon', school:'cooked', dough:'short', cook:{method:'bake'}}, '500 g minced beef, browned\n150 ml beef stock\n1 tsp salt'],
 ['fish 50', { form:'pan-pie', school:'cooked', dough:'thin-sheets', cook:{method:'bake'}}, '600 g white fish, cooked and flaked\n400 g leeks, sweated\n500 ml milk\n50 g flour\n50 g butter\n1 tbsp salt'],
 ['fish 25', { form:'pan-pie', school:'cooked', dough:'thin-sheets', cook:{method:'bake'}}, '600 g white fish, cooked and flaked\n400 g leeks, sweated\n500 ml milk\n25 g flour\n50 g butter\n1 tbsp salt'],
 ['potato curd', { form:'half-moon', school:'cooked', dough:'noodle', cook:{method:'boil'}}, '500 g potatoes, boiled and mashed\n250 g curd cheese\n1 tsp salt'],
 ['egg chives', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'boil'}}, '4 eggs, scrambled\n200 g garlic chives, chopped\n1 tsp salt'],
 ['spinach feta', { form:'pan-pie', school:'cooked', dough:'thin-sheets', cook:{method:'bake'}}, '500 g spinach, wilted and squeezed\n200 g feta\n3 eggs'],
 ['spinach raw eggs', { form:'pan-pie', school:'raw', dough:'thin-sheets', cook:{method:'bake'}}, '500 g spinach, chopped\n200 g feta\n3 eggs'],
 ['tomato mozz', { form:'half-moon', school:'raw', dough:'enriched', cook:{method:'bake'}}, '400 g tomatoes, chopped\n250 g fresh mozzarella\n1 tsp salt'],
 ['beef potato swede', { form:'pocket', school:'raw', dough:'short', cook:{method:'bake'}}, '450 g beef skirt, diced\n300 g potatoes, diced\n150 g swede, diced\n1 onion, chopped\n2 tsp salt'],
 ['turkey crumbs', { form:'half-moon', school:'raw', dough:'short', cook:{method:'bake'}}, '400 g lean turkey mince\n100 g dry breadcrumbs\n1 tsp salt'],
 ['unknown', { form:'half-moon', school:'cooked', dough:'noodle', cook:{method:'boil'}}, '400 g snozzcumber\n200 g potatoes, boiled'],
 ['salami', { form:'half-moon', school:'cooked', dough:'short', cook:{method:'bake'}}, '100 g salami, diced\n300 g potatoes, boiled\n2 tbsp lard'],
 ['onion hot', { form:'half-moon', school:'raw', dough:'noodle', cook:{method:'boil'}}, '400 g minced pork\n1 onion, sweated\n1 tsp salt\n1 tbsp soy sauce'],
];
for (const [name, o, lines] of C) {
  const { batch, questions } = batchInWords({ title: name, count: 24, lines: lines.split('\n'), ...o }, { id: 'k', at: '2026-11-26T00:00:00Z' });
  const a = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN));
  const f = a.checks.moisture.figures!;
  console.log(`${name}: board ${f.board.value.toFixed(1)} ${f.board.state}, heat ${f.heat.value.toFixed(1)} [${f.heat.band}] ${f.heat.headline} ${f.heat.state}; salt ${a.checks.salt.value?.toFixed(2)} ${a.checks.salt.state}; ${a.checks.cooling.headline} ${a.checks.cooling.figure}; ${a.checks.core.headline} ${a.limit.c} ${a.limit.because}`);
  if (a.checks.moisture.state!=='good') console.log('    ', a.checks.moisture.fixes.map(x=>x.label+' '+x.effect+(x.but??'')).join(' / '));
  if (questions.length) console.log(questions);
}
