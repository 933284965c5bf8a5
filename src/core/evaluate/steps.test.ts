import { exactTree } from '../format/exact-tree';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { fromWhole } from '../number/value';
import { contextOf } from './context';
import { steps } from './steps';

/** Each step as its rule and the expression with the worked part in ‹ ›. */
function worked(typed: string): string[] | string {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) return reading.problem.code;
  const names = { letters: new Map([['A', fromWhole(3)]]) };
  const made = steps(
    reading.value.tree,
    contextOf({ angle: 'deg', complex: true, shouldContinue: () => true, names }),
    exactTree,
  );
  if (!made.ok) return made.problem.code;
  return made.value.map(
    ({ rule, expr, from, to }) => `${rule} ${expr.slice(0, from)}‹${expr.slice(from, to)}›${expr.slice(to)}`,
  );
}

test.each([
  ['7', ['value ‹7›']],
  ['-4^2+2/5', ['power -‹4^2›+2/5', 'plus ‹-16+2/5›', 'value ‹-78/5›']],
  ['2+3*4-5^2', ['power 2+3*4-‹5^2›', 'times 2+‹3*4›-25', 'plus ‹2+12›-25', 'minus ‹14-25›', 'value ‹-11›']],
  ['(1+2)(3+4)', ['plus (‹1+2›)(3+4)', 'plus 3(‹3+4›)', 'times ‹3(7)›', 'value ‹21›']],
  ['2^3^2', ['power 2^‹3^2›', 'power ‹2^9›', 'value ‹512›']],
  ['6÷2(1+2)', ['plus 6÷2(‹1+2›)', 'divide ‹6÷2›(3)', 'times ‹3(3)›', 'value ‹9›']],
  ['240+15%', ['plus ‹240+15%›', 'value ‹276›']],
  ['5%+3%', ['plus ‹5%+3%›', 'value ‹2/25›']],
  [
    'sqrt(12)+sqrt(27)',
    ['sqrt ‹sqrt(12)›+sqrt(27)', 'sqrt 2sqrt(3)+‹sqrt(27)›', 'plus ‹2sqrt(3)+3sqrt(3)›', 'value ‹5sqrt(3)›'],
  ],
  ['sin(30°)+1', ['angle sin(‹30°›)+1', 'sin ‹sin(30)›+1', 'plus ‹1/2+1›', 'value ‹3/2›']],
  ['sin(1)+2*3', ['times sin(1)+‹2*3›', 'value ‹sin(1)+6›']],
  ['A^2', ['recall ‹A›^2', 'power ‹3^2›', 'value ‹9›']],
  ['det([[0,2],[3,4]])', ['row-exchange ‹det([[0,2],[3,4]])›', 'det -‹det([[3,4],[0,2]])›', 'value ‹-6›']],
  [
    'rref([[2,4],[1,1]])',
    [
      'row-exchange ‹rref([[2,4],[1,1]])›',
      'row-add ‹rref([[1,1],[2,4]])›',
      'row-multiply ‹rref([[1,1],[0,2]])›',
      'row-add ‹rref([[1,1],[0,1]])›',
      'rref ‹rref([[1,0],[0,1]])›',
      'value ‹[[1,0],[0,1]]›',
    ],
  ],
  ['sum(k,k,1,4)*2', ['sum ‹sum(k,k,1,4)›*2', 'times ‹10*2›', 'value ‹20›']],
  ['1<2 and 3<2+2', ['plus 1<2 and 3<‹2+2›', 'relation ‹1<2 and 3<4›', 'truth ‹true›']],
  ['(1+i)^2', ['power ‹(1+i)^2›', 'value ‹2i›']],
  ['1+1/0', 'divide-by-zero'],
])('%s is worked as %j', (typed, expected) => expect(worked(typed)).toEqual(expected));
