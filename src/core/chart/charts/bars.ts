import { defineChart } from '../record';
import type { LabelData } from '../record';
import { groupedModel, labelsModel, sharesModel } from './labels';

/** A bar over each label, or one for each group. */
export const bars = defineChart<LabelData>({
  model: (data, work) =>
    data.groups === null ? labelsModel(data, work, 'bars') : groupedModel(data, data.groups, work),
});

/** Each label as a part of the whole. */
export const shares = defineChart<LabelData>({ model: sharesModel });
