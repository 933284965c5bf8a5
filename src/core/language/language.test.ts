import fc from 'fast-check';
import { functionNames } from '../function';
import { bare, takesIndex } from './brackets';
import { parse, parseUnfinished } from './parse';
import { printLatex } from './print-latex';
import { markupText } from './markup';
import type { Markup } from './markup';
import { operators } from './operators';
import { printMathml } from './print-mathml';
import { printText, TYPED } from './print-text';
import { readAs } from './read-as';
import {
  NOWHERE,
  basedTree,
  binaryTree,
  callTree,
  constantTree,
  letterTree,
  matrixTree,
  negateTree,
  numberTree,
} from './tree';
import type { Tree } from './tree';

const SEED = 20261124;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const comma = { ...options, decimalSign: ',' } as const;
const impliedFirst = { ...options, impliedFirst: true } as const;

const read = (text: string, o: Parameters<typeof parse>[1] = options) => {
  const result = parse(text, o);
  return result.ok
    ? readAs(result.value, o).text
    : `${result.problem.code}${'reason' in result.problem ? `/${result.problem.reason}` : ''} ${result.problem.at.from}-${result.problem.at.to}`;
};

// The left column is the typed line, the right one how it must be read (or the problem and its place).
test.each([
  ['-4^2+2/5', '−(4²) + 2/5'],
  ['8-6÷2', '8 − (6 ÷ 2)'],
  ['1/2pi', '(1/2)π'],
  ['2^3^2', '2^(3²)'],
  ['2³^2', '(2³)²'],
  ['2^3²', '2^(3²)'],
  ['2^-3^2', '2^(−(3²))'],
  ['3!!', '3!!'],
  ['-3!', '−(3!)'],
  ['7--2', '7 − −2'],
  ['240+15%', '240 × (1 + 15/100)'],
  ['5%+3%', '5% + 3%'],
  ['100+5%+3%', '(100 × (1 + 5/100)) × (1 + 3/100)'],
  ['sin 30 cos 60', 'sin(30)cos(60)'],
  ['sin 2x', 'sin(2x)'],
  ['sin²x', 'sin(x)²'],
  ['sin^2 x', 'sin(x)²'],
  ['sin⁻¹ 0.5', 'asin(0.5)'],
  ['sin -x', 'sin(−x)'],
  ['ln 2+3', 'ln(2) + 3'],
  ['√2x', '√(2)x'],
  ['√(2)^2', '√(2)²'],
  ['2 5/6', '2 + 5/6'],
  ['-2 5/6', '−(2 + 5/6)'],
  ['2½', '2 + 1/2'],
  ['4.2E7', '4.2 × 10⁷'],
  ['2e3', '2 × 10³'],
  ['2*e', '2 × e'],
  ['2e', '2 e'],
  ['.5', '0.5'],
  ['0b1011+0o17·0x1F', '1011₂ + (17₈ × 1F₁₆)'],
  ['1F base 16', '1F₁₆'],
  ['0xff', 'FF₁₆'],
  ['-21 base 12!', '−(21₁₂!)'],
  ['2sin(0b11)x', '2sin(11₂)x'],
  ['10.01̅ base 2', '10.01̅₂'],
  ['1F₁₆', '1F₁₆'],
  ['5 acre to ha', '5 acre to ha'],
  ['5km/h to m/s', '5 km/h to m/s'],
  ['2 h 15 min to min', '2 h 15 min to min'],
  ['-4^2 °C to degrees Fahrenheit', '−(4²) °C to degrees Fahrenheit'],
  ['A := sqrt(2) m² to ft²', 'A := √2 m² to ft²'],
  ['25 to base 7', '25 to base 7'],
  ['5 blob to m', '5 blob to m'],
  ['3 to base 40', 'syntax/base-range 5-12'],
  ['(1 m to ft', '(1) m to ft'],
  ['2to', '2t o'],
  ['0b12', 'syntax/digit-outside-base 3-4'],
  ['1+102 base 2', 'syntax/digit-outside-base 4-5'],
  ['12 base 37', 'syntax/base-range 0-10'],
  ['0b1 0b1', 'syntax/two-numbers 0-7'],
  ['12\u202f345.678\u202f9', '12345.6789'],
  ['2.83\u0305', '2.83\u0305'],
  ['73°24\'36"', '73°24′36″'],
  ['pi/4 rad', '(π/4) rad'],
  ['sin 30 deg', 'sin(30 deg)'],
  ['53 mod 8', '53 mod 8'],
  ['2ABpi', '2ABπ'],
  ['arcsin 1', 'asin(1)'],
  ['(1+2)(3+4', '(1 + 2)(3 + 4)'],
  ['A := 18.4', 'A := 18.4'],
  ['0<x<=3', '0 < x ≤ 3'],
  ['2!=3 and not 1>2 or x≥0', '(2 ≠ 3 and not 1 > 2) or x ≥ 0'],
  ['5!=120', '5 ≠ 120'],
  ['5! =120', '5! = 120'],
  ['cases(x<0,-x,x)', 'cases(x < 0, −x, x)'],
  ['sum(k²,k,1,9)', 'sum(k², k, 1, 9)'],
  ['integral(1/x^2,x,1,∞)', 'integral(1/x², x, 1, ∞)'],
  ['integral(x,x,-inf,0)', 'integral(x, x, −∞, 0)'],
  ['2iA', '2i A'],
  ['total+slot(3)', 'total + slot(3)'],
  ['53 mod(8)', '53 mod (8)'],
  ['mod(53,8)mod 3', 'mod(53, 8) mod 3'],
  ['random()+random', 'random() + random()'],
  ['arsinh 1', 'asinh(1)'],
  ['sinh⁻¹ 1', 'asinh(1)'],
  ['2 3', 'syntax/two-numbers 0-3'],
  ['5 % 3', 'syntax/percent-before-operand 2-5'],
  ['1,234', 'syntax/comma-outside-call 0-5'],
  ['2*1,234.5', 'syntax/comma-outside-call 2-9'],
  ['1,234,567+1', 'syntax/comma-outside-call 0-9'],
  ['1, 10', 'syntax/separator-outside-call 1-2'],
  ['+7-+2', '7 − 2'],
  ['2*+3', '2 × 3'],
  ['2^+3', 'syntax/operand-missing 2-3'],
  ['√+3', 'syntax/operand-missing 1-2'],
  ['(+3)', '(3)'],
  ['++5', 'syntax/operand-missing 1-2'],
  ['2++3', 'syntax/operand-missing 2-3'],
  ['5–3', '5 − 3'],
  ['5—3', '5 − 3'],
  ['５＋３', '5 + 3'],
  ['2⋅3', '2 × 3'],
  ['ｓｉｎ(３０)', 'sin(30)'],
  ['2+', 'syntax/operand-missing 2-2'],
  ['2)', 'syntax/unopened-bracket 1-2'],
  ['2+*3', 'syntax/operand-missing 2-3'],
  ['▯+1', 'syntax/empty-box 0-1'],
  ['sin', 'syntax/argument-missing 0-3'],
  ['nCr(5)', 'argument-count 0-6'],
  ['2.1\u03052', 'syntax/number-badly-formed 0-5'],
  ['', 'syntax/empty 0-0'],
  ['2 @ 3', 'syntax/unknown-character 2-3'],
  ['pi := 3', 'syntax/not-a-letter 0-2'],
  ['(1<2)+1', 'syntax/comparison-as-number 0-5'],
  ['A:=1<2', 'syntax/comparison-as-number 3-6'],
  ['not 3', 'syntax/number-as-comparison 4-5'],
  ['1<2 and 3', 'syntax/number-as-comparison 8-9'],
  ['cases(1,2,3)', 'syntax/number-as-comparison 6-7'],
  ['cases(1<2,3,4,5)', 'syntax/cases-form 0-16'],
  ['sum(k,3,1,2)', 'syntax/variable-missing 6-7'],
  ['sum(k,k,1)', 'argument-count 0-10'],
  ['1<', 'syntax/operand-missing 2-2'],
  ['gcd(4)', 'argument-count 0-6'],
])('%s is read as %s', (typed, expected) => expect(read(typed)).toBe(expected));

test.each([
  ['1/2pi', '1/(2π)'],
  ['6÷2(1+2)', '6 ÷ (2(1 + 2))'],
])('with implied products first, %s is read as %s', (typed, expected) =>
  expect(read(typed, impliedFirst)).toBe(expected),
);

test.each([
  ['3,5+1', '3,5 + 1'],
  ['log(8;2)', 'log(8; 2)'],
])('with a decimal comma, %s is read as %s', (typed, expected) => expect(read(typed, comma)).toBe(expected));

const digits = fc.stringMatching(/^(0|[1-9]\d{0,3})(\.\d{1,3})?$/);
const mixedTree = fc
  .tuple(fc.bigInt(1n, 9n), fc.bigInt(1n, 9n), fc.bigInt(2n, 9n))
  .map(([whole, n, d]): Tree => ({ kind: 'mixed', whole, n, d, span: NOWHERE }));
const leaf: fc.Arbitrary<Tree> = fc.oneof(
  digits.map((d) => numberTree(d)),
  fc.constantFrom('1.5E7', '2E-3').map((d) => numberTree(d)),
  fc
    .constantFrom(['1011', 2], ['1F', 16], ['0.1̅', 12], ['AB', 16])
    .map(([d, b]) => basedTree(d as string, b as number)),
  fc.constantFrom('pi', 'e', 'i', 'inf', 'Ans', 'total').map((n) => constantTree(n as 'pi')),
  fc
    .constantFrom(...'ABEXZabsinx')
    .filter((c) => c !== 'e' && c !== 'i')
    .map((name): Tree => ({ kind: 'letter', name, span: NOWHERE })),
  mixedTree,
  fc.constant<Tree>({ kind: 'dms', degrees: '73', minutes: '24', seconds: '36', span: NOWHERE }),
);
/** What may be an entry: a matrix in a matrix is refused. */
const isNumber = ({ kind }: Tree): boolean => kind !== 'matrix';

const { tree, truth } = fc.letrec<{ tree: Tree; truth: Tree }>((tie) => ({
  truth: fc.oneof(
    { depthSize: 'small', maxDepth: 3 },
    fc
      .tuple(
        tie('tree'),
        fc.constantFrom('equal', 'unequal', 'less', 'atMost', 'greater', 'atLeast'),
        tie('tree'),
        fc.boolean(),
      )
      .map(([first, op, right, isChain]): Tree => {
        const part = { op: op as 'less', right };
        return { kind: 'relation', first, rest: isChain ? [part, { ...part, right: first }] : [part], span: NOWHERE };
      }),
    fc
      .tuple(fc.constantFrom('and', 'or'), tie('truth'), tie('truth'))
      .map(([op, left, right]): Tree => ({ kind: 'logic', op: op as 'and', left, right, span: NOWHERE })),
    tie('truth').map((of): Tree => ({ kind: 'not', of, span: NOWHERE })),
  ),
  tree: fc.oneof(
    { depthSize: 'small', maxDepth: 6 },
    leaf,
    fc
      .tuple(fc.constantFrom('plus', 'minus', 'times', 'divide', 'over', 'mod', 'implied'), tie('tree'), tie('tree'))
      .map(([op, l, r]) => binaryTree(op as 'plus', l, r)),
    tie('tree').map(negateTree),
    fc
      .tuple(tie('tree'), tie('tree'))
      .map(([base, exponent]): Tree => ({ kind: 'power', base, exponent, span: NOWHERE })),
    fc
      .tuple(fc.constantFrom('factorial', 'percent'), tie('tree'))
      .map(([op, of]): Tree => ({ kind: 'postfix', op: op as 'percent', of, span: NOWHERE })),
    fc
      .tuple(fc.constantFrom('deg', 'rad', 'grad'), fc.constantFrom('sign', 'word'), tie('tree'))
      .map(([unit, by, of]): Tree => ({
        kind: 'mark',
        unit: by === 'sign' ? 'deg' : (unit as 'deg'),
        by: by as 'sign',
        of,
        span: NOWHERE,
      })),
    fc.tuple(fc.constantFrom('sin', 'sqrt', 'ln', 'abs'), tie('tree')).map(([fn, arg]) => callTree(fn, arg)),
    fc
      .tuple(fc.constantFrom('nCr', 'log', 'root', 'mod'), tie('tree'), tie('tree'))
      .map(([fn, a, b]) => callTree(fn, a, b)),
    fc.tuple(tie('truth'), tie('tree'), tie('tree')).map((args) => callTree('cases', ...args)),
    fc
      .tuple(fc.constantFrom(1, 2), fc.array(tie('tree').filter(isNumber), { minLength: 2, maxLength: 2 }))
      .map(([columns, entries]) => matrixTree(columns, entries)),
    fc
      .tuple(tie('tree').filter(takesIndex), fc.array(tie('tree').filter(isNumber), { minLength: 1, maxLength: 2 }))
      .map(([of, at]): Tree => ({ kind: 'entry', of, at, span: NOWHERE })),
    fc
      .tuple(fc.constantFrom('sum', 'integral'), tie('tree'), tie('tree'), tie('tree'))
      .map(([fn, of, lo, hi]) => callTree(fn, of, letterTree('k'), lo, hi)),
  ),
}));

test.each([
  ['.', false],
  [',', false],
  ['.', true],
] as const)(
  `printing then reading gives the same tree (sign %s, implied first %s, seed ${SEED})`,
  (decimalSign, isFirst) => {
    const o = { functions: functionNames, decimalSign, impliedFirst: isFirst } as const;
    fc.assert(
      fc.property(fc.oneof({ arbitrary: tree, weight: 4 }, truth), (t) => {
        const text = printText(t, { style: 'typed', decimalSign, impliedFirst: isFirst });
        const again = parse(text, o);
        if (!again.ok) throw new Error(`${text}: ${JSON.stringify(again.problem)}`);
        expect({ text, tree: bare(again.value.tree) }).toEqual({ text, tree: bare(t) });
      }),
      { seed: SEED, numRuns: 300 },
    );
  },
);

test(`no text makes the parser or a printer throw (seed ${SEED})`, () => {
  const pieces = fc.constantFrom(
    ...'0123456789.+-*/^()!%°\'"√½²⁻,;▯= ',
    'sin',
    'log(',
    'pi',
    'e',
    'mod',
    'E5',
    ':=',
    'A',
    'x',
    'rad',
    'sum(',
    'cases(',
    'and',
    '<=',
    '\u0305',
  );
  const text = fc.oneof(
    fc.string({ maxLength: 200, unit: 'binary' }),
    fc.array(pieces, { maxLength: 200 }).map((a) => a.join('').slice(0, 200)),
  );
  fc.assert(
    fc.property(text, fc.boolean(), (t, impliedFirstToo) => {
      const o = { ...options, impliedFirst: impliedFirstToo };
      const result = parse(t, o);
      if (!result.ok) {
        expect(result.problem.at.from).toBeGreaterThanOrEqual(0);
        expect(result.problem.at.to).toBeLessThanOrEqual(t.length);
      }
      const drawn = result.ok ? result.value : parseUnfinished(t, o);
      if (drawn === null) return;
      markupText(printMathml(drawn.tree, { ...o, grouping: true }));
      printLatex(drawn.tree);
      printText(drawn.tree, TYPED);
      readAs(drawn, o);
    }),
    { seed: SEED, numRuns: 1000 },
  );
});

test.each([
  ['(', 'deep brackets'],
  ['-', 'signs'],
  ['2^', 'powers'],
  ['√', 'roots'],
  ['sin ', 'functions'],
])('ten thousand times “%s” is answered, not crashed (%s)', (piece) => {
  expect(parse(piece.repeat(10_000) + '1', options).ok).toBe(false);
  expect(parse('1+'.repeat(10_000) + '1', options).ok).toBe(false);
});

// What is drawn on paper must not say more than what is read: a sum sign reaches over factors after it.
test.each([
  ['sum(k,k,1,3)*2', '\\left(\\sum_{k=1}^{3} k\\right)\\times 2'],
  ['2sum(k,k,1,3)', '2\\sum_{k=1}^{3} k'],
  ['sum(k,k,1,3)^2', '{\\left(\\sum_{k=1}^{3} k\\right)}^{2}'],
  ['sum(k+1,k,1,3)+1', '\\sum_{k=1}^{3} \\left(k+1\\right)+1'],
  ['integral(1/x,x,1,inf)', '\\int_{1}^{\\infty } \\frac{1}{x}\\,\\mathrm{d}x'],
  ['cases(x<0,-x,x)', '\\begin{cases}-x & x<0 \\\\ x & \\text{otherwise}\\end{cases}'],
  ['derivative(x^2,x,3)', '\\left.\\frac{\\mathrm{d}}{\\mathrm{d}x}{x}^{2}\\right|_{x=3}'],
  ['floor(x)<=ceil(x)', '\\left\\lfloor x\\right\\rfloor \\leq \\left\\lceil x\\right\\rceil '],
])('%s is %s in LaTeX', (typed, expected) => {
  const reading = parse(typed, options);
  expect(reading.ok && printLatex(reading.value.tree)).toBe(expected);
});

/** How deep markup lies in the first places of rows within rows. */
function leftDepth(of: Markup | string): number {
  let [now, depth] = [of, 0];
  while (typeof now !== 'string' && now.kids[0] !== undefined) [now, depth] = [now.kids[0], depth + 1];
  return depth;
}

// Browsers lay out some hundred rows, each in the first place of the next, in many seconds.
test.each([
  // A fraction holds its numerator by nature, and “not” begins what it stands before.
  ...Object.values(operators)
    .map(({ typed }) => typed)
    .filter((typed) => !['/', 'not'].includes(typed.trim())),
  ...['!%', '°', ' rad', '²', '+1!', '×x°', ' and x!'],
])('what goes on with %s over and over is drawn side by side', (sign) => {
  const style = { decimalSign: '.', impliedFirst: false, grouping: false } as const;
  const read = ['', '1', ' 1', ' x=1'].flatMap((operand) => {
    const made = parseUnfinished(`x${`${sign}${operand}`.repeat(220)}`, options);
    return made === null ? [] : [leftDepth(printMathml(made.tree, style))];
  });
  expect(read.length).toBeGreaterThan(0);
  expect(Math.max(...read)).toBeLessThan(60);
});
