export { Curves as default } from '@/screens/curves/Curves';
