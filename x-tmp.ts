import { forecastHeat } from '@/core/checks/heat';
import { lanternSupper } from '@/data/demo';
import { DEFAULT_KITCHEN } from '@/core/document/kitchen';
import { assess } from '@/core/checks/assess';
import { apply } from '@/core/document/operations';
const v=lanternSupper('2026-12-05T15:00:00Z')[4];
for (const to of [{}, {load:12,flame:'left'},{load:6,flame:'left'},{load:16},{load:30},{liquidG:2500},{liquidG:600,load:8}] as const) {
  const b=apply(v,{do:'setCook',to:to as never}); const t=performance.now();
  const c=assess(b,DEFAULT_KITCHEN,forecastHeat(b,DEFAULT_KITCHEN)).checks.core; console.log(JSON.stringify(to),performance.now()-t|0,'ms',c.state,c.headline,c.sentence); for(const f of c.fixes) console.log('   ',f.label,'|',f.effect,'|',f.but);
}
