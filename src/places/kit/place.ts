import PencilRuler from 'lucide-react-native/icons/pencil-ruler';
import { later } from '@/places/frame/Boundary';
import { definePlace } from '@/places/frame/place';
import { words } from '@/text/labels';

export const kit = definePlace({
  id: 'kit',
  help: 'kit',
  path: '/kit',
  name: words.kit,
  icon: PencilRuler,
  screen: later(async () => (await import('@/places/beside-the-bench')).Kit),
});
