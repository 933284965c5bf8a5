/**
 * The one table of precedence: parser, printers and help read it. A higher rank binds tighter.
 * `typed` is what is printed in typed text; `reads` are all signs that are read as the operator.
 */
export const operators = {
  or: { kind: 'logic', rank: 8, typed: ' or ', reads: ['or'], math: 'or', latex: '\\lor ' },
  and: { kind: 'logic', rank: 10, typed: ' and ', reads: ['and'], math: 'and', latex: '\\land ' },
  not: { kind: 'prefix', rank: 12, typed: 'not ', reads: ['not'], math: 'not', latex: '\\lnot ' },
  equal: { kind: 'relation', rank: 20, typed: '=', reads: ['='], math: '=', latex: '=' },
  unequal: { kind: 'relation', rank: 20, typed: '!=', reads: ['!=', '≠'], math: '≠', latex: '\\neq ' },
  less: { kind: 'relation', rank: 20, typed: '<', reads: ['<'], math: '<', latex: '<' },
  atMost: { kind: 'relation', rank: 20, typed: '<=', reads: ['<=', '≤'], math: '≤', latex: '\\leq ' },
  greater: { kind: 'relation', rank: 20, typed: '>', reads: ['>'], math: '>', latex: '>' },
  atLeast: { kind: 'relation', rank: 20, typed: '>=', reads: ['>=', '≥'], math: '≥', latex: '\\geq ' },
  plus: { kind: 'infix', rank: 30, side: 'left', typed: '+', reads: ['+'], math: '+', latex: '+' },
  minus: { kind: 'infix', rank: 30, side: 'left', typed: '-', reads: ['-', '−'], math: '−', latex: '-' },
  /** The words deg, rad, grad mark the whole product before them. */
  unitWord: { kind: 'postfix', rank: 35, typed: '', reads: ['deg', 'rad', 'grad'], math: '', latex: '' },
  times: { kind: 'infix', rank: 40, side: 'left', typed: '*', reads: ['*', '×', '·'], math: '×', latex: '\\times ' },
  divide: { kind: 'infix', rank: 40, side: 'left', typed: '÷', reads: ['÷'], math: '÷', latex: '\\div ' },
  /** The same rank and meaning as `divide`, but drawn as a fraction. */
  over: { kind: 'infix', rank: 40, side: 'left', typed: '/', reads: ['/', '∕', '⁄'], math: '/', latex: '/' },
  mod: { kind: 'infix', rank: 40, side: 'left', typed: ' mod ', reads: ['mod'], math: 'mod', latex: '\\bmod ' },
  /** An implied product has the rank of × unless the setting *implied product first* gives it its own. */
  implied: { kind: 'infix', rank: 40, firstRank: 45, side: 'left', typed: '', reads: [], math: '\u2062', latex: '' },
  negate: { kind: 'prefix', rank: 50, typed: '-', reads: ['-', '−'], math: '−', latex: '-' },
  power: { kind: 'infix', rank: 60, side: 'right', typed: '^', reads: ['^'], math: '', latex: '^' },
  factorial: { kind: 'postfix', rank: 70, typed: '!', reads: ['!'], math: '!', latex: '!' },
  percent: { kind: 'postfix', rank: 70, typed: '%', reads: ['%'], math: '%', latex: '\\%' },
  degreeSign: { kind: 'postfix', rank: 70, typed: '°', reads: ['°'], math: '°', latex: '^{\\circ}' },
} as const;

export type OperatorName = keyof typeof operators;
export type InfixName = 'plus' | 'minus' | 'times' | 'divide' | 'over' | 'mod' | 'implied';
export type PostfixName = 'factorial' | 'percent';
export type RelationName = 'equal' | 'unequal' | 'less' | 'atMost' | 'greater' | 'atLeast';
export type LogicName = 'and' | 'or';

/** What binds tighter than every operator. */
export const ATOM_RANK = 80;

/** The rank of an infix operator under a setting. */
export function rankOf(name: OperatorName, impliedFirst: boolean): number {
  return name === 'implied' && impliedFirst ? operators.implied.firstRank : operators[name].rank;
}
