import { defineChart } from '../record';
import type { LabelData } from '../record';
import { labelsModel } from './labels';

/** A bar over each label. */
export const bars = defineChart<LabelData>({ model: (data, work) => labelsModel(data, work, 'bars') });
