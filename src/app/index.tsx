export { BenchScreen as default } from '@/screens/bench/bench-screen';
