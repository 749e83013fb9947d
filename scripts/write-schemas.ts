/** Writes the JSON Schemas of the documents, and an example of each, into docs/; with --check only compares. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { daySchema } from '@/core/stored/day-schema';
import { kitchenSchema } from '@/core/stored/kitchen-schema';
import { rehearsalSchema } from '@/core/stored/rehearsal-schema';
import { batchSchema } from '@/core/stored/schema';
import { z } from '@/core/zod';
import { lanternSupper } from '@/data/demo';
import { lanternDay } from '@/data/demo/lantern-day';

const json = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;
const files: Record<string, string> = {
  'docs/batch.schema.json': json(z.toJSONSchema(batchSchema)),
  'docs/kitchen.schema.json': json(z.toJSONSchema(kitchenSchema)),
  'docs/day.schema.json': json(z.toJSONSchema(daySchema)),
  'docs/rehearsal.schema.json': json(z.toJSONSchema(rehearsalSchema)),
  'docs/examples/turkey-purses.json': json(lanternSupper('2026-12-05T15:00:00Z')[0]),
  'docs/examples/day.json': json({ ...lanternDay('2026-12-04T17:00:00.000Z'), serveAt: '2026-12-05T18:00:00.000Z' }),
  'docs/examples/kitchen.json': json(DEFAULT_KITCHEN),
};

const check = process.argv.includes('--check');
for (const [file, text] of Object.entries(files)) {
  if (!check) writeFileSync(file, text);
  else if (!existsSync(file) || readFileSync(file, 'utf8') !== text) {
    console.error(`${file} is not current: npm run docs`);
    process.exitCode = 1;
  }
}
