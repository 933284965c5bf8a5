import { anglesOfLine } from '../angle';
import { answerLine, answerWork } from '../answer';
import { formsOfAll } from '../forms';
import { solveLine } from '../solve';
import { stepsOfLine } from '../steps';
import { tryValues } from '../tries';
import { defineTask, performerOf } from './define';
import type { TasksOf } from './define';

/** What can be asked of a line, or of what keys do with it. */
export const lineTasks = [
  defineTask({ kind: 'answer', run: answerLine }),
  defineTask({ kind: 'work', run: answerWork }),
  defineTask({ kind: 'forms', run: formsOfAll }),
  defineTask({ kind: 'steps', run: stepsOfLine }),
  defineTask({ kind: 'angles', run: anglesOfLine }),
  defineTask({ kind: 'solve', run: solveLine }),
  defineTask({ kind: 'tries', run: tryValues }),
] as const;

export type LineTasks = TasksOf<typeof lineTasks>;

/** The work of the web worker of lines, without the worker. */
export const performLine = performerOf(lineTasks);
