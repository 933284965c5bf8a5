import { toSuperscript } from '../language/tokens';
import { exponentOf, roundToFigures, roundToPlaces } from '../number/digits';
import type { Decimal, DecimalAnswer } from '../number/digits';
import type { ShouldContinue } from '../base/should-continue';
import { isReal } from '../number/value';
import type { RealValue } from '../number/value';
import type { FormRecord } from './form';
import { layOut, mantissaText, typedText } from './layout';
import type { Laid } from './layout';
import type { DisplaySettings } from './settings';

/** Auto writes smaller numbers with a power of ten. */
const SMALLEST_PLAIN_EXPONENT = -6;
/** Places gives way to a power of ten beyond this. */
const LARGEST_PLACES_EXPONENT = 30;

function rounded(v: RealValue, { mode, digits }: DisplaySettings, shouldContinue: ShouldContinue): DecimalAnswer {
  if (mode !== 'places') return roundToFigures(v, digits, shouldContinue);
  const first = roundToFigures(v, digits + 1, shouldContinue);
  if (typeof first === 'string' || exponentOf(first) > LARGEST_PLACES_EXPONENT) return first;
  return roundToPlaces(v, digits, shouldContinue);
}

function laidOut(decimal: Decimal, { mode, digits }: DisplaySettings): Laid {
  const exponent = exponentOf(decimal);
  switch (mode) {
    case 'auto': {
      const isPlain = exponent >= SMALLEST_PLAIN_EXPONENT && exponent < digits;
      return layOut(decimal, isPlain || decimal.unscaled === 0n ? 'plain' : 'scientific', false);
    }
    case 'places':
      return layOut(decimal, exponent > LARGEST_PLACES_EXPONENT ? 'scientific' : 'plain', true);
    case 'scientific':
    case 'engineering':
      return layOut(decimal, mode, true);
  }
}

type Written = Readonly<{ text: string; typed: string }>;

/** A rounded decimal as it is shown and as it is typed. */
export function decimalTexts(decimal: Decimal, settings: DisplaySettings): Written {
  const laid = laidOut(decimal, settings);
  const mantissa = mantissaText(laid, settings.grouping, settings.decimalSign);
  const sign = laid.negative ? '−' : '';
  const ten = laid.exponent === null ? '' : `×10${toSuperscript(BigInt(laid.exponent))}`;
  return { text: sign + mantissa + ten, typed: typedText(laid) };
}

/** A real number rounded as the settings say, with its texts. */
export function roundedTexts(
  v: RealValue,
  settings: DisplaySettings,
  shouldContinue: ShouldContinue,
): (Written & Readonly<{ exact: boolean; settled: boolean; isZero: boolean }>) | Exclude<DecimalAnswer, Decimal> {
  const result = rounded(v, settings, shouldContinue);
  if (typeof result === 'string') return result;
  return {
    ...decimalTexts(result, settings),
    exact: result.exact,
    settled: result.settled,
    isZero: result.unscaled === 0n && result.exact,
  };
}

/** a + bi from the texts of its parts. */
function joined(re: string, im: string, plus: string, minus: string): string {
  const isNegative = im.startsWith('-') || im.startsWith('−');
  const size = isNegative ? im.slice(1) : im;
  return `${re}${isNegative ? minus : plus}${size}i`;
}

export const decimal: FormRecord = {
  id: 'decimal',
  write: (v, settings, shouldContinue) => {
    const re = roundedTexts(isReal(v) ? v : v.re, settings, shouldContinue);
    const im = isReal(v) ? undefined : roundedTexts(v.im, settings, shouldContinue);
    if (typeof re === 'string') return re;
    if (im === undefined)
      return { id: 'decimal', exact: re.exact, settled: re.settled, text: re.text, typed: re.typed };
    if (typeof im === 'string') return im;
    const shown = re.isZero ? { text: '', typed: '' } : re;
    return {
      id: 'decimal',
      exact: re.exact && im.exact,
      settled: re.settled && im.settled,
      text: joined(shown.text, im.text, shown.text === '' ? '' : ' + ', shown.text === '' ? '−' : ' − '),
      typed: joined(shown.typed, im.typed, shown.typed === '' ? '' : '+', '-'),
    };
  },
};
