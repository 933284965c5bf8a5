import fc from 'fast-check';
import { functionNames, functions } from '../function';
import type { DescribedFunction } from '../function/described';
import { bare } from './brackets';
import { markupText } from './markup';
import { parse } from './parse';
import { printLatex } from './print-latex';
import { printMathml } from './print-mathml';
import { readLatex } from './read-latex';
import { readMathml } from './read-mathml';
import type { Tree } from './tree';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const SEED = 20261128;

function meaning(text: string | null): string | null {
  if (text === null) return null;
  const reading = parse(text, options);
  return reading.ok
    ? JSON.stringify(bare(reading.value.tree), (k, v: unknown) =>
        k === 'span' ? undefined : typeof v === 'bigint' ? `${v}` : v,
      )
    : `unreadable ${text}`;
}

test.each([
  ['\\frac{1}{2}+\\frac{1}{3}', '1/2+1/3'],
  ['x^{2}+2x', 'x^2+2x'],
  ['$\\sqrt{x+1}$', 'sqrt(x+1)'],
  ['\\sqrt[4]{2401}', 'root(4,2401)'],
  ['2\\sqrt{11}+5\\sqrt{11}', '2sqrt(11)+5sqrt(11)'],
  ['\\sin\\left(30^{\\circ}\\right)', 'sin(30°)'],
  ['\\sin^{2} x', 'sin(x)^2'],
  ['\\log_{2}(8)', 'log(8,2)'],
  ['\\log_2 8', 'log(8,2)'],
  ['\\sum_{k=1}^{6} k^3', 'sum(k^3,k,1,6)'],
  ['\\sum_{k=1}^{3} k \\leq 7', 'sum(k,k,1,3)<=7'],
  ['\\sum_{k=1}^{3} |k-2|', 'sum(abs(k-2),k,1,3)'],
  ['\\begin{cases} -x & \\text{if } x<0 \\\\ x & \\text{otherwise} \\end{cases}', 'cases(x<0,-x,x)'],
  ['\\overline{2+3i}', 'conj(2+3i)'],
  ['\\int_1^4 3x^2-x\\,dx', 'integral(3x^2-x,x,1,4)'],
  ['\\int_{0}^{1} x \\, \\mathrm{d}x', 'integral(x,x,0,1)'],
  ['\\left|x-2\\right|', 'abs(x-2)'],
  ['3 \\cdot 4 \\div 2', '3*4÷2'],
  ['x \\leq 2', 'x<=2'],
  ['\\pi r^2', 'pi r^2'],
  ['\\binom{5}{2}', 'nCr(5,2)'],
  ['\\log_2\\left(8\\right)^2', 'log(8,2)^2'],
  ['\\log_2^3 x', 'log(x,2)^3'],
  ['|x|+|y|^2', 'abs(x)+abs(y)^2'],
  ['\\int_0^1 \\sum_{k=1}^{3} x^k \\, dx + 1', 'integral(sum(x^k,k,1,3),x,0,1)+1'],
  ['\\sum_{k=1}^{3} -k (2+k) - 1', 'sum(-k(2+k),k,1,3)-1'],
  ['2\\tfrac{1}{2}+p i', '2 1/2+p i'],
  ['\\sin 2x', 'sin(2x)'],
  ['\\arctan^2 x', 'atan(x)^2'],
  ["30^\\circ 15'", "30°15'"],
  ['0.\\overline{3}', '0.3\u0305'],
  ['e^{-x}', 'e^(-x)'],
])('LaTeX %s is %s', (latex, typed) => expect(meaning(readLatex(latex, '.'))).toBe(meaning(typed)));

test.each([
  '\\begin{align}1\\end{align}',
  '\\foo{2}',
  '\\frac{1}',
  'x_{1}',
  '|x',
  '\\int_0^1 x',
  '\\sum_{k=1} k',
  '\\left(x',
])('LaTeX %s is beyond it', (latex) => expect(readLatex(latex, '.')).toBeNull());

test('a comma between digits is decimal where that sign is set, and no number elsewhere', () => {
  const mathml = '<math><mn>2,5</mn><mi>x</mi></math>';
  expect([readMathml(mathml, ','), meaning(readMathml(mathml, '.'))]).toEqual(['2.5x', 'unreadable 2,5x']);
  expect(readLatex('2{,}5x', ',')).toBe('2.5x');
});

test.each([
  ['<math><mfrac><mn>1</mn><mn>2</mn></mfrac><mo>+</mo><mn>3</mn></math>', '1/2+3'],
  ['<math><msup><mi>x</mi><mn>2</mn></msup></math>', 'x^2'],
  ['<math><msqrt><mi>x</mi><mo>+</mo><mn>1</mn></msqrt></math>', 'sqrt(x+1)'],
  ['<math><mroot><mn>8</mn><mn>3</mn></mroot></math>', 'cbrt(8)'],
  ['<math><mo>|</mo><mi>x</mi><mo>|</mo><mo>-</mo><mo>⌊</mo><mi>y</mi><mo>⌋</mo></math>', 'abs(x)-floor(y)'],
  ['<math><mrow><mo>(</mo><mfrac linethickness="0"><mn>5</mn><mn>2</mn></mfrac><mo>)</mo></mrow></math>', 'nCr(5,2)'],
  ['<math><msubsup><mo>∫</mo><mn>0</mn><mn>1</mn></msubsup><mi>x</mi><mi>dx</mi></math>', 'integral(x,x,0,1)'],
  ['<math><mn>2</mn><mfrac><mn>5</mn><mn>6</mn></mfrac></math>', '2 5/6'],
  ['<p><m:math xmlns:m="x"><m:mn>2</m:mn><m:mo>&#xD7;</m:mo><m:mi>&pi;</m:mi></m:math></p>', '2*pi'],
  [
    '<math><munderover><mo>∑</mo><mrow><mi>k</mi><mo>=</mo><mn>1</mn></mrow><mn>6</mn></munderover><mi>k</mi><mo>+</mo><mn>1</mn></math>',
    'sum(k,k,1,6)+1',
  ],
])('MathML %s is %s', (mathml, typed) => expect(meaning(readMathml(mathml, '.'))).toBe(meaning(typed)));

test.each(['no mathematics', '<math><mfrac></math>', '<math><mtable></mtable></math>'])(
  'MathML %s is beyond it',
  (mathml) => expect(readMathml(mathml, '.')).toBeNull(),
);

/** A call of any function that is read back as it was written, with operands of some kind. */
const callOf = (f: DescribedFunction, [a = '1', b = '2', c = '3']: readonly string[]): string => {
  switch (f.binds) {
    case 'sum':
    case 'prod':
      return `${f.name}(${a},k,1,${b})`;
    case 'integral':
      return `integral(${a},x,${b},${c})`;
    case 'derivative':
      return `derivative(${a},x,${b})`;
    case 'cases':
      return `cases(${a}<${b},${b},${a}=${c} and ${b}>2,${a},${c})`;
    default:
      return `${f.name}(${[a, b, c, a, b].slice(0, f.least).join(',')})`;
  }
};
const called = functions.filter((f) => f.notation?.isOnlyPrinted !== true && f.binds !== 'chance');
/** Those of distributions all stand alike, so that one of them is drawn as often as any other function. */
const ofChance = functions.filter((f) => f.binds === 'chance');

const leaf = fc.constantFrom(
  '2',
  '3.5',
  'x',
  'y',
  'pi',
  '12',
  'e',
  'p',
  'i',
  "30°15'",
  '2 1/2',
  '0.1\u03056\u0305',
  'inf',
);
const expression = fc.letrec<{ e: string }>((tie) => ({
  e: fc.oneof(
    { maxDepth: 4 },
    leaf,
    fc
      .tuple(tie('e'), fc.constantFrom('+', '-', '*', '÷', '', ' mod '), tie('e'))
      .map(([a, op, b]) => `(${a})${op}(${b})`),
    fc.tuple(tie('e'), tie('e')).map(([a, b]) => `(${a})/(${b})`),
    fc.tuple(tie('e'), tie('e')).map(([a, b]) => `(${a})^(${b})`),
    fc.tuple(tie('e'), fc.constantFrom('!', '%', '°', ' rad', '^2')).map(([a, sign]) => `(${a})${sign}`),
    tie('e').map((a) => `-(${a})`),
    fc.tuple(tie('e'), tie('e')).map(([a, b]) => `[(${a}),(${b})]`),
    fc.tuple(tie('e'), tie('e'), tie('e')).map(([a, b, c]) => `[[(${a}),(${b})],[A[1],(${c})]]`),
    tie('e').map((a) => `A[2,(${a})]`),
    fc
      .tuple(fc.constantFrom(...ofChance), fc.array(tie('e'), { minLength: 3, maxLength: 3 }))
      .map(([f, args]) => callOf(f, args)),
    ...called.map((f) => fc.array(tie('e'), { minLength: 3, maxLength: 3 }).map((args) => callOf(f, args))),
  ),
})).e;

const treeOf = (text: string): Tree => {
  const reading = parse(text, options);
  if (!reading.ok) throw new Error(text);
  return reading.value.tree;
};

test(`what is copied as LaTeX or MathML reads back with the same meaning (seed ${SEED})`, () => {
  fc.assert(
    fc.property(expression, (text) => {
      const tree = treeOf(text);
      const latex = printLatex(tree);
      if (meaning(readLatex(latex, '.')) !== meaning(text))
        throw new Error(`${text} → ${latex} → ${readLatex(latex, '.')}`);
      for (const decimalSign of ['.', ','] as const) {
        const mathml = markupText(printMathml(tree, { decimalSign, impliedFirst: false, grouping: true }));
        const read = readMathml(mathml, decimalSign);
        if (meaning(read) !== meaning(text)) throw new Error(`${text} → ${mathml} → ${read}`);
      }
    }),
    { seed: SEED, numRuns: 200 },
  );
});
