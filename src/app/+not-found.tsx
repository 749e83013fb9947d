export { LostScreen as default } from '@/screens/lost-screen';
