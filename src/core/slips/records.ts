import { angleUnit, dmsDecimal, minutesSeconds } from './kinds/angles';
import { digitDoubled, digitLeftOut, digitsSwapped, digitWrong, exponentOfTen, pointMoved } from './kinds/digits';
import {
  choices,
  deviations,
  functionPower,
  logBase,
  powerProduct,
  reciprocalInverse,
  rootDivision,
} from './kinds/functions';
import { brackets, impliedProduct, leftToRight, signPower } from './kinds/grouping';
import { mixedProduct, numberNotUsed, numberTwice } from './kinds/numbers';
import { percentAdded, percentBase } from './kinds/percents';
import { roundedEarly } from './kinds/rounding';
import { minus } from './kinds/signs';
import type { SlipRecord } from './slip';

/** Every slip, in the order in which one is made upon another: how the line is read, what is keyed, how it is worked. */
export const records: readonly SlipRecord[] = [
  signPower,
  impliedProduct,
  leftToRight,
  brackets,
  minus,
  functionPower,
  reciprocalInverse,
  logBase,
  rootDivision,
  powerProduct,
  choices,
  deviations,
  percentAdded,
  percentBase,
  mixedProduct,
  dmsDecimal,
  minutesSeconds,
  exponentOfTen,
  pointMoved,
  digitsSwapped,
  digitLeftOut,
  digitDoubled,
  digitWrong,
  numberTwice,
  numberNotUsed,
  angleUnit,
  roundedEarly,
];
