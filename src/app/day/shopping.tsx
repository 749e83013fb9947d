export { ShoppingScreen as default } from '@/screens/day/shopping-screen';
