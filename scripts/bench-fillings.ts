/** The table of known fillings as a list, so that anyone can see how good the judgement is. */
import { KNOWN_FILLINGS } from '../test/known-fillings';
import { judgeKnown, judgeSpoilt } from '../test/known-fillings/judged';

let agree = 0;
let caught = 0;
let mended = 0;
let spoilt = 0;
for (const known of KNOWN_FILLINGS) {
  const { disagrees } = judgeKnown(known);
  if (disagrees.length === 0) agree += 1;
  const marks = known.spoilt.map((how) => {
    const { isCaught, isMendedRightly, firstFix } = judgeSpoilt(known, how);
    spoilt += 1;
    if (isCaught) caught += 1;
    if (isMendedRightly) mended += 1;
    return `${how.wrong}: ${isCaught ? 'caught' : 'MISSED'}${isMendedRightly ? '' : `, first ${firstFix ?? 'nothing'}`}`;
  });
  console.log(
    `${disagrees.length === 0 ? 'agrees  ' : 'DIFFERS '} ${known.name}${disagrees.map((words) => `; ${words}`).join('')}  (${marks.join('; ')})`,
  );
}
console.log(
  `${agree} of ${KNOWN_FILLINGS.length} ordinary fillings judged as a cook would; of ${spoilt} spoilt ones ${caught} caught, ${mended} with the written fix first`,
);
