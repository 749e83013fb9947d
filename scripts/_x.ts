import { lanternSupper } from '../src/data/demo';
import { apply } from '../src/core/document/operations';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
const [t] = lanternSupper('2026-12-05T15:00:00.000Z'); const b = apply(t, { do: 'changeLine', id: 'salt', to: { amount: 9 } });
const a = assess(b, DEFAULT_KITCHEN, forecastHeat(b, DEFAULT_KITCHEN)); console.log(a.checks.salt, a.salt);
