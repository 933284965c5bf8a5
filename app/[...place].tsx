export { PlaceScreen as default } from '@/places/PlaceScreen';
