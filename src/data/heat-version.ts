/** What heat depends on in a batch, under a short name. */
import { heatKey } from '@/core/forecast/heat-key';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';

interface Known {
  batch: Batch;
  kitchen: Kitchen;
  text: string;
  version: string;
}

/** So many versions are remembered: of a few batches the present one and the one before it. */
const REMEMBERED = 12;
let versions: Known[] = [];
let count = 0;

/** The version of a batch as heat sees it: the same name for the same forecast. */
export function heatVersion(batch: Batch, kitchen: Kitchen): string {
  const same = versions.find((k) => k.batch === batch && k.kitchen === kitchen);
  if (same) return same.version;
  const text = `${batch.id} ${heatKey(batch, kitchen)}`;
  const version = versions.find((k) => k.text === text)?.version ?? `v${++count}`;
  versions = [{ batch, kitchen, text, version }, ...versions.filter((k) => k.text !== text)].slice(0, REMEMBERED);
  return version;
}
