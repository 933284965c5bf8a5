import fc from 'fast-check';
import { functionNames } from '../function';
import { changed, emptyLine, inView, insertText, lineOf, textOf } from './line';
import type { Line, LineAction } from './line';
import { readRow } from './read';
import { boxAlong, hasSelection, isBox, rowAt, sameRow, withItemsOf, withRowAt } from './row';
import type { BoxedLine } from './row';
import { sketchLine } from './sketch';
import { writeRow } from './write';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const SEED = 20261127;

const words: Readonly<Record<string, LineAction>> = {
  frac: { type: 'fraction' },
  mixed: { type: 'mixed' },
  pow: { type: 'power', exponent: '' },
  sq: { type: 'power', exponent: '2' },
  inv: { type: 'power', exponent: '−1' },
  sqrt: { type: 'call', fn: 'sqrt' },
  root: { type: 'call', fn: 'root' },
  sin: { type: 'call', fn: 'sin' },
  sum: { type: 'call', fn: 'sum' },
  int: { type: 'call', fn: 'integral' },
  logb: { type: 'call', fn: 'log', slots: 2 },
  nCr: { type: 'call', fn: 'nCr' },
  gcd: { type: 'call', fn: 'gcd' },
  abs: { type: 'call', fn: 'abs' },
  open: { type: 'open' },
  close: { type: 'close' },
  sep: { type: 'separate' },
  ten: { type: 'powerOfTen' },
  e10: { type: 'raise', base: '10' },
  '+': { type: 'operate', text: '+' },
  '×': { type: 'operate', text: '×' },
  '!': { type: 'operate', text: '!' },
  '°': { type: 'operate', text: '°' },
  '=': { type: 'operate', text: '=' },
  '<': { type: 'operate', text: '<' },
  and: { type: 'operate', text: ' and ' },
  rad: { type: 'operate', text: ' rad' },
  cot: { type: 'call', fn: 'cot' },
  '←': { type: 'edit', command: 'moveLeft' },
  '→': { type: 'edit', command: 'moveRight' },
  '↑': { type: 'edit', command: 'moveUp' },
  '↓': { type: 'edit', command: 'moveDown' },
  home: { type: 'edit', command: 'moveHome' },
  end: { type: 'edit', command: 'moveEnd' },
  '⇤': { type: 'edit', command: 'selectLeft' },
  '⇥': { type: 'edit', command: 'selectRight' },
  all: { type: 'edit', command: 'selectAll' },
  bs: { type: 'edit', command: 'deleteLeft' },
  del: { type: 'edit', command: 'deleteRight' },
};

/** Keys of the deck by name, digits and letters by themselves; `'…'` is typed on a keyboard. */
function press(keys: string, start: Line = emptyLine('boxed')): BoxedLine {
  let line = start;
  for (const part of keys.match(/'[^']*'|\S+/g) ?? []) {
    const actions: readonly LineAction[] = part.startsWith("'")
      ? [...part.slice(1, -1)].map((text) => ({ type: 'type', text }))
      : words[part] !== undefined
        ? [words[part]]
        : [...part].map((text) => ({ type: 'insert', text }));
    for (const action of actions) line = changed(line, action, options) ?? line;
  }
  return line as BoxedLine;
}

test.each([
  // Keys act on what is there.
  ['12 frac 5', '[12/5‸]'],
  ['3 + 2 π frac 5', '3+[2π/5‸]'],
  ['frac 1 → 2', '[1/2‸]'],
  ['1 + 2 all frac 3', '[1+2/3‸]'],
  ['open 1 + 2 close frac 3', '[1+2/3‸]'],
  ['2 mixed 5 → 6', '2[5/6‸]'],
  ['2 pow 3 → pow 2', '(2^[3])^[2‸]'],
  ['1 frac 2 → sq', '([1/2])^[2]‸'],
  ['x pow n + 1 → + 1', 'x^[n+1]+1‸'],
  ['2 sq !', '(2^[2])!‸'],
  ['4 root 2401', 'root[4|2401‸]'],
  ['root 4 → 2401', 'root[4|2401‸]'],
  ['5 all sqrt', 'sqrt[5]‸'],
  ['sum 1 → 6 → k pow 3 → −k', 'sum[k^[3]−k‸|k|1|6]'],
  ['int 1 → 4 → 3x sq − x', 'integral[3x^[2]−x‸|x|1|4]'],
  ['logb 2 → 8', 'log[8‸|2]'],
  ['nCr 5 sep 2 close', 'nCr[5|2]‸'],
  ['gcd 8 sep 4 sep 6', 'gcd[8|4|6‸]'],
  ['+ 1', 'Ans+1‸'],
  ['inv', 'Ans^[−1]‸'],
  ["'/2'", '[Ans/2‸]'],
  ['4.2 ten 3', '4.2E3‸'],
  ['e10 3', '10^[3‸]'],
  ['2 + pow 3', '2+(3‸)^[]'],
  // Brackets.
  ['open 1 + 2', '(1+2‸'],
  ['1 + 2 home open', '(‸1+2'],
  ['1 + 2 home open → close', '(1)‸+2'],
  ['2 sin 30 close + 1', '2sin[30]+1‸'],
  ['sin 301 ← close', 'sin[30]‸1'],
  ['2 close', '2‸'],
  ['open 1 close bs', '(1‸'],
  // Moving as the eye expects.
  ['1 frac 2 ↑', '[1‸/2]'],
  ['123 frac 4 ↑', '[12‸3/4]'],
  ['1 frac 2 ↑ ↓', '[1/2‸]'],
  ['x pow 2 ↓ +', 'x^[2]+‸'],
  ['x sq ↑', 'x^[2‸]'],
  ['1 frac 2 home', '[1/‸2]'],
  ['1 frac 2 home home', '‸[1/2]'],
  ['1 frac 2 ← ← ← ←', '‸[1/2]'],
  ['int ↑', 'integral[|x||‸]'],
  // Deleting: nothing goes unseen.
  ['12 frac 5 bs', '[12/‸]'],
  ['12 frac 5 bs bs', '12‸'],
  ['12 frac 5 ← bs', '[12‸/5]'],
  ['12 frac 5 home home → bs', '‸12÷5'],
  ['sqrt 5 ← bs', '‸5'],
  ['sqrt bs', '‸'],
  ['sqrt 5 → bs', 'sqrt[5‸]'],
  ['open 5 close home del', '‸5'],
  ['nCr 5 sep 2 ← bs', 'nCr[5‸2]'],
  ['sum bs', '‸'],
  ['12 ⇤ 3', '13‸'],
  ['12 ⇤ ⇤ sq', '12^[2]‸'],
  ['1 + 2 all sq', '(1+2)^[2]‸'],
  ['1 frac 2 ⇤ ⇤ bs', '‸'],
  // A keyboard means what typed text means.
  ["'1/2+1/3'", '[1/2]+[1/3‸]'],
  ["'x^2+1'", 'x^[2]+1‸'],
  ["'x^(n+1)*2'", 'x^[n+1]×2‸'],
  ["'1/(2+3)'", '[1/2+3]‸'],
  ["'1/2pi'", '[1/2]π‸'],
  ["'1/sin(30)'", '[1/sin[30]‸]'],
  ["'sqrt2'", 'sqrt[2‸]'],
  ["'sqrt(2+1)*3'", 'sqrt[2+1]×3‸'],
  ["'sinh(1)'", 'sinh[1]‸'],
  ["'sin 30'", 'sin 30‸'],
  ["'2 5/6'", '2[5/6‸]'],
  ["'sum(k^3-k,k,1,6)'", 'sum[k^[3]−k|k|1|6]‸'],
  ["'integral(3x^2-x,x,1,4)'", 'integral[3x^[2]−x|x|1|4]‸'],
  ["'log(8,2)'", 'log[8|2]‸'],
  ["'max(1,2,3)'", 'max[1|2|3]‸'],
  ["'A:=7'", 'A:=7‸'],
  ["'0<=x'", '0≤x‸'],
  ["'53 mod 8'", '53mod8‸'],
  ["'1 rad'", '1rad‸'],
  ["'cos' bs bs 't'", 'ct‸'],
  ["'|3|'", 'abs[3]‸'],
  ["'7÷4/2'", '[7÷4/2‸]'],
  ["'+1'", 'Ans+1‸'],
  ["'2)'", '2‸'],
  ["'sin((2+3)*4)'", 'sin[(2+3)×4]‸'],
  ["'1/xy'", '[1/x]y‸'],
  // A sign between sides leaves the boxes, up to brackets and conditions.
  ['x pow 2 = 9', 'x^[2]=9‸'],
  ['sqrt x = 3', 'sqrt[x]=3‸'],
  ['1 frac 2 < x', '[1/2]<x‸'],
  ['1 frac sqrt 2 = 3', '[1/sqrt[2]]=3‸'],
  ['12 frac 5 ← = 3', '[12/5]=3‸'],
  ['open x = 3', '(x=3‸'],
  ['open x pow 2 = 9', '(x^[2]=9‸'],
  ["x pow 2 '<=' 9", 'x^[2]≤9‸'],
  ["'sqrt(x=3'", 'sqrt[x]=3‸'],
  ["'x^2=9'", 'x^[2]=9‸'],
  ["'cases(x<1'", 'cases[x<1‸||]'],
  // A unit marks the whole product or quotient before it.
  ['cot 17 frac 10 rad', 'cot[[17/10]rad‸]'],
  ['2 pow 3 rad', '2^[3]rad‸'],
  ['1 frac 2 ← rad', '[1/rad‸2]'],
  // A slot that the caret was brought into keeps what is typed.
  ["1 frac 2 ← → '+3'", '[1/2+3‸]'],
  ["'1/2' → '+3'", '[1/2]+3‸'],
  ["12 ← 'x'", '1x‸2'],
  ["'12' home '('", '(‸12'],
])('%s gives %s', (keys, shown) => {
  expect(sketchLine(press(keys))).toBe(shown);
});

const actions = [
  ...Object.values(words),
  ...[...'12.x−=π'].map((text): LineAction => ({ type: 'insert', text })),
  ...[...'12+-*/^(),.xskin!% e|√='].map((text): LineAction => ({ type: 'type', text })),
  { type: 'insert', text: '3/4+sqrt(2)' } as const,
  { type: 'edit', command: 'selectHome' } as const,
  { type: 'edit', command: 'selectEnd' } as const,
];

test(`any 200 edits keep a line that its typed text gives back, with its caret in it (seed ${SEED})`, () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...actions), { minLength: 200, maxLength: 200 }), (edits) => {
      let line: Line = emptyLine('boxed');
      for (const action of edits) {
        line = changed(line, action, options) ?? line;
        const { row, caret, anchor } = line as BoxedLine;
        for (const place of [caret, anchor]) {
          let now = row;
          for (const { item, slot } of place.path) {
            const box = now[item];
            if (!isBox(box) || box.slots[slot] === undefined) throw new Error(`no box at ${JSON.stringify(place)}`);
            now = box.slots[slot]!;
          }
          expect(place.at).toBeLessThanOrEqual(rowAt(row, place.path).length);
        }
        const again = readRow(writeRow(row, '.').text, options).row;
        if (!sameRow(row, again)) throw new Error(`${sketchLine(line as BoxedLine)} after ${JSON.stringify(action)}`);
      }
    }),
    { seed: SEED, numRuns: 3 },
  );
});

test(`after a sign between sides the caret is in nothing but brackets and conditions (seed ${SEED})`, () => {
  const signs = ['=', '≠', '<', '≤', '>', '≥', ' and ', ' or '];
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...actions), { maxLength: 40 }), fc.constantFrom(...signs), (edits, sign) => {
      let line: Line = emptyLine('boxed');
      for (const action of edits) line = changed(line, action, options) ?? line;
      if (line.kind !== 'boxed' || hasSelection(line)) return;
      const next = changed(line, { type: 'operate', text: sign }, options);
      if (next?.kind !== 'boxed') return;
      const boxes = next.caret.path.map((_, i) => boxAlong(next.row, next.caret.path.slice(0, i + 1)));
      const inner = boxes.at(-1);
      if (inner !== undefined)
        expect([inner.kind, 'fn' in inner ? inner.fn : '']).toEqual(
          inner.kind === 'group' ? ['group', ''] : ['call', 'cases'],
        );
    }),
    { seed: SEED, numRuns: 200 },
  );
});

test('what is not on the way of an edit stays the same object', () => {
  const line = press('1 frac 2 → + 3 frac 4 → + 5');
  const next = press('6', line);
  expect(next.row[0]).toBe(line.row[0]);
  expect(withRowAt(line.row, [], line.row)).toBe(line.row);
});

test(`a row with another's items is the same row (seed ${SEED})`, () => {
  const row = fc
    .array(fc.constantFrom('1', '+', '2/3', 'sqrt(5', ')', '^2', 'x', '('))
    .map((p) => readRow(p.join(''), options).row);
  fc.assert(
    fc.property(row, row, (now, before) => {
      expect(withItemsOf(now, before)).toEqual(now);
    }),
    { seed: SEED, numRuns: 200 },
  );
  const line = press('1 frac 2 → + 3');
  const typed = changed(line, { type: 'type', text: '(' }, options) as BoxedLine;
  expect(typed.row[0]).toBe(line.row[0]);
});

test.each(['2+1/3', 'sqrt(2)^2', 'sum(k^2,k,1,9)', '2 5/6', '(1+2)(3+4'])('%s is the same in both views', (text) => {
  const boxed = lineOf(text, 'boxed', options, 2);
  const typed = inView(boxed, 'typed', options);
  expect(inView(typed, 'boxed', options)).toEqual(boxed);
  expect(textOf(typed, '.')).toBe(textOf(boxed, '.'));
});

test('pasted text goes in at the caret', () => {
  expect(sketchLine(insertText(press('1 frac'), 'x+y', options) as BoxedLine)).toBe('[1/x+y‸]');
});
