import { defineChart } from '../record';
import type { LabelData, PairData } from '../record';
import { labelsModel } from './labels';
import { pointsModel } from './points';

/** Points joined by lines in the order of their rows, on an axis of numbers or over labels. */
export const joined = defineChart<PairData | LabelData>({
  model: (data, work) => (data.of === 'pair' ? pointsModel(data, work, true) : labelsModel(data, work, 'line')),
});
