import { itemAt } from '@/core/base/item';
import type { Palette } from '../theme/palette';

/** How a curve is told from others, with and without colour. */
export type Look = Readonly<{ colour: keyof Palette; dash: string; width: number; name: string }>;

/** Colour and line pattern of each look, in the order in which functions take them. */
export const looks: readonly Look[] = [
  { colour: 'curve1', dash: '', width: 2.4, name: 'blue, unbroken' },
  { colour: 'curve2', dash: '9 5', width: 2.4, name: 'madder, dashed' },
  { colour: 'curve3', dash: '3 4', width: 3, name: 'green, dotted' },
  { colour: 'curve4', dash: '12 4 3 4', width: 2.4, name: 'ochre, dash and dot' },
  { colour: 'curve5', dash: '18 6', width: 2.4, name: 'violet, long dashes' },
  { colour: 'curve6', dash: '6 4', width: 2.4, name: 'grey, short dashes' },
  { colour: 'curve7', dash: '12 3 3 3 3 3', width: 2.4, name: 'teal, dash and two dots' },
  { colour: 'curve8', dash: '', width: 4.2, name: 'brown, heavy' },
];

export const seriesStyle = (look: number): Look => looks[look] ?? itemAt(looks, 0);
