import type { FitModel } from '../fit-models';
import { exponential } from './exponential';
import { logarithmic } from './logarithmic';
import { polynomial } from './polynomial';
import { logistic } from './logistic';
import { power } from './power';
import type { FitRecord } from './record';
import { sine } from './sine';
import { straight } from './straight';

/** How each model is worked. */
export const records: Readonly<Record<FitModel, FitRecord>> = {
  straight,
  polynomial,
  exponential,
  power,
  logarithmic,
  logistic,
  sine,
};
