import { lanternSupper } from '../src/data/demo';
import { apply } from '../src/core/document/operations';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
import { parseLine } from '../src/core/recipe/parse-line';
import { toLine } from '../src/core/recipe/to-line';
const [t] = lanternSupper('2026-12-05T15:00:00.000Z'); const line = toLine(parseLine('400 g courgette, grated'), 'raw', 'c')!; const b = apply(t, { do: 'addLine', line });
const a = assess(b, DEFAULT_KITCHEN, forecastHeat(b, DEFAULT_KITCHEN)); console.log(line, a.checks.moisture.headline, a.checks.moisture.fixes.map(f=>f.label+': '+f.effect+ (f.but??'')));
