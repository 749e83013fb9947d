export { DayScreen as default } from '@/screens/day/day-screen';
