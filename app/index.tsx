export { Bench as default } from '@/screens/bench/Bench';
