import fc from 'fast-check';
import { create, all } from 'mathjs';
import type { Fraction } from 'mathjs';
import { EMPTY_RUNNING, runningOrders } from '../running/state';
import type { Running, RunningSettings } from '../running/state';
import { chainTree, currentOf } from '../running/chain';
import { depthOf, MOST_WAITING, runningAfter } from '../running/running';
import type { RunningKey } from '../running/running';
import { EMPTY_STACK, inDepth, picked, stackAfter, stackDone, stackOperations } from '../stack/stack';
import type { Stack, StackDepth, StackOperation, StackResult } from '../stack/stack';
import { printText, TYPED } from '../language/print-text';
import type { Tree } from '../language/tree';
import type { Calculation } from './operand';
import { meaningOf } from './operation';

/*
 * The two styles that act at once, with the fractions of another library as their values: neither looks into one, so
 * that what they ask to be worked is checked on its own. Source of the values: mathjs 15 (its Fraction).
 */

const math = create(all!, { number: 'Fraction' });
/** The library's arithmetic is typed for any kind of number. */
const fraction = (of: unknown): Fraction => of as Fraction;
const fractionOf = (text: string): Fraction => fraction(math.evaluate(text));

/** The value of what a style asks to be worked. */
function valueOf({ work, bound }: Calculation<Fraction>): Fraction {
  const at = (tree: Tree): Fraction => {
    switch (tree.kind) {
      case 'number':
        return math.fraction(tree.written);
      case 'letter':
        return bound[Number(tree.name.slice(1))]!;
      case 'group':
        return at(tree.of);
      case 'negate':
        return fraction(math.unaryMinus(at(tree.of)));
      case 'postfix':
        return fraction(math.divide(at(tree.of), math.fraction(100)));
      case 'power':
        return fraction(math.pow(at(tree.base), at(tree.exponent) as never));
      case 'call': {
        const values = tree.args.map((arg) => at(arg).valueOf());
        return math.fraction(tree.fn === 'max' ? Math.max(...values) : math.combinations(values[0]!, values[1]!));
      }
      case 'binary': {
        const [a, b] = [at(tree.left), at(tree.right)];
        const isShare = tree.right.kind === 'postfix' && (tree.op === 'plus' || tree.op === 'minus');
        const term = isShare ? fraction(math.multiply(a, b)) : b;
        if (tree.op === 'plus') return fraction(math.add(a, term));
        if (tree.op === 'minus') return fraction(math.subtract(a, term));
        return fraction(tree.op === 'times' || tree.op === 'implied' ? math.multiply(a, b) : math.divide(a, b));
      }
      default:
        throw new Error(tree.kind);
    }
  };
  return at(work);
}

const functionKeys: Readonly<Record<string, string>> = { m: 'max', C: 'nCr', B: 'binomialAt' };

/** A key by the sign on it. */
function keyOf(sign: string): RunningKey {
  if (sign === '=') return { kind: 'equals' };
  if (sign === '~') return { kind: 'negate' };
  if (sign === 'A') return { kind: 'clear' };
  if (sign === 'c') return { kind: 'clearEntry' };
  if (sign === '<') return { kind: 'backspace' };
  if (sign === '.') return { kind: 'point' };
  const meaning =
    sign === '^'
      ? meaningOf({ type: 'power', exponent: '' })
      : sign === '²'
        ? meaningOf({ type: 'power', exponent: '2' })
        : sign in functionKeys
          ? meaningOf({ type: 'call', fn: functionKeys[sign]! })
          : meaningOf({ type: 'type', text: sign });
  if (meaning === null) throw new Error(`no key ${sign}`);
  return meaning;
}

const IN_ORDER: RunningSettings = { order: 'precedence', impliedFirst: false };

/** Keys one after the other, each worked before the next. */
function run(keys: string, settings: RunningSettings = IN_ORDER): Running<Fraction> {
  let running: Running<Fraction> = EMPTY_RUNNING;
  for (const sign of keys.replaceAll(' ', ''))
    for (let isAgain = true; isAgain;) {
      const outcome = runningAfter<Fraction>(running, keyOf(sign), settings);
      isAgain = outcome?.kind === 'work' && outcome.again;
      if (outcome?.kind === 'refused') throw new Error(outcome.problemData.code);
      if (outcome?.kind === 'done') running = outcome.running;
      if (outcome?.kind === 'work') running = outcome.land(valueOf(outcome.work), '');
    }
  return running;
}

/** The number that is shown. */
function shown(running: Running<Fraction>): string {
  const { value, sourceText } = currentOf(running);
  return math.format(value ?? fractionOf(sourceText), { fraction: 'ratio' } as never).replace(/\/1$/, '');
}
const written = (running: Running<Fraction>): string => printText(chainTree(running, IN_ORDER), TYPED);

test.each([
  ['2+3×4=', '14'],
  ['2×3+4=', '10'],
  ['8−3−2=', '3'],
  ['2+3×4^2=', '50'],
  ['2^3^2=', '512'],
  ['1÷3+1÷6=', '1/2'],
  ['−5+8=', '3'],
  ['−2^2=', '-4'],
  ['5~+8=', '3'],
  ['(2+3)×4=', '20'],
  ['2(3+4)=', '14'],
  ['(1+2)(3+4)=', '21'],
  ['(1+2)3=', '9'],
  ['2×(3+(4−1)×2=', '18'],
  ['200+15%=', '230'],
  ['200−15%=', '170'],
  ['200×15%=', '30'],
  ['5+=', '10'],
  ['5×=', '25'],
  // A further `=` does the last operation again.
  ['2+3===', '11'],
  ['2×3==', '18'],
  ['7−2=4=', '4'],
  // After `=` a number begins anew, and an operator goes on.
  ['2+3=4+1=', '5'],
  ['2+3=×4=', '20'],
  // A sign that follows another takes its place.
  ['8+×2=', '16'],
  ['8×−2=', '6'],
  ['2+3×+4=', '9'],
  ['4+5c6=', '10'],
  ['4+5A6=', '6'],
  // The sign of a number can be keyed before it.
  ['9×~6=', '-54'],
  ['~6+10=', '4'],
  ['9×~~6=', '54'],
  ['9×~+6=', '15'],
  ['9×~<6=', '54'],
  ['5×~~=', '25'],
  ['2+3=~=', '-5'],
  ['12<3+1=', '14'],
  ['3²+1=', '10'],
  ['5²²=', '625'],
  ['1.5×4=', '6'],
  // A function takes all values that stand beside each other; between two numbers it stands as before.
  ['8;2;4m', '8'],
  ['2+3×4;5m', '14'],
  ['7;2+9m', '11'],
  ['7;2;m', '7'],
  ['7;2C', '21'],
  ['7;2C×3=', '63'],
  ['2×(9;4C)+1=', '253'],
  ['2×(1+2;4m)=', '8'],
  ['8C2=', '28'],
])('%s shows %s', (keys, value) => expect(shown(run(keys))).toBe(value));

test.each([
  ['2+3', '2+3'],
  ['2+3×', '2+3*▯'],
  ['2×(3+', '2*(3+▯)'],
  ['2+3×4+', '2+3*4+▯'],
  ['(2+3)', '2+3'],
  ['3;2+8;', '[3,2+8,▯]'],
  ['2×(3;4', '2*[3,4]'],
])('after %s what is pending stands as %s', (keys, line) => expect(written(run(keys))).toBe(line));

const sign = fc.constantFrom('+', '−', '×', '÷');
const chain = fc.record({
  first: fc.nat(99),
  rest: fc.array(fc.tuple(sign, fc.integer({ min: 1, max: 99 })), { maxLength: 9 }),
});
const asTyped = (text: string): string => text.replaceAll('−', '-').replaceAll('×', '*').replaceAll('÷', '/');
const ratio = (of: Fraction): string => math.format(of, { fraction: 'ratio' } as never).replace(/\/1$/, '');

describe.each(runningOrders)('a chain of numbers in the order %s', (order) => {
  test('comes to what is written, bracketed by that order (seed 20261128)', () =>
    fc.assert(
      fc.property(chain, ({ first, rest }) => {
        const keys = `${first}${rest.map(([op, n]) => op + n).join('')}`;
        const typed =
          order === 'precedence'
            ? asTyped(keys)
            : rest.reduce((left, [op, n]) => `(${left}${asTyped(op)}${n})`, `${first}`);
        expect(shown(run(`${keys}=`, { order, impliedFirst: false }))).toBe(ratio(fractionOf(typed)));
      }),
      { seed: 20261128, numRuns: 300 },
    ));
});

test('brackets come to what is written, however deep (seed 20261128)', () => {
  const { text } = fc.letrec<{ text: string }>((tie) => ({
    text: fc.oneof(
      { depthSize: 'small' },
      fc.integer({ min: 1, max: 20 }).map(String),
      fc.tuple(tie('text'), sign, tie('text')).map(([a, op, b]) => `(${a}${op}${b})`),
    ),
  }));
  fc.assert(
    fc.property(text, (keys) => {
      let expected: string;
      try {
        expected = ratio(fractionOf(asTyped(keys)));
      } catch {
        return; // It divides by zero.
      }
      const running = run(`${keys}=`);
      expect([shown(running), depthOf(running)]).toEqual([expected, 0]);
    }),
    { seed: 20261128, numRuns: 300 },
  );
});

test.each([
  ['3B', { got: 1 }],
  ['3;10B', { got: 2 }],
  ['3;10;1C', { got: 3, fn: 'nCr', least: 2, most: 2, between: ';' }],
])('after %s the function is refused, and told how many values it takes', (keys, problemData) => {
  const before = run(keys.slice(0, -1));
  expect(runningAfter(before, keyOf(keys.at(-1)!), IN_ORDER)).toMatchObject({ kind: 'refused', problemData });
});

test('more brackets than can be read are refused, and what waits stays', () => {
  const full = run('('.repeat(MOST_WAITING));
  expect(runningAfter(full, keyOf('('), IN_ORDER)).toMatchObject({ kind: 'refused' });
  expect(depthOf(full)).toBe(MOST_WAITING);
});

/** The stack after keys and operations, each worked before the next. `2 3 +` : a blank pushes. */
function stacked(does: readonly string[], depth: StackDepth = 'unlimited'): Stack<Fraction> {
  let stack: Stack<Fraction> = EMPTY_STACK;
  for (const one of does) {
    const result: StackResult<Fraction> = (stackOperations as readonly string[]).includes(one)
      ? stackDone(stack, one as StackOperation, depth)
      : stackAfter(stack, keyOf(one) as Parameters<typeof stackAfter>[1], depth);
    if (result?.kind === 'refused') throw new Error(JSON.stringify(result.problemData));
    if (result?.kind === 'done') stack = result.stack;
    if (result?.kind === 'work') stack = result.land(valueOf(result.work), '');
  }
  return stack;
}
const levelsOf = ({ levels }: Stack<Fraction>): readonly string[] =>
  levels.map(({ value, sourceText }) => ratio(value ?? fractionOf(sourceText)));

/** Numbers pushed one after the other. */
const pushing = (...numbers: readonly string[]): readonly string[] => numbers.flatMap((n) => [...n, 'push']);

test.each<readonly [string, readonly string[], StackDepth, readonly string[]]>([
  ['a sum', ['2', 'push', '3', '+'], 'unlimited', ['5']],
  ['the order of a difference', ['8', 'push', '3', '−'], 'unlimited', ['5']],
  ['the order of a quotient', ['8', 'push', '6', '÷'], 'unlimited', ['4/3']],
  ['a product of sums', [...pushing('1', '2'), '+', ...pushing('3', '4'), '+', '×'], 'unlimited', ['21']],
  ['the power', [...pushing('2'), '5', '^'], 'unlimited', ['32']],
  ['a sign of the number keyed', ['5', 'negate', 'push'], 'unlimited', ['-5']],
  ['a sign of the top', ['5', 'push', 'negate'], 'unlimited', ['-5']],
  ['a share', [...pushing('200'), '1', '5', '%', '+'], 'unlimited', ['230']],
  ['push without a number copies', ['5', 'push', 'push'], 'unlimited', ['5', '5']],
  ['copy', [...pushing('1', '2'), 'copy'], 'unlimited', ['1', '2', '2']],
  ['drop', [...pushing('1', '2'), 'drop'], 'unlimited', ['1']],
  ['swap', [...pushing('1', '2', '3'), 'swap'], 'unlimited', ['1', '3', '2']],
  ['rotate down', [...pushing('1', '2', '3'), 'rotateDown'], 'unlimited', ['3', '1', '2']],
  ['rotate up', [...pushing('1', '2', '3'), 'rotateUp'], 'unlimited', ['2', '3', '1']],
  ['what an operation took', [...pushing('8', '3'), '−', 'operands'], 'unlimited', ['5', '8', '3']],
  ['cleared', [...pushing('1', '2'), 'clearStack'], 'unlimited', []],
  ['four levels at the most', pushing('1', '2', '3', '4'), 'four', ['2', '3', '4', '4']],
  ['the next number takes the place of the copy', [...pushing('1', '2'), '3', 'copy'], 'four', ['1', '2', '3', '3']],
  [
    'the lowest repeats when four fall',
    [...pushing('1', '2', '3'), '4', '+', '+', '+', '+'],
    'four',
    ['1', '1', '1', '11'],
  ],
])('%s', (_name, does, depth, levels) => expect(levelsOf(stacked(does, depth))).toEqual(levels));

test.each<readonly [readonly string[], string, number]>([
  [[], '+', 2],
  [['4', 'push'], '+', 1],
  [[], 'drop', 1],
  [[], 'push', 1],
  [['4', 'push'], 'swap', 1],
  [['4', 'push'], 'rotateUp', 1],
])('after %j, %s is refused and names how many are missing', (does, one, missing) =>
  expect(() => stacked([...does, one])).toThrow(`"missing":${missing}`),
);

test('a level is picked from wherever it is, and one that is not there is told', () => {
  const stack = stacked(pushing('1', '2', '3'));
  for (const [level, top] of [
    [1, '3'],
    [3, '1'],
  ] as const) {
    const result = picked(stack, level, 'unlimited');
    expect(result?.kind === 'done' && levelsOf(result.stack)).toEqual(['1', '2', '3', top]);
  }
  for (const level of [0, 4]) expect(picked(stack, level, 'unlimited')).toMatchObject({ kind: 'refused' });
});

const operation = fc.oneof(
  fc.nat(20).map((n) => pushing(`${n}`)),
  fc.constantFrom('+', '−', '×', 'copy', 'drop', 'swap', 'rotateUp', 'rotateDown', 'negate').map((one) => [one]),
);

/** What a stack of any depth should hold, told by plain lists. */
function model(does: readonly string[]): readonly Fraction[] {
  let levels: Fraction[] = [];
  let entry = '';
  for (const one of does) {
    const [b, a] = [levels.at(-1), levels.at(-2)];
    if (/\d/.test(one)) entry += one;
    else if (one === 'push' && entry !== '') {
      levels.push(math.fraction(entry));
      entry = '';
    } else if (b === undefined || (a === undefined && /[+−×]|swap|rotate/.test(one))) continue;
    else if (one === 'copy') levels.push(b);
    else if (one === 'drop') levels.pop();
    else if (one === 'swap') levels = [...levels.slice(0, -2), b, a!];
    else if (one === 'rotateUp') levels = [...levels.slice(1), levels[0]!];
    else if (one === 'rotateDown') levels = [b, ...levels.slice(0, -1)];
    else if (one === 'negate') levels = [...levels.slice(0, -1), fraction(math.unaryMinus(b))];
    else levels = [...levels.slice(0, -2), fractionOf(`(${ratio(a!)})${asTyped(one)}(${ratio(b)})`)];
  }
  return levels;
}

test('a stack of any depth holds what plain lists hold (seed 20261128)', () =>
  fc.assert(
    fc.property(fc.array(operation, { maxLength: 25 }), (lists) => {
      const does = lists.flat();
      let stack: Stack<Fraction> = EMPTY_STACK;
      for (const one of does) {
        try {
          const before = stack;
          stack = continued(before, one);
        } catch {
          // Refused: nothing changes.
        }
      }
      expect(levelsOf(stack)).toEqual(model(does).map(ratio));
      expect(levelsOf(inDepth(stack, 'four'))).toEqual(model(does).map(ratio).slice(-4));
    }),
    { seed: 20261128, numRuns: 300 },
  ));

function continued(stack: Stack<Fraction>, one: string): Stack<Fraction> {
  const result: StackResult<Fraction> = (stackOperations as readonly string[]).includes(one)
    ? stackDone(stack, one as StackOperation, 'unlimited')
    : stackAfter(stack, keyOf(one) as Parameters<typeof stackAfter>[1], 'unlimited');
  if (result === null || result.kind === 'refused') throw new Error('refused');
  return result.kind === 'done' ? result.stack : result.land(valueOf(result.work), '');
}
