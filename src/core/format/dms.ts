import { grouped } from '../language/numerals';
import { convertAngle } from '../number/angle';
import { multiply } from '../number/arithmetic';
import { roundToPlaces } from '../number/digits';
import { absolute } from '../number/integer';
import { fromWhole, isReal } from '../number/value';
import type { FormRecord } from './form';

/** Seconds are shown to this many places. */
const SECOND_PLACES = 2;
const UNITS_A_SECOND = 10n ** BigInt(SECOND_PLACES);
/** Larger angles are not written so. */
const LARGEST_DEGREES = 10n ** 12n;

/** 73°24′36″: an angle in degrees, minutes and seconds, seconds rounded half away from zero to two places. */
export const dms: FormRecord = {
  id: 'dms',
  write: (v, { grouping, decimalSign }, shouldContinue, { unit, isAngle }) => {
    if (!isAngle || !isReal(v)) return null;
    const degrees = convertAngle(v, unit, 'deg', shouldContinue);
    if (!degrees.ok) return null;
    const seconds = roundToPlaces(multiply(degrees.value, fromWhole(3600)), SECOND_PLACES, shouldContinue);
    if (typeof seconds === 'string') return null;
    const all = absolute(seconds.unscaled);
    const whole = all / (3600n * UNITS_A_SECOND);
    if (whole > LARGEST_DEGREES) return null;
    const minutes = (all / (60n * UNITS_A_SECOND)) % 60n;
    const rest = all % (60n * UNITS_A_SECOND);
    const part = (rest % UNITS_A_SECOND).toString().padStart(SECOND_PLACES, '0').replace(/0+$/, '');
    const second = (rest / UNITS_A_SECOND).toString() + (part === '' ? '' : `.${part}`);
    const isNegative = seconds.unscaled < 0n;
    const shown = grouping ? grouped(whole.toString()) : whole.toString();
    return {
      id: 'dms',
      exact: seconds.exact,
      settled: seconds.settled,
      text: `${isNegative ? '−' : ''}${shown}°${minutes}′${second.replace('.', decimalSign)}″`,
      typed: `${isNegative ? '-' : ''}${whole}°${minutes}'${second}"`,
    };
  },
};
