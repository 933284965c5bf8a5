export { Shelf as default } from '@/screens/shelf/Shelf';
