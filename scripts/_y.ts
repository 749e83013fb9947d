import { batchInWords } from '../src/core/recipe/to-batch';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
const { batch } = batchInWords({ title: 'x', form: 'half-moon', school: 'raw', count: 24, lines: ['1 lb ground pork','2 cups shredded cabbage','3 scallions, sliced','1 thumb of ginger, grated','1 tbsp soy sauce','salt to taste'] }, { id: 'k', at: '2026-11-26T00:00:00Z' });
const a = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN));
for (const c of Object.values(a.checks)) console.log(c.state, c.headline, c.sentence);
