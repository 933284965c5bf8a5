import Table2 from 'lucide-react-native/icons/table-2';
import { later } from '@/places/frame/Boundary';
import { definePlace } from '@/places/frame/place';
import { words } from '@/text/labels';

export const columns = definePlace({
  id: 'columns',
  help: 'columns',
  path: '/columns',
  name: words.columns,
  icon: Table2,
  screen: later(async () => (await import('@/places/beside-the-bench')).Columns),
});
