import { toSuperscript } from '../language/tokens';
import { exponentOf, roundToFigures, roundToPlaces } from '../number/digits';
import type { Decimal, DecimalAnswer } from '../number/digits';
import type { Alive } from '../base/alive';
import type { Value } from '../number/value';
import type { Form, FormRecord } from './form';
import { layOut, mantissaText, typedText } from './layout';
import type { Laid } from './layout';
import type { DisplaySettings } from './settings';

/** Auto writes smaller numbers with a power of ten. */
const SMALLEST_PLAIN_EXPONENT = -6;
/** Places gives way to a power of ten beyond this. */
const LARGEST_PLACES_EXPONENT = 30;

function rounded(v: Value, { mode, digits }: DisplaySettings, alive: Alive): DecimalAnswer {
  if (mode !== 'places') return roundToFigures(v, digits, alive);
  const first = roundToFigures(v, digits + 1, alive);
  if (typeof first === 'string' || exponentOf(first) > LARGEST_PLACES_EXPONENT) return first;
  return roundToPlaces(v, digits, alive);
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

/** A rounded decimal as a form under the settings. */
export function decimalForm(decimal: Decimal, settings: DisplaySettings): Form {
  const laid = laidOut(decimal, settings);
  const mantissa = mantissaText(laid, settings.grouping, settings.decimalSign);
  const sign = laid.negative ? '−' : '';
  const ten = laid.exponent === null ? '' : `×10${toSuperscript(BigInt(laid.exponent))}`;
  return {
    id: 'decimal',
    exact: decimal.exact,
    settled: decimal.settled,
    text: sign + mantissa + ten,
    typed: typedText(laid),
  };
}

export const decimal: FormRecord = {
  id: 'decimal',
  write: (v, settings, alive) => {
    const made = rounded(v, settings, alive);
    return typeof made === 'string' ? made : decimalForm(made, settings);
  },
};
