import type { ChartKind } from '../kinds';
import type { ChartRecord } from '../record';
import { bars } from './bars';
import { box } from './box';
import { histogram } from './histogram';
import { joined } from './joined';
import { points } from './points';

/** How each chart is worked. */
export const charts: Readonly<Record<ChartKind, ChartRecord>> = { points, joined, histogram, box, bars };
