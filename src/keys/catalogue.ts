import type { GridChange } from '@/core/line/edits';
import type { MemoryOperation } from '@/core/memory/shelf';
import { calls, edits, ex, inserts, key, operates, raisesTo } from './record';
import type { Example, KeyAction, KeyLook, KeyRecord } from './record';

export type { KeyAction, KeyFace, KeyIcon, KeyLook, KeyRecord } from './record';

/* Every key there is, as one table that decks, help, search and tests read. */

const digitKeys = {
  d0: inserts('0', '0', ex('d1 d0', '10'), 'digit'),
  d1: inserts('1', '1', ex('d1', '1'), 'digit'),
  d2: inserts('2', '2', ex('d2', '2'), 'digit'),
  d3: inserts('3', '3', ex('d3', '3'), 'digit'),
  d4: inserts('4', '4', ex('d4', '4'), 'digit'),
  d5: inserts('5', '5', ex('d5', '5'), 'digit'),
  d6: inserts('6', '6', ex('d6', '6'), 'digit'),
  d7: inserts('7', '7', ex('d7', '7'), 'digit'),
  d8: inserts('8', '8', ex('d8', '8'), 'digit'),
  d9: inserts('9', '9', ex('d9', '9'), 'digit'),
  point: key({ type: 'point' }, '.', 'digit', ex('d0 point d5', '0.5')),
} as const;

const operatorKeys = {
  plus: operates('+', '+', ex('d2 plus d3', '5'), 'operator'),
  minus: inserts('−', '−', ex('d5 minus d7', '−2'), 'operator'),
  times: operates('×', '×', ex('d6 times d7', '42'), 'operator'),
  divide: operates('÷', '÷', ex('d8 divide d1 d2', '2/3'), 'operator'),
  percent: operates('%', '%', ex('d2 d4 d0 plus d1 d5 percent', '276')),
  factorial: operates('!', 'n!', ex('d5 factorial', '120')),
  degree: operates('°', '°', ex('sin d3 d0 degree close', '1/2')),
  tenPower: key({ type: 'powerOfTen' }, '·10^n', 'function', ex('d4 tenPower d3', '4000')),
  /** Running works the chain off by its equals sign; a written line has that as a sign of its own, beside the key that answers. */
  answer: key({ type: 'answer' }, '=', 'answer', ex('d1 plus d1 answer', '2', 'running')),
  enter: key({ type: 'answer' }, { icon: 'enter' }, 'answer', ex('d1 plus d1 enter', '2')),
  ans: inserts('Ans', 'Ans', ex('d6 times d7 enter ans plus d1', '43')),
  y: inserts('y', 'y', ex('d2 y', 'y stands for no number here. Letters A to Z keep values.'), 'letter'),
  x: inserts('x', 'x', ex('d2 x', 'x stands for no number here. Letters A to Z keep values.'), 'letter'),
} as const;

const functionKeys = {
  open: key({ type: 'open' }, '(', 'function', ex('open d1 plus d2 close times d3', '9')),
  close: key({ type: 'close' }, ')', 'function', ex('open d1 plus d2 close times d3', '9')),
  separator: key({ type: 'separate' }, ',', 'function', ex('nCr d5 separator d2 close', '10')),
  sqrt: calls('sqrt', '√', ex('sqrt d1 d2 close', '2√3')),
  cbrt: calls('cbrt', '∛', ex('cbrt d2 d7 close', '3')),
  root: calls('root', 'n|√', ex('root d4 separator d8 d1 close', '3')),
  square: raisesTo('2', 'x^2', ex('d7 square', '49')),
  cube: raisesTo('3', 'x^3', ex('d2 cube', '8')),
  power: raisesTo('', 'x^y', ex('d2 power d1 d0', '1024')),
  inverse: raisesTo('−1', 'x^−1', ex('d8 inverse', '1/8')),
  tenTo: key({ type: 'raise', base: '10' }, '10^x', 'function', ex('tenTo d3', '1000')),
  eTo: key({ type: 'raise', base: 'e' }, 'e^x', 'function', ex('eTo d0', '1')),
  fraction: key({ type: 'fraction' }, 'a⁄b', 'function', ex('d6 fraction d8 d4', '1/14')),
  mixed: key({ type: 'mixed' }, 'n a⁄b', 'function', ex('d2 mixed d5 moveRight d6', '17/6')),
  sin: calls('sin', 'sin', ex('sin d3 d0 close', '1/2')),
  cos: calls('cos', 'cos', ex('cos d6 d0 close', '1/2')),
  tan: calls('tan', 'tan', ex('tan d4 d5 close', '1')),
  sec: calls('sec', 'sec', ex('sec d6 d0 close', '2')),
  csc: calls('csc', 'csc', ex('csc d3 d0 close', '2')),
  cot: calls('cot', 'cot', ex('cot d4 d5 close', '1')),
  asin: calls('asin', 'asin', ex('asin d1 close', '90')),
  acos: calls('acos', 'acos', ex('acos d0 close', '90')),
  atan: calls('atan', 'atan', ex('atan d1 close', '45')),
  asec: calls('asec', 'asec', ex('asec d2 close', '60')),
  acsc: calls('acsc', 'acsc', ex('acsc d2 close', '30')),
  acot: calls('acot', 'acot', ex('acot d1 close', '45')),
  minute: operates('′', '′', ex('d1 degree d3 d0 minute', '3/2')),
  second: operates('″', '″', ex('d1 degree d0 minute d3 d6 second', '101/100')),
  deg: operates(' deg', 'deg', ex('d9 d0 deg', '90')),
  rad: operates(' rad', 'rad', ex('pi rad', '180')),
  grad: operates(' grad', 'grad', ex('d5 d0 grad', '45')),
  ln: calls('ln', 'ln', ex('ln e close', '1')),
  log: calls('log', 'log', ex('log d1 d0 d0 close', '2')),
  logBase: calls('log', 'log_b', ex('logBase d2 moveRight d8', '3'), 2),
  lg: calls('lg', 'lg', ex('lg d1 d0 close', '1')),
  exp: calls('exp', 'exp', ex('exp d0 close', '1')),
  e: inserts('e', 'e', ex('ln e square close', '2')),
  pi: inserts('π', 'π', ex('sin pi fraction d6 moveRight rad close', '1/2')),
  nCr: calls('nCr', 'nCr', ex('nCr d5 separator d2 close', '10')),
  nPr: calls('nPr', 'nPr', ex('nPr d5 separator d2 close', '20')),
  abs: calls('abs', { text: '|x|' }, ex('abs minus d7 close', '7')),
  mod: operates(' mod ', 'mod', ex('d5 d3 mod d8', '5')),
  assign: inserts(' := ', ':=', ex('A assign d7', '7')),
  sinh: calls('sinh', 'sinh', ex('sinh d0 close', '0')),
  cosh: calls('cosh', 'cosh', ex('cosh d0 close', '1')),
  tanh: calls('tanh', 'tanh', ex('tanh d0 close', '0')),
  asinh: calls('asinh', 'asinh', ex('asinh sinh d3 close close', '3')),
  acosh: calls('acosh', 'acosh', ex('acosh d1 close', '0')),
  atanh: calls('atanh', 'atanh', ex('atanh d0 close', '0')),
  gcd: calls('gcd', 'gcd', ex('gcd d8 d4 separator d3 d6 close', '12')),
  lcm: calls('lcm', 'lcm', ex('lcm d4 separator d6 close', '12')),
  div: calls('div', 'div', ex('div d5 d3 separator d8 close', '6')),
  random: calls('random', 'random', ex('floor random close', '0')),
  randint: calls('randint', 'randint', ex('randint d6 separator d6 close', '6')),
  floor: calls('floor', { text: '⌊x⌋' }, ex('floor d2 point d7 close', '2')),
  ceil: calls('ceil', { text: '⌈x⌉' }, ex('ceil d2 point d1 close', '3')),
  round: calls('round', 'round', ex('round d2 point d5 close', '3')),
  roundsig: calls('roundsig', 'figures', ex('roundsig d1 d2 d3 d4 separator d2 close', '1200')),
  trunc: calls('trunc', 'trunc', ex('trunc minus d2 point d7 close', '−2')),
  frac: calls('frac', 'frac', ex('frac d2 point d7 d5 close', '0.75')),
  min: calls('min', 'min', ex('min d3 separator pi close', '3')),
  max: calls('max', 'max', ex('max d3 separator pi close', 'π')),
  sign: calls('sign', 'sign', ex('sign minus d7 close', '−1')),
} as const;

/** A face names the distribution and what is asked: `N<x` the share below, `B=k` the probability of just k, `t^−1` the place of a share. */
const chanceKeys = {
  normalBelow: calls('normalBelow', 'N<x', ex('normalBelow d0 close', '1/2')),
  normalAbove: calls('normalAbove', 'N>x', ex('normalAbove d0 close', '1/2')),
  normalBetween: calls('normalBetween', '<N<', ex('normalBetween d1 moveRight d1', '0')),
  normalInverse: calls('normalInverse', 'N^−1', ex('normalInverse d0 point d5', '0')),
  binomialAt: calls('binomialAt', 'B=k', ex('binomialAt d3 moveRight d4 moveRight d0 point d5', '0.25')),
  binomialBelow: calls('binomialBelow', 'B≤k', ex('binomialBelow d1 moveRight d2 moveRight d0 point d5', '0.75')),
  binomialAbove: calls('binomialAbove', 'B>k', ex('binomialAbove d1 moveRight d2 moveRight d0 point d5', '0.25')),
  binomialBetween: calls(
    'binomialBetween',
    '≤B≤',
    ex('binomialBetween d1 moveRight d2 moveRight d2 moveRight d0 point d5', '0.75'),
  ),
  poissonAt: calls('poissonAt', 'Po=k', ex('poissonAt d0 moveRight d0', '1')),
  poissonBelow: calls('poissonBelow', 'Po≤k', ex('poissonBelow d3 moveRight d0', '1')),
  geometricBelow: calls('geometricBelow', 'G≤k', ex('geometricBelow d2 moveRight d0 point d5', '0.75')),
  tAbove: calls('tAbove', 't>x', ex('tAbove d0 moveRight d9', '1/2')),
  tInverse: calls('tInverse', 't^−1', ex('tInverse d0 point d5 moveRight d9', '0')),
  chiSquaredAbove: calls('chiSquaredAbove', 'χ²>x', ex('chiSquaredAbove d0 moveRight d4', '1')),
  chiSquaredInverse: calls('chiSquaredInverse', 'χ²^−1', ex('chiSquaredInverse d0 moveRight d4', '0')),
  FAbove: calls('FAbove', 'F>x', ex('FAbove d0 moveRight d3 moveRight d9', '1')),
  FInverse: calls('FInverse', 'F^−1', ex('FInverse d0 moveRight d3 moveRight d9', '0')),
} as const;

const calculusKeys = {
  integral: calls('integral', '∫', ex('integral d1 moveRight d4 moveRight d3 x square minus x', '111/2')),
  derivative: calls('derivative', 'd⁄dx', ex('derivative x cube moveRight d2', '12')),
  sum: calls('sum', '∑', ex('sum d1 moveRight d1 d0 moveRight k square', '385')),
  prod: calls('prod', '∏', ex('prod d1 moveRight d5 moveRight k', '120')),
  k: inserts('k', 'k', ex('sum d1 moveRight d9 moveRight k', '45'), 'letter'),
  infinity: inserts('∞', '∞', ex('integral d1 moveRight infinity moveRight d1 fraction x square', '1')),
  cases: calls('cases', 'cases', ex('cases d5 moveRight d2 less d1 moveRight d7', '7')),
  equal: operates('=', '=', ex('sqrt d8 close equal d2 sqrt d2 close', 'true'), 'operator'),
  unequal: operates('≠', '≠', ex('d1 unequal d2', 'true')),
  less: operates('<', '<', ex('d1 less d2', 'true')),
  atMost: operates('≤', '≤', ex('d2 atMost d2', 'true')),
  greater: operates('>', '>', ex('d1 greater d2', 'false')),
  atLeast: operates('≥', '≥', ex('d1 atLeast d2', 'false')),
  and: operates(' and ', 'and', ex('d1 less d2 and d2 less d1', 'false')),
  or: operates(' or ', 'or', ex('d1 less d2 or d2 less d1', 'true')),
  not: inserts('not ', 'not', ex('not d2 less d1', 'true')),
} as const;

const onComplex = (record: KeyRecord): KeyRecord => ({ ...record, needs: 'complex' });

const complexKeys = {
  i: onComplex(inserts('i', 'i', ex('i square', '−1'))),
  re: onComplex(calls('re', 're', ex('re d3 minus d4 i close', '3'))),
  im: onComplex(calls('im', 'im', ex('im d3 minus d4 i close', '−4'))),
  conj: onComplex(calls('conj', 'conj', ex('conj d3 minus d4 i close', '3 + 4i'))),
  arg: onComplex(calls('arg', 'arg', ex('arg d1 plus i close', '45'))),
} as const;

const grids = (rows: number, columns: number, face: string, example: Example) =>
  key({ type: 'grid', rows, columns }, face, 'function', example);
const resizes = (change: GridChange, face: string, example: Example) =>
  key({ type: 'resize', change }, face, 'function', example);

const matrixKeys = {
  vector2: grids(2, 1, 'vec 2', ex('vector2 d3 moveRight d4', '[3, 4]')),
  vector3: grids(3, 1, 'vec 3', ex('vector3 d1 moveRight d2 moveRight d3', '[1, 2, 3]')),
  matrix22: grids(2, 2, '2×2', ex('matrix22 d1 separator d2 separator d3 separator d4', '[[1, 2], [3, 4]]')),
  matrix33: grids(
    3,
    3,
    '3×3',
    ex(
      'det matrix33 d2 separator d0 separator d0 separator d0 separator d3 separator d0 separator d0 separator d0 separator d5',
      '30',
    ),
  ),
  squareOpen: inserts(
    '[',
    '[',
    ex('matrix22 d1 moveRight d2 moveRight d3 moveRight d4 moveRight squareOpen d2 separator d1 squareClose', '3'),
  ),
  squareClose: inserts(']', ']', ex('vector2 d5 moveRight d6 moveRight squareOpen d2 squareClose', '6')),
  addRow: resizes('addRow', '+ row', ex('vector2 d1 moveRight d2 addRow d3', '[1, 2, 3]')),
  removeRow: resizes('removeRow', '− row', ex('vector3 d1 moveRight d2 moveRight removeRow', '[1, 2]')),
  addColumn: resizes('addColumn', '+ col', ex('vector2 d1 addColumn d2 moveRight d3 moveRight d4', '[[1, 2], [3, 4]]')),
  removeColumn: resizes('removeColumn', '− col', ex('matrix22 d1 moveRight removeColumn moveRight d3', '[1, 3]')),
  det: calls('det', 'det', ex('det matrix22 d1 moveRight d2 moveRight d3 moveRight d4', '−2')),
  inverseOf: calls(
    'inverse',
    'inverse',
    ex('inverseOf matrix22 d2 moveRight d0 moveRight d0 moveRight d4', '[[1/2, 0], [0, 1/4]]'),
  ),
  transpose: calls('transpose', 'transp', ex('transpose vector2 d1 moveRight d2', '[[1, 2]]')),
  rref: calls('rref', 'rref', ex('rref matrix22 d1 moveRight d2 moveRight d2 moveRight d4', '[[1, 2], [0, 0]]')),
  rank: calls('rank', 'rank', ex('rank matrix22 d1 moveRight d2 moveRight d2 moveRight d4', '1')),
  trace: calls('trace', 'trace', ex('trace matrix22 d1 moveRight d2 moveRight d3 moveRight d4', '5')),
  kernel: calls('kernel', 'kernel', ex('kernel matrix22 d1 moveRight d2 moveRight d2 moveRight d4', '[−2, 1]')),
  identity: calls('identity', 'identity', ex('identity d2', '[[1, 0], [0, 1]]')),
  solveFor: calls('solve', 'solve', ex('solveFor identity d2 close separator vector2 d3 moveRight d4', '[3, 4]')),
  dot: calls('dot', 'dot', ex('dot vector2 d1 moveRight d2 moveRight separator vector2 d3 moveRight d4', '11')),
  cross: calls(
    'cross',
    'cross',
    ex(
      'cross vector3 d1 moveRight d0 moveRight d0 moveRight separator vector3 d0 moveRight d1 moveRight d0',
      '[0, 0, 1]',
    ),
  ),
  norm: calls('norm', 'norm', ex('norm vector2 d3 moveRight d4', '5')),
  unit: calls('unit', 'unit', ex('unit vector2 d3 moveRight d4', '[3/5, 4/5]')),
  angleBetween: calls(
    'angle',
    'angle',
    ex('angleBetween vector2 d1 moveRight d0 moveRight separator vector2 d1 moveRight d1', '45'),
  ),
  proj: calls('proj', 'proj', ex('proj vector2 d3 moveRight d4 moveRight separator vector2 d1 moveRight d0', '[3, 0]')),
  charpoly: calls('charpoly', 'p(λ)', ex('charpoly matrix22 d2 moveRight d1 moveRight d1 moveRight d2', '[1, −4, 3]')),
  eigenvalues: calls(
    'eigenvalues',
    'eigen λ',
    ex('eigenvalues matrix22 d2 moveRight d1 moveRight d1 moveRight d2', '[1, 3]'),
  ),
  eigenvectors: calls(
    'eigenvectors',
    'eigen v',
    ex('eigenvectors matrix22 d2 moveRight d1 moveRight d1 moveRight d2', '[[−1, 1], [1, 1]]'),
  ),
  bitand: calls('bitand', 'bitand', ex('bitand d1 d2 separator d1 d0 close', '8')),
  bitor: calls('bitor', 'bitor', ex('bitor d1 d2 separator d1 d0 close', '14')),
  bitxor: calls('bitxor', 'bitxor', ex('bitxor d1 d2 separator d1 d0 close', '6')),
  bitnot: calls('bitnot', 'bitnot', ex('bitnot d2 d5 close', '−26')),
  shl: calls('shl', 'shl', ex('shl d3 separator d4 close', '48')),
  shr: calls('shr', 'shr', ex('shr d4 d8 separator d4 close', '3')),
  binaryPrefix: inserts('0b', '0b', ex('binaryPrefix d1 d0 d1 d1', '11')),
  octalPrefix: inserts('0o', '0o', ex('octalPrefix d1 d7', '15')),
  hexadecimalPrefix: inserts('0x', '0x', ex('hexadecimalPrefix d1 F', '31')),
  base: operates(' base', 'base', ex('d2 d1 base d1 d2', '25')),
} as const;

const editKeys = {
  moveLeft: edits('moveLeft', 'caret-left', ex('d1 d2 moveLeft d3', '132')),
  moveRight: edits('moveRight', 'caret-right', ex('d1 d2 moveHome moveRight d3', '132')),
  moveUp: edits('moveUp', 'caret-up', ex('d1 fraction d2 moveUp d3', '13/2')),
  moveDown: edits('moveDown', 'caret-down', ex('fraction d1 moveDown d2', '1/2')),
  moveHome: edits('moveHome', 'start', ex('d1 d2 moveHome d3', '312')),
  moveEnd: edits('moveEnd', 'end', ex('d1 d2 moveHome moveEnd d3', '123')),
  deleteLeft: edits('deleteLeft', 'backspace', ex('d1 d2 deleteLeft', '1')),
  deleteRight: edits('deleteRight', 'delete-forward', ex('d1 d2 moveHome deleteRight', '2')),
  clear: key({ type: 'edit', command: 'clear' }, 'clear', 'function', ex('d1 d2 clear d3', '3')),
  undo: key({ type: 'undo' }, { icon: 'undo' }, 'function', ex('d1 d2 undo', '1')),
  redo: key({ type: 'redo' }, { icon: 'redo' }, 'function', ex('d1 d2 undo redo', '12')),
} as const;

const inRunning = (keys: string, shows: string): Example => ex(keys, shows, 'running');
const inStack = (keys: string, shows: string): Example => ex(keys, shows, 'stack');
const onStack = (
  operation: (KeyAction & { type: 'stack' })['operation'],
  face: string,
  example: Example,
  look: KeyLook = 'function',
) => key({ type: 'stack', operation }, face, look, example);

const stackKeys = {
  push: onStack('push', 'Push', inStack('d1 d2 push d3 divide', '4'), 'answer'),
  copy: onStack('copy', 'Copy', inStack('d7 copy times', '49')),
  drop: onStack('drop', 'Drop', inStack('d7 push d5 drop', '7')),
  swap: onStack('swap', 'Swap', inStack('d1 d2 push d3 swap divide', '1/4')),
  rotateDown: onStack('rotateDown', 'Turn ↓', inStack('d1 push d2 push d3 rotateDown', '2')),
  rotateUp: onStack('rotateUp', 'Turn ↑', inStack('d1 push d2 push d3 rotateUp', '1')),
  pick: key({ type: 'pick' }, 'Fetch…', 'function', inStack('d8 push d5 push d3 pick d3', '8')),
  operands: onStack('operands', 'Operands', inStack('d1 d2 push d3 plus operands divide', '4')),
  clearStack: onStack('clearStack', 'Clear stack', inStack('d1 push d2 clearStack d7', '7')),
} as const;

const keyedKeys = {
  negate: key({ type: 'entry', operation: 'negate' }, '±', 'operator', inRunning('d8 minus d5 negate answer', '13')),
  clearEntry: key(
    { type: 'entry', operation: 'clearEntry' },
    'CE',
    'function',
    inRunning('d8 plus d5 clearEntry d4 answer', '12'),
  ),
  toLine: key({ type: 'toLine' }, 'To line', 'function', inStack('d2 sqrt toLine times d3', '3√2')),
  toColumn: key({ type: 'toColumn' }, 'To column', 'function', inStack('d2 sqrt toColumn', '√2')),
} as const;

const remembers = (operation: MemoryOperation, face: string, example: Example) =>
  key({ type: 'memory', operation }, face, 'function', example);
const totals = (operation: MemoryOperation, face: string, example: Example) =>
  key({ type: 'total', operation }, face, 'function', example);

const memoryKeys = {
  keep: remembers('keep', 'Keep…', ex('d6 enter keep d3 recall d3 plus d1', '7')),
  recall: remembers('recall', 'Recall…', ex('d6 enter keep A recall A times d2', '12')),
  recallValue: remembers('recallValue', 'Recall value…', ex('d6 enter keep A recallValue A times d2', '12')),
  addTo: remembers('addTo', 'Add to…', ex('d6 enter keep d3 d4 addTo d3 clear recall d3', '10')),
  takeFrom: remembers('takeFrom', 'Take from…', ex('d6 enter keep d3 d4 takeFrom d3 clear recall d3', '2')),
  multiplyBy: remembers('multiplyBy', 'Multiply by…', ex('d6 enter keep d3 d4 multiplyBy d3 clear recall d3', '24')),
  divideBy: remembers('divideBy', 'Divide by…', ex('d6 enter keep d3 d4 divideBy d3 clear recall d3', '3/2')),
  clearKept: remembers('clear', 'Clear…', ex('d6 enter keep d3 clearKept d3 d4', '4')),
  total: inserts('total', 'total', ex('d6 keepTotal clear d2 total', '12')),
  keepTotal: totals('keep', 'Keep as', inRunning('d6 keepTotal d2 times recallTotal answer', '12')),
  recallTotal: totals('recall', 'Recall', inRunning('d6 addToTotal d4 addToTotal recallTotal', '10')),
  addToTotal: totals('addTo', 'Add to', inRunning('d6 addToTotal d4 addToTotal recallTotal', '10')),
  takeFromTotal: totals('takeFrom', 'Take from', inRunning('d6 addToTotal d4 takeFromTotal recallTotal', '2')),
  clearTotal: totals('clear', 'Clear', inRunning('d6 addToTotal clearTotal d4', '4')),
  clearSlots: key(
    { type: 'clearAll', of: 'slot' },
    'Clear slots',
    'function',
    ex('d6 enter keep d3 clearSlots d4', '4'),
  ),
  clearLetters: key(
    { type: 'clearAll', of: 'letter' },
    'Clear letters',
    'function',
    ex('d6 enter keep A clearLetters d4', '4'),
  ),
} as const;

const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'] as const;
export type LetterId =
  | 'A'
  | 'B'
  | 'C'
  | 'D'
  | 'E'
  | 'F'
  | 'G'
  | 'H'
  | 'I'
  | 'J'
  | 'K'
  | 'L'
  | 'M'
  | 'N'
  | 'O'
  | 'P'
  | 'Q'
  | 'R'
  | 'S'
  | 'T'
  | 'U'
  | 'V'
  | 'W'
  | 'X'
  | 'Y'
  | 'Z';
export const letterIds = LETTERS as readonly LetterId[];

const letterKeys = Object.fromEntries(
  letterIds.map((name) => [name, inserts(name, name, ex(`${name} assign d4`, '4'), 'letter')]),
) as Readonly<Record<LetterId, KeyRecord>>;

const catalogue = {
  ...digitKeys,
  ...operatorKeys,
  ...functionKeys,
  ...chanceKeys,
  ...calculusKeys,
  ...complexKeys,
  ...matrixKeys,
  ...editKeys,
  ...stackKeys,
  ...keyedKeys,
  ...memoryKeys,
  ...letterKeys,
} as const;

/** Every key there is: an id, and what the id does and looks like. Names and help stand in `text/keys`. */
export type KeyId = keyof typeof catalogue;
export const keys: Readonly<Record<KeyId, KeyRecord>> = catalogue;
export const keyIds = Object.keys(catalogue) as readonly KeyId[];
export const isKeyId = (id: string): id is KeyId => Object.hasOwn(catalogue, id);
