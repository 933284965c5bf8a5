import fc from 'fast-check';
import { functionNames } from '../function';
import { bare } from './brackets';
import { parse, parseUnfinished } from './parse';
import { printLatex } from './print-latex';
import { markupText } from './markup';
import { printMathml } from './print-mathml';
import { printText, TYPED } from './print-text';
import { readAs } from './read-as';
import { NOWHERE, binaryTree, callTree, constantTree, negateTree, numberTree } from './tree';
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
  ['2 3', 'syntax/two-numbers 0-3'],
  ['5 % 3', 'syntax/percent-before-operand 2-5'],
  ['1,234', 'syntax/comma-outside-call 0-5'],
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
  fc.constantFrom('pi', 'e', 'Ans').map((n) => constantTree(n as 'pi')),
  fc
    .constantFrom(...'ABEXZabsinx')
    .filter((c) => c !== 'e' && c !== 'i')
    .map((name): Tree => ({ kind: 'letter', name, span: NOWHERE })),
  mixedTree,
  fc.constant<Tree>({ kind: 'dms', degrees: '73', minutes: '24', seconds: '36', span: NOWHERE }),
);
const { tree } = fc.letrec<{ tree: Tree }>((tie) => ({
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
    fc.tuple(fc.constantFrom('nCr', 'log', 'root'), tie('tree'), tie('tree')).map(([fn, a, b]) => callTree(fn, a, b)),
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
      fc.property(tree, (t) => {
        const text = printText(t, { style: 'typed', decimalSign, impliedFirst: isFirst });
        const again = parse(text, o);
        if (!again.ok) throw new Error(`${text}: ${JSON.stringify(again.problem)}`);
        expect({ text, tree: bare(again.value.tree) }).toEqual({ text, tree: bare(t) });
      }),
      { seed: SEED, numRuns: 2000 },
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
    { seed: SEED, numRuns: 5000 },
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
