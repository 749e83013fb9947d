export { LarderScreen as default } from '@/screens/larder/larder-screen';
