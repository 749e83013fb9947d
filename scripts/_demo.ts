import { lanternSupper } from '../src/data/demo';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
for (const b of lanternSupper('2026-12-05T15:00:00.000Z')) { const a = assess(b, DEFAULT_KITCHEN, forecastHeat(b, DEFAULT_KITCHEN)); console.log(b.title, a.next.text); for (const c of Object.values(a.checks)) console.log('  ', c.state, c.headline, '|', c.sentence, '|', c.fixes.map(f=>f.label+' '+f.effect+(f.but??'')).join(' / ')); console.log('  findings', a.findings.map(f=>f.text)); }
