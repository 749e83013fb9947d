export { BeginScreen as default } from '@/screens/begin/begin-screen';
