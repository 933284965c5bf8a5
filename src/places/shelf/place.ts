import Library from 'lucide-react-native/icons/library';
import { later } from '@/places/frame/Boundary';
import { definePlace } from '@/places/frame/place';
import { words } from '@/text/labels';

export const shelf = definePlace({
  id: 'shelf',
  path: '/shelf',
  name: words.shelf,
  icon: Library,
  screen: later(async () => (await import('@/places/beside-the-bench')).Shelf),
});
