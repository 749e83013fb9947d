/** What happens after the heat: how long the lid stays shut, a pie stands, and when it can be eaten. */
import { plannedMinutes } from '../stored/cooking';
import { type HeatForecast } from '../forecast/heat';
import { type Batch } from '../stored/schema';
import { DOUGHS } from '../vocabulary/doughs';
import { FORMS } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { formatMinutes, formatTemperature } from '../units/format';

/** A risen bun collapses in cold air: the lid stays shut for so long, min. A pie stands until its juice is taken up, min. House estimates, as cooks have them. */
const LID_MINUTES = 4;
const STANDS_MINUTES = 20;
/** Hotter than this a bite burns the mouth, °C. House estimate: hot drinks are served about so. */
const BURNS_C = 70;
/** Out of the heat a moist parcel gives off so much, evaporation included, W/m²·K; it holds so much, J/m³·K. House estimates. */
const COOLS_H = 20;
const HOLDS = 3.7e6;

/** Minutes for its inside to fall from one temperature to another: its heat over its surface. */
const fallsIn = (fromC: number, toC: number, roomC: number, { halfMm, dimension }: Size): number =>
  (Math.log((fromC - roomC) / (toC - roomC)) * HOLDS * (halfMm / 1000)) / (dimension * COOLS_H) / 60;

interface Size {
  halfMm: number;
  dimension: number;
}

/** Sentences for the end of the plan; none where nothing needs one. */
export function afterWords(
  { cook, wrap }: Pick<Batch, 'cook' | 'wrap'>,
  heat: HeatForecast | null,
  { roomC, temperature, ...size }: { roomC: number; temperature: 'C' | 'F' } & Size,
): string[] {
  const last = cook.steps[cook.steps.length - 1];
  const { kind } = DOUGHS[wrap.dough];
  const isPan = FORMS[wrap.form].size === 'pan';
  const media = cook.steps.map(({ medium }) => medium);
  const out: string[] = [];
  if (kind === 'yeasted' && media.includes('steam') && !media.includes('lid-shut')) {
    out.push(
      `Off the heat leave the lid shut for *${LID_MINUTES} min*, then open it a crack: risen buns collapse in cold air.`,
    );
  }
  if (isPan && media.some((m) => MEDIA[m].appliance === 'oven') && last.medium !== 'rest') {
    out.push(`Let it stand for *${STANDS_MINUTES} min*: its juice is taken up, and it slices.`);
  }
  const planned = plannedMinutes(cook);
  const samples = heat?.core?.samples ?? [];
  const endC = (samples.find(({ minute }) => minute >= planned) ?? samples[samples.length - 1])?.centreC ?? null;
  // A pan that stands is cool enough by then.
  if (endC !== null && !isPan && MEDIA[last.medium].heats && endC > BURNS_C) {
    const minutes = fallsIn(endC, BURNS_C, roomC, size);
    if (minutes >= 1) {
      out.push(
        `Inside it is about ${formatTemperature(Math.round(endC), temperature)}, and burns: wait some *${formatMinutes(Math.round(minutes))}* before a bite (our estimate).`,
      );
    }
  }
  return out;
}
