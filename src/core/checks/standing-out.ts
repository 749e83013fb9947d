/** How long it stands out in all: cooling, the board and waiting are one time. Where that is too long, Cooling says so. */
import { DANGER, STANDING } from '../safety/exposure';
import { type Exposure } from '../cooling/exposure-of';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { type Judgement, type Reason } from './check';

/** Shorter stretches are not worth a word, minutes. */
const WORTH_SAYING = 1;

/** The judgement of the plan, and beside it the sum; the graver of the two speaks. */
export function standingOut({ exposure, isTrial, kitchen }: Accounts, judged: Judgement): Judgement {
  if (!exposure.counts || judged.pending || exposure.minutes < WORTH_SAYING) return judged;
  const why = isTrial ? judged.why : [...judged.why, ...reasons(exposure, kitchen.temperature)];
  if (exposure.state === 'good' || judged.state === 'fix') {
    const parts = exposure.parts > 1 ? ` Wrap it in ${exposure.parts} parts, and keep the rest in the fridge.` : '';
    return { ...judged, why, sentence: `${judged.sentence}${judged.state === 'fix' ? '' : parts}` };
  }
  if (exposure.state === 'watch' && judged.state === 'watch' && judged.value !== null) return { ...judged, why };
  const isFix = exposure.state === 'fix';
  return {
    ...judged,
    why,
    state: exposure.state,
    isPast: isFix && !exposure.isForecast,
    headline: isFix ? 'Cooling: out for too long' : 'Cooling: out for long',
    sentence: isFix
      ? `*${formatMinutes(exposure.minutes)}* out of the cold (${partsOf(exposure)}): ${formatMinutes(exposure.mostMinutes)} is the most. ${exposure.isForecast ? 'Plan it differently.' : 'Throw it away.'}`
      : `*${formatMinutes(exposure.minutes)}* out of the cold (${partsOf(exposure)}); the rule is ${formatMinutes(exposure.limitMinutes)}. ${exposure.isForecast ? 'Cool it faster, or keep what waits in the fridge.' : 'Cook what is closed now, and don’t keep the rest.'}`,
    figure: formatMinutes(exposure.minutes),
  };
}

function partsOf({ coolingMinutes, boardMinutes, waitingMinutes }: Exposure): string {
  const list: [number, string][] = [
    [coolingMinutes, 'cooling'],
    [boardMinutes, 'on the board'],
    [waitingMinutes, 'waiting'],
  ];
  return list
    .filter(([minutes]) => minutes >= WORTH_SAYING)
    .map(([minutes, what]) => `${formatMinutes(minutes)} ${what}`)
    .join(', ');
}

function reasons(exposure: Exposure, scale: 'C' | 'F'): Reason[] {
  return [
    {
      text: `Out of the cold and below ${formatTemperature(DANGER.toC, scale)} in all${exposure.isForecast ? ', as planned' : ''}: ${partsOf(exposure)}`,
      figure: formatMinutes(exposure.minutes),
      source: STANDING.authority,
    },
    {
      text: 'The most, whatever the rule',
      figure: formatMinutes(exposure.mostMinutes),
      source: STANDING.mostAuthority,
    },
  ];
}
