/** Words of the tool Matrices. */
export const matrixWords = {
  name: 'Matrices',
  answers:
    'Determinant, inverse, products, rank, reduced rows, eigenvalues: of matrices keyed, pasted or made by a rule.',
  words:
    'matrix determinant inverse transpose rank trace eigenvalue eigenvector product multiply row reduction gauss elimination linear map rotation kernel null space identity grid',
  matrix: 'Matrix',
  newMatrix: 'New matrix',
  rows: 'Rows',
  columns: 'Columns',
  oneDigit: 'One digit each',
  oneDigitNote: 'After each digit on to the next',
  paste: 'Paste',
  fill: 'Fill',
  fillTitle: 'Fill the matrix',
  identity: 'Identity',
  zeros: 'Zeros',
  empty: 'Empty it',
  rule: 'By a rule in i (row) and j (column)',
  ruleHint: 'i + j',
  ruleUnread: 'This rule cannot be read.',
  fillByRule: 'Fill by the rule',
  fromTable: 'From columns',
  fromShelf: 'From the Shelf',
  remove: 'Remove this matrix',
  operations: 'Work out',
  with: 'With',
  expression: 'Expression',
  expressionHint: '2A − A^2',
  elimination: 'Steps by elimination',
  expansion: 'Steps by expansion',
  byRow: 'By a row',
  entryByEntry: 'Steps entry by entry',
  nothingChosen: 'Choose what is to be worked out.',
  nothingEntered: 'Nothing is entered yet: an empty place counts as 0.',
} as const;

/** What can be worked out of one matrix, or of two. `of`: as it stands on the button; `name`: as it is spoken. */
export const operationWords = {
  det: { of: (a: string) => `det ${a}`, name: (a: string) => `determinant of ${a}` },
  inverse: { of: (a: string) => `${a}⁻¹`, name: (a: string) => `inverse of ${a}` },
  transpose: { of: (a: string) => `${a}ᵀ`, name: (a: string) => `transpose of ${a}` },
  square: { of: (a: string) => `${a}²`, name: (a: string) => `square of ${a}` },
  rank: { of: (a: string) => `rank ${a}`, name: (a: string) => `rank of ${a}` },
  trace: { of: (a: string) => `trace ${a}`, name: (a: string) => `trace of ${a}` },
  rref: { of: () => 'reduced rows', name: (a: string) => `reduced rows of ${a}` },
  kernel: { of: () => 'kernel', name: (a: string) => `kernel of ${a}` },
  charpoly: { of: () => 'characteristic polynomial', name: (a: string) => `characteristic polynomial of ${a}` },
  eigenvalues: { of: () => 'eigenvalues', name: (a: string) => `eigenvalues of ${a}` },
  eigenvectors: { of: () => 'eigenvectors', name: (a: string) => `eigenvectors of ${a}` },
  product: { of: (a: string, b: string) => `${a}·${b}`, name: (a: string, b: string) => `${a} times ${b}` },
  sum: { of: (a: string, b: string) => `${a} + ${b}`, name: (a: string, b: string) => `${a} plus ${b}` },
  difference: { of: (a: string, b: string) => `${a} − ${b}`, name: (a: string, b: string) => `${a} minus ${b}` },
  solve: {
    of: (a: string, b: string) => `${a}·X = ${b}`,
    name: (a: string, b: string) => `solution of ${a} times X is ${b}`,
  },
} as const;

export const badEntry = (matrix: string, row: number, column: number, why: string): string =>
  `${matrix}, row ${row + 1}, column ${column + 1}: ${why}`;
export const expansionSpoken = (row: number): string => `by row ${row + 1}`;
