import { contextOf } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { isAngle, isInDecimals, quotientOf } from '../evaluate/observe';
import type { Tree } from '../language/tree';
import { formsOf } from '.';
import type { Nature } from './form';
import type { DisplaySettings } from './settings';

const shouldContinue = () => true;
const auto: DisplaySettings = { mode: 'auto', digits: 10, grouping: false, decimalSign: '.' };

const nature = (tree: Tree): Nature => ({
  unit: 'rad',
  isAngle: isAngle(tree),
  quotient: quotientOf(tree),
  isDecimal: isInDecimals(tree),
  bases: [],
  asked: null,
});

function formsIn(typed: string, settings: DisplaySettings): string[] {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(reading.problem.code);
  const value = evaluate(reading.value.tree, contextOf({ angle: 'rad', complex: true, shouldContinue }));
  if (!value.ok) throw new Error(value.problem.code);
  const forms = formsOf(value.value, settings, shouldContinue, nature(reading.value.tree));
  if (!forms.ok) throw new Error(forms.problem);
  return forms.value.map((f) => `${f.exact ? '=' : '≈'} ${f.text}`);
}

test.each([
  ['42', ['= 42', '= 2 × 3 × 7']],
  ['-78/5', ['= −78/5', '= −15 3/5', '= −15.6', '= −16 remainder 2']],
  ['17/6', ['= 17/6', '= 2 5/6', '= 2.83̅', '≈ 2.833333333', '= 2 remainder 5']],
  ['1/7', ['= 1/7', '= 0.1̅4̅2̅8̅5̅7̅', '≈ 0.1428571429', '= 0 remainder 1']],
  ['1/97', ['= 1/97', '≈ 0.01030927835', '= 0 remainder 1']],
  ['3/4', ['= 3/4', '= 0.75', '= 0 remainder 3']],
  ['sqrt(8)', ['= 2√2', '≈ 2.828427125']],
  ['(1-sqrt(5))/2', ['= (1 − √5)/2', '≈ −0.6180339887']],
  ['-sqrt(2)-sqrt(3)', ['= −√2 − √3', '≈ −3.14626437']],
  ['-3pi/4', ['= −3π/4', '≈ −2.35619449']],
  ['ln(2)', ['≈ 0.6931471806']],
  ['2i', ['= 2i', '= 2∠π/2']],
  ['(1+i)^5', ['= −4 − 4i', '= 4√2∠−3π/4']],
  ['sqrt(-4)+cbrt(-8)', ['= 1 + (2 + √3)i', '≈ 1 + 3.732050808i', '= (√2 + √6)∠5π/12']],
  ['ln(-2)', ['≈ 0.6931471806 + 3.141592654i', '≈ 3.217150512∠1.353639845']],
  ['e^-100000', ['≈ 3.562949565×10⁻⁴³⁴³⁰']],
  ['10^12', ['= 1000000000000', '= 1×10¹²', '= 2¹² × 5¹²']],
  ['2.5', ['= 2.5', '= 5/2', '= 2 1/2']],
  ['cbrt(16)', ['= 2cbrt(2)', '≈ 2.5198421']],
  ['asin(1/2)', ['= π/6', '≈ 0.5235987756', '= 30°0′0″']],
  ['2atan(2)', ['≈ 2.214297436', '≈ 126°52′11.63″', '≈ 0.7048327647π rad']],
  ['73°24\'36"', ['= 2447π/6000', '≈ 1.281246204', '= 73°24′36″']],
  ['0.3+1/4', ['= 0.55', '= 11/20']],
  ['0.5/3', ['≈ 0.1666666667', '= 1/6', '= 0.16̅']],
  ['2.83̅', ['= 17/6', '= 2 5/6', '= 2.83̅', '≈ 2.833333333']],
  ['4E-3', ['= 0.004', '= 1/250']],
  ['0.5sqrt(8)', ['≈ 1.414213562', '= √2']],
  ['1/2^20', ['= 1/1048576', '≈ 9.536743164×10⁻⁷']],
])('%s has the forms %j', (typed, expected) => expect(formsIn(typed, auto)).toEqual(expected));

// The decimal of a value under settings: mode, digits, grouping, decimal sign.
test.each([
  ['12345.678', 'auto', 5, false, '.', '≈ 12346'],
  ['12345.678', 'auto', 4, false, '.', '≈ 1.235×10⁴'],
  ['12345.678', 'auto', 8, true, ',', '= 12 345,678'],
  ['12345.678', 'places', 2, true, '.', '≈ 12 345.68'],
  ['5/8', 'places', 2, false, '.', '≈ 0.63'],
  ['-5/8', 'places', 2, false, '.', '≈ −0.63'],
  ['2', 'places', 3, false, '.', '= 2.000'],
  ['1/2000', 'places', 2, false, '.', '≈ 0.00'],
  ['9.9996', 'places', 3, false, '.', '≈ 10.000'],
  ['12345.678', 'scientific', 3, false, '.', '≈ 1.23×10⁴'],
  ['0.00012', 'scientific', 3, false, '.', '= 1.20×10⁻⁴'],
  ['9.9996', 'scientific', 4, false, '.', '≈ 1.000×10¹'],
  ['12345.678', 'engineering', 4, false, '.', '≈ 12.35×10³'],
  ['0.00012', 'engineering', 3, false, '.', '= 120×10⁻⁶'],
  ['123456', 'engineering', 2, false, '.', '≈ 120×10³'],
  ['0.0000012345', 'auto', 10, false, '.', '= 0.0000012345'],
  ['0.00000012345', 'auto', 10, false, '.', '= 1.2345×10⁻⁷'],
  ['pi', 'auto', 15, true, '.', '≈ 3.141 592 653 589 79'],
] as const)(
  '%s in %s with %i digits (grouping %s, sign %s) is %s',
  (typed, mode, digits, grouping, decimalSign, expected) => {
    const all = formsIn(typed, { mode, digits, grouping, decimalSign });
    expect(all.map((f) => f.replaceAll('\u2009', ' '))).toContain(expected);
  },
);
