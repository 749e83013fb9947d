/** The trial fillings as a list: what practitioners said of each, and what the application says. */
import { judgeTrial, TRIAL } from '../test/known-fillings/trial';

let moisture = 0;
let salt = 0;
let caught = 0;
for (const known of TRIAL) {
  const plain = judgeTrial(known, known);
  const spoilt = judgeTrial(known, known.spoilt);
  if (plain.isMoistureRight) moisture += 1;
  if (plain.isSaltRight) salt += 1;
  const isCaught = spoilt.isMoistureRight && spoilt.isSaltRight;
  if (isCaught) caught += 1;
  const fixes = (of: typeof plain, wanted: string | null): string =>
    of.firstFix === null && wanted === null
      ? ''
      : `; first “${of.firstFix ?? 'nothing'}”, a cook: “${wanted ?? 'nothing'}”`;
  console.log(
    `${known.id} ${known.title}\n   ${plain.isMoistureRight ? 'agrees ' : 'DIFFERS'} ${plain.headline} (${plain.figures})${fixes(plain, known.firstFix)}${plain.isSaltRight ? '' : `; SALT ${plain.saltHeadline}`}\n   ${isCaught ? 'caught ' : 'MISSED '} ${known.spoilt.how}: ${spoilt.headline} (${spoilt.figures})${fixes(spoilt, known.spoilt.firstFix)}${spoilt.isSaltRight ? '' : `; SALT ${spoilt.saltHeadline}`}`,
  );
}
console.log(
  `moisture ${moisture}, salt ${salt} of ${TRIAL.length} ordinary fillings; ${caught} of ${TRIAL.length} spoilt ones judged as a cook would`,
);
