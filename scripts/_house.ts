import { HOUSEHOLDS } from '../e2e/recipes';
import { takeApart } from '../src/core/recipe/whole';
import { batchInWords } from '../src/core/recipe/to-batch';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
for (const h of HOUSEHOLDS) {
  const r = takeApart(h.text);
  const { batch, questions, notes } = batchInWords({ title: r.title ?? 'x', form: h.form.replace(' ', '-') as any, school: h.school.toLowerCase() as any, count: r.count ?? 24, lines: r.ingredients, steps: r.steps }, { id: 'k', at: '2026-11-26T00:00:00Z' });
  const a = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN));
  console.log('== ', h.name, r.title, r.count, r.others, r.steps.length);
  for (const l of batch.lines) console.log('   ', l.amount, l.unit, l.ingredientId, l.preparation, l.weighed, l.stage, '|', l.note);
  console.log('  notes', notes, 'questions', questions);
  for (const c of Object.values(a.checks)) console.log('  ', c.state, c.headline, '|', c.sentence, '|', c.fixes.map(f=>f.label+' '+f.effect+(f.but??'')).join(' / '));
  console.log('  findings', a.findings.map(f=>f.text));
}
