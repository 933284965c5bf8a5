import type { ChartKind } from '../kinds';
import type { ChartRecord } from '../record';
import { bars, shares } from './bars';
import { box } from './box';
import { bubbles } from './bubbles';
import { cumulative } from './cumulative';
import { dots } from './dots';
import { histogram } from './histogram';
import { joined } from './joined';
import { points } from './points';
import { quantile } from './quantile';
import { stem } from './stem';

/** How each chart is worked. */
export const charts: Readonly<Record<ChartKind, ChartRecord>> = {
  points,
  joined,
  bubbles,
  histogram,
  cumulative,
  box,
  dots,
  stem,
  quantile,
  bars,
  shares,
};
