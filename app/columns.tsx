export { Columns as default } from '@/screens/figures-later';
