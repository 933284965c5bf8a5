import fc from 'fast-check';
import { functionNames } from '../function';
import { bare } from '../language/brackets';
import { parse } from '../language/parse';
import { partsOf, withParts } from '../language/tree';
import type { Tree } from '../language/tree';
import { readRow } from './read';
import { sameRow } from './row';
import { sketch } from './sketch';
import { writeRow } from './write';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const SEED = 20261126;

const round = (text: string) => {
  const { row } = readRow(text, options);
  return [sketch(row), writeRow(row, '.').text];
};

test.each([
  ['12/5', '[12/5]', '12/5'],
  ['2*12/5', '[2×12/5]', '(2×12)/5'],
  ['2*(12/5)', '2×[12/5]', '2×(12/5)'],
  ['2*((12/5))', '2×([12/5])', '2×((12/5))'],
  ['(1/2)^2', '[1/2]^[2]', '(1/2)^2'],
  ['(12/5)', '([12/5])', '(12/5)'],
  ['2 5/6', '2[5/6]', '2 5/6'],
  ['2(5/6)', '2([5/6])', '2(5/6)'],
  ['2(x/6)', '2[x/6]', '2(x/6)'],
  ['2 5/6x', '2[5/6]x', '2 5/6 x'],
  ['-2/5', '−[2/5]', '−2/5'],
  ['7 mod 4/2', '[7mod4/2]', '(7 mod 4)/2'],
  ['1/2pi', '[1/2]π', '(1/2)π'],
  ['2x/3', '[2x/3]', '2x/3'],
  ['2^-3^2', '2^[−3^[2]]', '2^(−3^2)'],
  ['2³^2', '(2^[3])^[2]', '(2^3)^2'],
  ['x^2!', 'x^[2!]', 'x^(2!)'],
  ['x²!', '(x^[2])!', '(x^2)!'],
  ['x^2y', 'x^[2]y', 'x^2y'],
  ['x^(2)3', 'x^[2]3', 'x^(2)3'],
  ['sin 30 cos 60', 'sin 30 cos 60', 'sin 30 cos 60'],
  ['sin²x', 'sin^[2]x', 'sin²x'],
  ['sin^2(x)', 'sin^[2](x)', 'sin²(x)'],
  ['sin^-1 x', 'sin^[−1]x', 'sin⁻¹x'],
  ['sin(30', 'sin[30]', 'sin(30)'],
  ['sqrt(2)/2', '[sqrt[2]/2]', 'sqrt(2)/2'],
  ['√2x', 'sqrt[2]x', 'sqrt(2)x'],
  ['sqrt 2x', 'sqrt[2x]', 'sqrt(2x)'],
  ['a sin(x)', 'asin[x]', 'a sin(x)'],
  ['2mod(3)', '2mod(3)', '2 mod (3)'],
  ['p i', 'p i', 'p i'],
  ['2 +3', '2+3', '2+3'],
  ['(2+3', '(2+3', '(2+3'],
  ['2)', '2）', '2）'],
  ['2+', '2+', '2+'],
  ['1/', '[1/]', '1/▯'],
  ['/', '[/]', '▯/▯'],
  ['5! =120', '5!=120', '5! =120'],
  ['4.2E-7x', '4.2E−7x', '4.2E−7x'],
  ['73°24\'36"', '73°24′36″', '73°24′36″'],
  ['sum(k^3-k,k,1,6)', 'sum[k^[3]−k|k|1|6]', 'sum(k^3−k,k,1,6)'],
  ['log(8,2)', 'log[8|2]', 'log(8,2)'],
  ['A:=sqrt(2)^2', 'A:=sqrt[2]^[2]', 'A := sqrt(2)^2'],
  ['random()', 'random[]', 'random()'],
  ['90 deg', '90deg', '90 deg'],
  ['(1+2)(3+4', '(1+2)(3+4', '(1+2)(3+4'],
  ['e^(2x)', 'e^[2x]', 'e^(2x)'],
  ['[1,2]', '⟦1:1|2⟧', '[1,2]'],
  ['[[1,2],[3,4]]', '⟦2:1|2|3|4⟧', '[[1,2],[3,4]]'],
  ['[[1],[2]]', '⟦1:1|2⟧', '[1,2]'],
  ['2[▯,1/2]^2', '2⟦1:|[1/2]⟧^[2]', '2[▯,1/2]^2'],
  ['A[1,2]+1', 'A[1,2]+1', 'A[1,2]+1'],
  ['A [1,2]', 'A⟦1:1|2⟧', 'A([1,2])'],
  ['max(A[1,2],3)', 'max[A[1,2]|3]', 'max(A[1,2],3)'],
  ['det([[1,2],[3,4]])', 'det[⟦2:1|2|3|4⟧]', 'det([[1,2],[3,4]])'],
  ['[[1,2],[3]]', '[⟦1:1|2⟧,⟦1:3⟧]', '[[1,2],[3]]'],
  ['A[1]/2', '[A[1]/2]', '(A[1])/2'],
  ['2A[1]^2', '2A[1]^[2]', '2A[1]^2'],
  ['x^(2y)[1]', 'x^[(2y)[1]]', 'x^((2y)[1])'],
  ['[1,2', '[1,2', '[1,2'],
  ['[1,2][1]', '⟦1:1|2⟧[1]', '[1,2][1]'],
])('%s reads as %s and is written %s', (text, boxes, written) => {
  expect(round(text)).toEqual([boxes, written]);
  expect(round(written)).toEqual([boxes, written]);
});

const piece = fc.constantFrom(
  ...'0 1 2 5 . + - × ÷ * / ^ ( ) [ ] A ! % ° ² ³ ½ √ x a e E i π = < , : #'.split(' '),
  ...[
    ' ',
    ' mod ',
    'mod',
    'sin',
    'sqrt(',
    'log(',
    'sum(',
    'Ans',
    'pi',
    ' deg',
    '2 5/6',
    '1/2',
    "'",
    '▯',
    'cases(',
    '[1,x]',
    '[[1,2],[x,0]]',
  ],
);
const text = fc.array(piece, { maxLength: 14 }).map((parts) => parts.join(''));

test(`boxed, typed, boxed is the same line, whatever was typed (seed ${SEED})`, () => {
  fc.assert(
    fc.property(text, (typed) => {
      const { row } = readRow(typed, options);
      const again = readRow(writeRow(row, '.').text, options).row;
      if (!sameRow(row, again))
        throw new Error(`${typed}: ${sketch(row)} → ${writeRow(row, '.').text} → ${sketch(again)}`);
    }),
    { seed: SEED, numRuns: 1500 },
  );
});

test(`boxes mean what the typed text means (seed ${SEED})`, () => {
  for (const impliedFirst of [false, true]) {
    const o = { ...options, impliedFirst };
    const meaning = (typed: string) => {
      const reading = parse(typed, o);
      return reading.ok ? JSON.stringify(signFirst(bare(reading.value.tree)), spanless) : null;
    };
    fc.assert(
      fc.property(text, (typed) => {
        const before = meaning(typed);
        if (before === null) return;
        const written = writeRow(readRow(typed, o).row, '.').text;
        if (meaning(written) !== before) throw new Error(`${typed} → ${written}`);
      }),
      { seed: SEED, numRuns: 1500 },
    );
  }
});

/** A minus that begins a product stands before all of it: the value is the same, and boxes draw it so. */
function signFirst(tree: Tree): Tree {
  const made = withParts(tree, partsOf(tree).map(signFirst));
  if (made.kind !== 'binary' || !['times', 'divide', 'over', 'implied'].includes(made.op)) return made;
  return made.left.kind === 'negate' ? { ...made.left, of: { ...made, left: made.left.of } } : made;
}

const spanless = (key: string, value: unknown): unknown =>
  key === 'span' ? undefined : typeof value === 'bigint' ? `${value}` : value;
