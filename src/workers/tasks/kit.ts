import { chanceView } from '../kit/chance';
import { compareView } from '../kit/compare';
import { drawView } from '../kit/draw';
import { filled } from '../kit/fill';
import { loanView } from '../kit/loan';
import { pairsView } from '../kit/pairs';
import { exercisesOf, markView, traceOf } from '../kit/practice';
import { polynomialView } from '../kit/polynomial';
import { resultsOf } from '../kit/results';
import { markedResults, sheetKey } from '../kit/sheets';
import { systemView } from '../kit/system';
import { testView } from '../kit/tests';
import { defineTask } from './define';
import type { TasksOf } from './define';

/** What the tools of Kit ask for. */
export const kitTasks = [
  defineTask({ kind: 'results', run: resultsOf }),
  defineTask({ kind: 'system', run: systemView }),
  defineTask({ kind: 'polynomial', run: polynomialView }),
  defineTask({ kind: 'pairs', run: pairsView }),
  defineTask({ kind: 'fill', run: filled }),
  defineTask({ kind: 'loan', run: loanView }),
  defineTask({ kind: 'chance', run: chanceView }),
  defineTask({ kind: 'test', run: testView }),
  defineTask({ kind: 'draws', run: drawView }),
  defineTask({ kind: 'slips', run: compareView }),
  defineTask({ kind: 'exercises', run: exercisesOf }),
  defineTask({ kind: 'mark', run: markView }),
  defineTask({ kind: 'trace', run: traceOf }),
  defineTask({ kind: 'sheetKey', run: sheetKey }),
  defineTask({ kind: 'sheetResults', run: markedResults }),
] as const;

export type KitTasks = TasksOf<typeof kitTasks>;
