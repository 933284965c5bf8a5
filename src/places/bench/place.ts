import NotebookPen from 'lucide-react-native/icons/notebook-pen';
import { words } from '@/text/labels';
import { definePlace } from '@/places/frame/place';
import { Bench } from './Bench';

export const bench = definePlace({ id: 'bench', path: '/', name: words.bench, icon: NotebookPen, screen: Bench });
