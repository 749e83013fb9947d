/** Every clock that runs is watched, on whatever page the cook is. One part of the program, fetched when the first clock runs. */
import { BoardWatch } from './board-watch';
import { CookWatch } from './cook-watch';
import { CoolingWatch } from './cooling-watch';
import { DayWatch } from './day-watch';

export default function Watches() {
  return (
    <>
      <CoolingWatch />
      <BoardWatch />
      <CookWatch />
      <DayWatch />
    </>
  );
}
