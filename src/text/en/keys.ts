import type { KeyId, LetterId } from '@/keys/catalogue';
import { letterIds, keys } from '@/keys/catalogue';
import type { DrawerId } from '@/keys/decks';
import type { Keyed } from '@/keys/log';
import { functionNamed } from '@/core/function';
import { meaningOf } from '@/core/keyed/operation';
import type { EntryStyle } from '@/core/notebook/schema';
import { isLineAction } from '@/keys/press';
import { functionHelp } from './functions';

/** What a key is called aloud, and what it does. */
export type KeyText = Readonly<{ say: string; help: string }>;

const text = (say: string, help: string): KeyText => ({ say, help });
const digit = (n: number): KeyText => text(`${n}`, `The digit ${n}.`);

const letters = Object.fromEntries(
  letterIds.map((name) => [
    name,
    text(`letter ${name}`, `What the letter ${name} keeps. “${name} :=” before a line keeps its value.`),
  ]),
) as Readonly<Record<LetterId, KeyText>>;

/** Keys that are told otherwise in a style. */
const inStyle: Readonly<Record<EntryStyle, Readonly<Partial<Record<KeyId, KeyText>>>>> = {
  written: {},
  running: {
    answer: text(
      'equals',
      'Works out what is pending, missing brackets supplied. Once more repeats the last operation.',
    ),
    clear: text(
      'clear all',
      'Clears the number, what is pending and all brackets. What is kept and the tape are left.',
    ),
    percent: text('percent', 'After + or − that share of what is pending is shown; else hundredths.'),
    plus: text('plus', 'Works out what is pending, then adds what follows.'),
    minus: text('minus', 'Works out what is pending, then takes away what follows. The sign has a key of its own.'),
    times: text('times', 'Works out what is pending and holds as tightly, then multiplies by what follows.'),
    divide: text('divided by', 'Works out what is pending and holds as tightly, then divides by what follows.'),
    open: text('open bracket', 'What is keyed until the bracket is closed is worked out by itself.'),
    close: text('close bracket', 'Closes the bracket and shows what it comes to.'),
    separator: text(
      'next value',
      'Sets the value beside the one keyed next: a function of several takes them all, and = makes them a vector.',
    ),
    recall: text('recall', 'Shows what the slot or letter keyed next holds.'),
  },
  stack: {
    recall: text('recall', 'Puts what the slot or letter keyed next holds on top.'),
  },
};

/**
 * What a key is called and does in an entry style; on the stack, how many levels it takes and which; in Running, what is
 * keyed before it.
 */
export function keyText(id: KeyId, style: EntryStyle): KeyText {
  const told = inStyle[style][id] ?? keyTexts[id];
  if (style === 'written') return told;
  const { does } = keys[id];
  const meaning = isLineAction(does) ? meaningOf(does) : null;
  if (meaning?.kind !== 'operation') return told;
  const { takes, infix, takesTogether } = meaning.operation;
  const all = does.type === 'call' ? (functionNamed(does.fn)?.takes ?? []) : [];
  if (style === 'running') {
    if (takesTogether === undefined || infix !== undefined || all.length < 2) return told;
    return { ...told, help: `${told.help} Key first ${all.join(' ; ')}.` };
  }
  if (takes < 2) return told;
  const names = does.type === 'call' ? all.slice(0, takes) : ['second', 'top'];
  const order = names.length === takes ? `: ${names.join(', ')}; the last on top` : '';
  return { ...told, help: `${told.help} Takes ${takes} levels${order}.` };
}

export const keyTexts: Readonly<Record<KeyId, KeyText>> = {
  ...letters,
  push: text('push', 'Ends the number and makes it the top level. With nothing keyed it copies the top.'),
  copy: text('copy the top', 'The top level once more.'),
  drop: text('drop', 'Takes the top level off the stack.'),
  swap: text('swap', 'Exchanges the two top levels: puts operands in the wrong order right.'),
  rotateDown: text('turn down', 'The top level goes under all others.'),
  rotateUp: text('turn up', 'The lowest level comes to the top.'),
  pick: text('fetch', 'Copies a level to the top. The digit keyed next says which, counted from the top.'),
  operands: text('operands', 'Brings back what the last operation took.'),
  clearStack: text('clear stack', 'Takes every level off the stack. Kept values and the tape are left.'),
  negate: text('change sign', 'The other sign of the number shown; behind ·10ⁿ, of the power of ten.'),
  clearEntry: text('clear entry', 'Takes away the number shown alone. What is pending stays.'),
  toLine: text('to line', 'Puts the number shown into the Written line, as it was made.'),
  toColumn: text('to column', 'Puts the number shown below the last value of the column that was last written into.'),
  keep: text('keep', 'Keeps the value in the slot or letter keyed next, in place of what it held.'),
  recall: text(
    'recall',
    'Puts in the slot or letter keyed next. In a line it follows its changes until it is answered.',
  ),
  recallValue: text('recall value', 'Puts in the value itself, which no longer follows changes.'),
  addTo: text('add to', 'Adds the value to the slot or letter keyed next.'),
  takeFrom: text('take from', 'Takes the value from the slot or letter keyed next.'),
  multiplyBy: text('multiply kept', 'Multiplies the slot or letter keyed next by the value.'),
  divideBy: text('divide kept', 'Divides the slot or letter keyed next by the value.'),
  clearKept: text('clear kept', 'Clears the slot or letter keyed next, and nothing else.'),
  total: text('running total', 'What the running total holds.'),
  keepTotal: text('keep as total', 'The running total is then the number shown.'),
  recallTotal: text('recall total', 'Puts in the running total.'),
  addToTotal: text('add to total', 'Adds the number shown to the running total.'),
  takeFromTotal: text('take from total', 'Takes the number shown from the running total.'),
  clearTotal: text('clear total', 'Clears the running total, and nothing else.'),
  clearSlots: text('clear all slots', 'Clears slots 0 to 9, and nothing else.'),
  clearLetters: text('clear all letters', 'Clears the letters A to Z, and nothing else.'),
  d0: digit(0),
  d1: digit(1),
  d2: digit(2),
  d3: digit(3),
  d4: digit(4),
  d5: digit(5),
  d6: digit(6),
  d7: digit(7),
  d8: digit(8),
  d9: digit(9),
  point: text('decimal point', 'Begins the digits after the point.'),
  plus: text('plus', 'Adds. On an empty line it goes on from the last answer.'),
  minus: text('minus', 'Subtracts, or makes what follows negative: one key for both.'),
  times: text('times', 'Multiplies.'),
  divide: text('divided by', 'Divides, written on the line.'),
  percent: text('percent', 'Hundredths. After + or − it is that share of what stands before.'),
  factorial: text('factorial', 'The product of all whole numbers up to this one.'),
  degree: text('degree sign', 'Marks the number before it as an angle in degrees.'),
  tenPower: text('times ten to the power', 'Moves the point: 4.2·10³ is keyed 4.2, this key, 3.'),
  answer: text('equals', 'Works off the calculation and shows its result.'),
  enter: text('answer', 'Answers the line and puts it on the tape. Enter does the same.'),
  ans: text('last answer', 'The last answer with all its digits.'),
  y: text('y', 'The variable y, for formulas. It keeps no value.'),
  x: text('x', 'The variable x, for formulas. It keeps no value.'),
  open: text('open bracket', 'Opens a bracket. A missing closing one is supplied at the end.'),
  close: text('close bracket', 'Closes the bracket.'),
  separator: text('next value', 'Separates the values given to a function.'),
  sqrt: text('square root', functionHelp.sqrt),
  cbrt: text('cube root', functionHelp.cbrt),
  root: text('nth root', functionHelp.root),
  square: text('squared', 'Raises what stands before it to the power 2.'),
  cube: text('cubed', 'Raises what stands before it to the power 3.'),
  power: text('to the power', 'Raises what stands before it to the power that follows.'),
  inverse: text('to the power minus one', '1 divided by what stands before it.'),
  tenTo: text('ten to the power', 'Ten raised to what follows.'),
  eTo: text('e to the power', 'The number e raised to what follows.'),
  fraction: text('fraction', 'Divides, written as a fraction.'),
  mixed: text('mixed number', 'The fraction beside a whole number: 2 and 5/6. The number before it stays whole.'),
  sin: text('sine', functionHelp.sin),
  cos: text('cosine', functionHelp.cos),
  tan: text('tangent', functionHelp.tan),
  sec: text('secant', functionHelp.sec),
  csc: text('cosecant', functionHelp.csc),
  cot: text('cotangent', functionHelp.cot),
  asin: text('inverse sine', functionHelp.asin),
  acos: text('inverse cosine', functionHelp.acos),
  atan: text('inverse tangent', functionHelp.atan),
  asec: text('inverse secant', functionHelp.asec),
  acsc: text('inverse cosecant', functionHelp.acsc),
  acot: text('inverse cotangent', functionHelp.acot),
  minute: text('minutes of angle', 'After degrees: sixtieths of a degree, as in 73°24′.'),
  second: text('seconds of angle', 'After minutes: sixtieths of a minute, as in 73°24′36″.'),
  deg: text('in degrees', 'Marks the product before it as an angle in degrees.'),
  rad: text('in radians', 'Marks the product before it as an angle in radians.'),
  grad: text('in gradians', 'Marks the product before it as an angle in gradians.'),
  ln: text('natural logarithm', functionHelp.ln),
  log: text('logarithm', functionHelp.log),
  logBase: text('logarithm to a base', 'The logarithm with its base written small: base first, then the number.'),
  lg: text('logarithm to base ten', functionHelp.lg),
  exp: text('exponential', functionHelp.exp),
  e: text('e', 'Euler’s number, 2.718…'),
  pi: text('pi', 'The ratio of a circle’s circumference to its diameter.'),
  nCr: text('choose', functionHelp.nCr),
  nPr: text('arrange', functionHelp.nPr),
  abs: text('absolute value', functionHelp.abs),
  mod: text('remainder', 'What is left over when the number before it is divided by the one after it.'),
  sinh: text('hyperbolic sine', functionHelp.sinh),
  cosh: text('hyperbolic cosine', functionHelp.cosh),
  tanh: text('hyperbolic tangent', functionHelp.tanh),
  asinh: text('inverse hyperbolic sine', functionHelp.asinh),
  acosh: text('inverse hyperbolic cosine', functionHelp.acosh),
  atanh: text('inverse hyperbolic tangent', functionHelp.atanh),
  gcd: text('greatest common divisor', functionHelp.gcd),
  lcm: text('least common multiple', functionHelp.lcm),
  div: text('whole quotient', functionHelp.div),
  random: text('chance number', functionHelp.random),
  randint: text('chance whole number', functionHelp.randint),
  floor: text('round down', functionHelp.floor),
  ceil: text('round up', functionHelp.ceil),
  round: text('round to places', functionHelp.round),
  roundsig: text('round to figures', functionHelp.roundsig),
  trunc: text('cut to whole', functionHelp.trunc),
  frac: text('fractional part', functionHelp.frac),
  min: text('smallest', functionHelp.min),
  max: text('largest', functionHelp.max),
  sign: text('sign of', functionHelp.sign),
  normalBelow: text('normal below', functionHelp.normalBelow),
  normalAbove: text('normal above', functionHelp.normalAbove),
  normalBetween: text('normal between', functionHelp.normalBetween),
  normalInverse: text('normal inverse', functionHelp.normalInverse),
  binomialAt: text('binomial at', functionHelp.binomialAt),
  binomialBelow: text('binomial below', functionHelp.binomialBelow),
  binomialAbove: text('binomial above', functionHelp.binomialAbove),
  binomialBetween: text('binomial between', functionHelp.binomialBetween),
  poissonAt: text('Poisson at', functionHelp.poissonAt),
  poissonBelow: text('Poisson below', functionHelp.poissonBelow),
  geometricBelow: text('geometric below', functionHelp.geometricBelow),
  tAbove: text('t above', functionHelp.tAbove),
  tInverse: text('t inverse', functionHelp.tInverse),
  chiSquaredAbove: text('chi-squared above', functionHelp.chiSquaredAbove),
  chiSquaredInverse: text('chi-squared inverse', functionHelp.chiSquaredInverse),
  FAbove: text('F above', functionHelp.FAbove),
  FInverse: text('F inverse', functionHelp.FInverse),
  integral: text('integral', functionHelp.integral),
  derivative: text('derivative', functionHelp.derivative),
  sum: text('sum', functionHelp.sum),
  prod: text('product', functionHelp.prod),
  k: text('k', 'The variable k, for sums. It keeps no value.'),
  infinity: text('infinity', 'As a limit of an integral: without end.'),
  cases: text('cases', functionHelp.cases),
  equal: text('is equal to', 'Asks whether two values are the same; decided exactly where it can be.'),
  unequal: text('is not equal to', 'Asks whether two values differ.'),
  less: text('is less than', 'Asks whether the value before it is the smaller one.'),
  atMost: text('is at most', 'Asks whether the value before it is the smaller one, or the same.'),
  greater: text('is greater than', 'Asks whether the value before it is the larger one.'),
  atLeast: text('is at least', 'Asks whether the value before it is the larger one, or the same.'),
  and: text('and', 'True when both comparisons beside it are.'),
  or: text('or', 'True when one of the comparisons beside it is.'),
  not: text('not', 'True when the comparison after it is false.'),
  i: text('imaginary unit', 'The number whose square is −1. Needs complex numbers, a setting.'),
  re: text('real part', functionHelp.re),
  im: text('imaginary part', functionHelp.im),
  conj: text('conjugate', functionHelp.conj),
  arg: text('argument', functionHelp.arg),
  assign: text('keeps', 'After a letter: the letter keeps the value of what follows.'),
  moveLeft: text('caret left', 'Moves the caret one place to the left.'),
  vector2: text('vector of two', 'A vector of two entries. Caret right goes from entry to entry.'),
  vector3: text('vector of three', 'A vector of three entries. Caret right goes from entry to entry.'),
  matrix22: text('matrix two by two', 'A matrix of two rows and two columns. Caret right goes through the entries.'),
  matrix33: text(
    'matrix three by three',
    'A matrix of three rows and three columns. Caret right goes through the entries.',
  ),
  squareOpen: text('open square bracket', 'Behind a matrix it asks for an entry, by row and column: A[2, 1].'),
  squareClose: text('close square bracket', 'Closes the square bracket.'),
  addRow: text('one row more', 'A row more in the matrix, behind that of the caret.'),
  removeRow: text('one row less', 'Takes the row of the caret out of the matrix.'),
  addColumn: text('one column more', 'A column more in the matrix, behind that of the caret.'),
  removeColumn: text('one column less', 'Takes the column of the caret out of the matrix.'),
  det: text('determinant', functionHelp.det),
  inverseOf: text('inverse matrix', functionHelp.inverse),
  transpose: text('transpose', functionHelp.transpose),
  rref: text('reduced rows', functionHelp.rref),
  rank: text('rank', functionHelp.rank),
  trace: text('trace', functionHelp.trace),
  kernel: text('kernel', functionHelp.kernel),
  identity: text('identity matrix', functionHelp.identity),
  solveFor: text('solve a system', functionHelp.solve),
  dot: text('dot product', functionHelp.dot),
  cross: text('cross product', functionHelp.cross),
  norm: text('length of a vector', functionHelp.norm),
  unit: text('unit vector', functionHelp.unit),
  angleBetween: text('angle between', functionHelp.angle),
  proj: text('projection', functionHelp.proj),
  charpoly: text('characteristic polynomial', functionHelp.charpoly),
  eigenvalues: text('eigenvalues', functionHelp.eigenvalues),
  eigenvectors: text('eigenvectors', functionHelp.eigenvectors),
  bitand: text('bits: and', functionHelp.bitand),
  bitor: text('bits: or', functionHelp.bitor),
  bitxor: text('bits: one of two', functionHelp.bitxor),
  bitnot: text('bits: not', functionHelp.bitnot),
  shl: text('bits to the left', functionHelp.shl),
  shr: text('bits to the right', functionHelp.shr),
  binaryPrefix: text('a number in base 2', 'Begins a number in base 2, digits 0 and 1.'),
  octalPrefix: text('a number in base 8', 'Begins a number in base 8, digits 0 to 7.'),
  hexadecimalPrefix: text('a number in base 16', 'Begins a number in base 16, digits 0 to 9 and A to F.'),
  base: text('base', 'After a number: the base, 2 to 36, that it is written in.'),
  moveRight: text('caret right', 'Moves the caret one place to the right.'),
  moveUp: text(
    'caret up',
    'Into what stands above: a numerator, an exponent, an upper limit. In an empty line: an earlier line.',
  ),
  moveDown: text('caret down', 'Into what stands below: a denominator, a lower limit. Out of an exponent.'),
  moveHome: text('caret to the start', 'Moves the caret to the start of the line.'),
  moveEnd: text('caret to the end', 'Moves the caret to the end of the line.'),
  deleteLeft: text('backspace', 'Takes away what stands left of the caret.'),
  deleteRight: text('delete forward', 'Takes away what stands right of the caret.'),
  clear: text('clear line', 'Empties the line being written, and nothing else.'),
  undo: text('undo', 'Takes back the last change.'),
  redo: text('redo', 'Makes the change again that was taken back.'),
};

export const drawerNames: Readonly<Record<DrawerId, string>> = {
  pad: 'Pad',
  powers: 'Powers',
  angles: 'Angles',
  logs: 'Logs',
  counting: 'Counting',
  calculus: 'Calculus',
  matrices: 'Matrices',
  letters: 'Letters',
  more: 'More',
};

/** An entry of a key log, said in words. */
export function keyedName(keyed: Keyed): string {
  switch (keyed.kind) {
    case 'key':
      return keyTexts[keyed.id].say;
    case 'typed':
      return `typed ${keyed.char === ' ' ? 'space' : keyed.char}`;
    case 'put':
      return `put in ${keyed.text}`;
    case 'caret':
      return 'caret put elsewhere';
  }
}

/** The side of a drawer that is not seen, by its first and last letter where these are most of it. */
export const otherSide = (ids: readonly KeyId[]): string => {
  const named = ids.filter((id) => keys[id].look === 'letter' && id.length === 1);
  return 2 * named.length < ids.length ? 'more' : `${named[0]}–${named.at(-1)}`;
};
