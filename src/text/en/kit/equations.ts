/** Words of the tool Equations. */
export const equationWords = {
  name: 'Equations',
  answers: 'Systems of linear equations, polynomials to degree ten, any equation in one unknown, and pairs of curves.',
  words:
    'system simultaneous linear solve unknowns roots zeros quadratic cubic quartic polynomial discriminant vertex parabola complete the square factor factorise intersection gauss elimination cramer interval',
  kinds: 'Kind of equation',
  linear: 'Linear',
  polynomial: 'Polynomial',
  one: 'One unknown',
  pair: 'Two unknowns',
  entry: 'How it is entered',
  grid: 'Coefficients',
  typed: 'Typed',
  unknowns: 'Unknowns',
  equations: 'Equations',
  equation: 'Equation',
  addEquation: 'One more equation',
  removeEquation: 'Remove the last',
  paste: 'Paste',
  pasteLines: 'Paste lines',
  letters: 'Letters of the unknowns',
  lettersHint: 'every letter',
  value: 'Value of',
  rightSide: 'right side',
  right: '=',
  readAs: 'Read as',
  oneSolution: 'One solution',
  noSolution: 'No solution: the rows contradict each other.',
  manySolutions: 'Infinitely many solutions.',
  where: 'where',
  anyValue: 'any number',
  check: 'Put in',
  elimination: 'Steps by elimination',
  degree: 'Degree',
  coefficient: 'coefficient',
  constantTerm: 'constant term',
  roots: 'Roots',
  noRealRoot: 'No real root.',
  showComplex: 'Show the complex roots',
  hideComplex: 'Hide the complex roots',
  discriminant: 'Discriminant',
  factored: 'Factors',
  vertex: 'Vertex',
  square: 'Completed square',
  cardano: "By Cardano's formula",
  constant: 'This is a constant: there is no unknown in it.',
  unreadable: 'cannot be read',
  enterFirst: 'Enter the coefficients: an empty place counts as 0.',
  typeFirst: 'Write the equations, such as 2x + 3y = 8.',
  oneHint: 'x·sin(x) = 2',
  oneFirst: 'Write an equation or an inequality with an unknown letter.',
  noUnknown: 'There is no unknown letter in it.',
  betweenNote: 'Where there is no formula for the solutions, they are searched between these.',
  pairFirst: 'Write two equations in two unknown letters.',
  noPair: 'No pair in this box.',
  allPairs: 'These are all in the box, proved.',
  notAllPairs: 'There may be others: nothing could be decided near',
  touching: 'Where the curves only touch, it is not proved that there are no others.',
  pairUnknown: 'These equations cannot be searched: something in them has no slope that can be written down.',
  drawBoth: 'Draw the curves',
} as const;

export const equationNumber = (i: number): string => `${equationWords.equation} ${i + 1}`;
export const freeLetters = (names: readonly string[]): string =>
  `Infinitely many solutions: ${names.join(', ')} can be any ${names.length === 1 ? 'number' : 'numbers'}.`;

/** By what combination rows contradict each other: 2·(1) − (2) says 0 = 3. */
export function contradictionText(times: readonly string[], comesTo: string): string {
  const terms = times.flatMap((by, i) => {
    if (by === '0') return [];
    const isNegative = by.startsWith('−');
    const size = isNegative ? by.slice(1) : by;
    return [{ isNegative, text: `${size === '1' ? '' : `${size} · `}row ${i + 1}` }];
  });
  const sum = terms
    .map(({ isNegative, text }, k) =>
      k === 0 ? (isNegative ? `−${text}` : text) : `${isNegative ? '−' : '+'} ${text}`,
    )
    .join(' ');
  return `${sum} says 0 = ${comesTo}.`;
}

export const rootName = (i: number): string => `root ${i + 1}`;
export const multiplicityText = (times: number): string => (times === 2 ? 'twice' : `${times} times`);
export const complexCount = (count: number): string => (count === 1 ? 'One complex root.' : `${count} complex roots.`);
export const coefficientName = (power: number): string =>
  power === 0 ? equationWords.constantTerm : `${equationWords.coefficient} of x${power === 1 ? '' : `^${power}`}`;
export const pairName = (i: number): string => `pair ${i + 1}`;
export const lettersText = (letters: readonly string[]): string =>
  letters.length === 0
    ? 'There are no unknown letters in these equations; two are needed.'
    : `Two unknown letters are needed; here ${letters.length === 1 ? 'is' : 'are'} ${letters.join(', ')}.`;
export const emptyBoxText = (letter: string): string => `The first end of ${letter} must be below the second.`;
export const endName = (letter: string, isFirst: boolean): string => `${letter} ${isFirst ? 'from' : 'to'}`;
export const atPlace = (place: string, why: string): string => `${place}: ${why}`;
