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
import { fractionsAdded, fractionTurned, mixedParts } from './kinds/fractions';
import { brackets, impliedProduct, leftToRight, signPower } from './kinds/grouping';
import { mixedProduct, numberNotUsed, numberTwice } from './kinds/numbers';
import { carrying, meanMedian, otherFunction, otherOperation } from './kinds/operations';
import { percentAdded, percentBase } from './kinds/percents';
import { roundedEarly } from './kinds/rounding';
import { minus } from './kinds/signs';
import { exponentLaw, oneTerm, termByTerm } from './kinds/terms';
import type { SlipRecord } from './slip';

/** Every slip, in the order in which one is made upon another: how the line is read, what is keyed, how it is worked. */
export const records: readonly SlipRecord[] = [
  signPower,
  impliedProduct,
  leftToRight,
  brackets,
  fractionsAdded,
  fractionTurned,
  mixedParts,
  termByTerm,
  oneTerm,
  exponentLaw,
  minus,
  functionPower,
  reciprocalInverse,
  logBase,
  rootDivision,
  powerProduct,
  choices,
  deviations,
  meanMedian,
  otherFunction,
  otherOperation,
  carrying,
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
