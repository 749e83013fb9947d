export { KitchenScreen as default } from '@/screens/kitchen/kitchen-screen';
