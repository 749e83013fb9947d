import { readFileSync } from 'node:fs';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { planOf } from '@/core/recipe/plan';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { skinWords } from '@/core/forms/skins';
for (const f of process.argv.slice(2)) {
  const plan = planOf(readFileSync(f, 'utf8'), { id: (n) => `r${n}`, at: '2026-12-05T15:00:00Z' });
  for (const { batch, questions, found, notes } of plan.plans as any[]) {
    const a = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
    console.log('\n##', batch.title, '|', batch.wrap.form, batch.count, batch.school, batch.wrap.dough, skinWords(batch.wrap.skin), batch.wrap.thicknessMm, 'mm,', batch.wrap.portionG, 'g', batch.cook.method, batch.wrap.vent, batch.wrap.glaze, JSON.stringify(batch.cook.steps.map((s: any) => [s.medium, s.mediumC, s.minutes])));
    console.log('   lines', batch.lines.map((l: any) => `${l.ingredientId}:${l.amount?.value ?? ''}${l.amount?.unit ?? ''}/${l.preparation}`).join(', '));
    if (questions.length) console.log('   ASKS', JSON.stringify(questions));
    if (notes?.length) console.log('   notes', notes);
    for (const [k, c] of Object.entries(a.checks) as any) console.log('  ', c.state.padEnd(5), c.headline, '—', c.sentence.slice(0, 170), '|', c.fixes.slice(0, 2).map((x: any) => `${x.label} [${x.effect}]`).join(' / '));
    for (const x of a.findings) console.log('     !', x.lineId, x.text, x.fix?.label ?? '');
  }
}
