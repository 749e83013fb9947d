/** The known wraps as a list: what one who makes them says, and what the application says. */
import { judgeWrap } from '../test/known-wraps/judged';
import { SPOILT_WRAPS, WRAPS } from '../test/known-wraps/hands';

let right = 0;
for (const known of [...WRAPS, ...SPOILT_WRAPS]) {
  const { isRight, words, fixes } = judgeWrap(known);
  if (isRight) right += 1;
  console.log(`${isRight ? 'right  ' : 'DIFFERS'} ${known.name}: ${words}${fixes === '' ? '' : ` | ${fixes}`}`);
}
console.log(`${right} of ${WRAPS.length + SPOILT_WRAPS.length} wraps judged as one who makes them would`);
