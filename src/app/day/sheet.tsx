export { SheetScreen as default } from '@/screens/day/sheet-screen';
