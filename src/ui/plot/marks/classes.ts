import type { ClassMarks } from '@/core/chart/model';
import { lineThrough, rectangle, shape } from './record';
import type { MarkRecord } from './record';

/** Bars that stand on zero over their classes, and what is laid over them. */
export const classMarks: MarkRecord<ClassMarks> = {
  paths: ({ bars, line }, scale) => {
    const d = bars.map(({ from, to, height }) => rectangle(scale, from, to, 0, height)).join('');
    return [
      shape('bars', d, { fill: 'curve1', stroke: 'curve1', opacity: 0.22 }),
      ...(line === undefined ? [] : [shape('line', lineThrough(line, scale), { stroke: 'accent', width: 2 })]),
    ];
  },
  chosen: ({ bars }, index, scale) => {
    const bar = bars[index];
    if (bar === undefined) return null;
    const d = rectangle(scale, bar.from, bar.to, 0, bar.height);
    return shape('chosen', d, { fill: 'accent', stroke: 'accent', opacity: 0.3, width: 2.4 });
  },
  at: ({ bars }, { atX }, { x }) => {
    const found = bars.findIndex(({ from, to }) => x >= atX(from) && x <= atX(to));
    return found < 0 ? null : found;
  },
};
