import Spline from 'lucide-react-native/icons/spline';
import { later } from '@/places/frame/Boundary';
import { definePlace } from '@/places/frame/place';
import { curveWords } from '@/text/curve-labels';

export const curves = definePlace({
  id: 'curves',
  help: 'curves',
  path: '/curves',
  name: curveWords.curves,
  icon: Spline,
  screen: later(async () => (await import('@/places/beside-the-bench')).Curves),
});
