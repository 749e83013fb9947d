/** All of Day in one part: it is fetched when Day is opened, and nothing of it before. */
export { DayScreen } from './day-screen';
export { SheetScreen } from './sheet-screen';
export { ShoppingScreen } from './shopping-screen';
export { NowScreen } from './now/now-screen';
