export { Curves as default } from '@/screens/figures-later';
