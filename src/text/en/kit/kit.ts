/** Words of the Kit place that all its tools share. */
export const kitWords = {
  kit: 'Kit',
  tools: 'Tools',
  sought: 'Find a tool',
  hint: 'In plain words',
  nothing: 'No tool is known by these words.',
  choose: 'Choose a tool.',
  back: 'All tools',
  entered: 'What is entered',
  results: 'Results',
  clearTool: 'Clear this tool',
  next: 'Next',
  enterAcross: 'Enter goes across; go down instead',
  enterDown: 'Enter goes down; go across instead',
  done: 'Done',
  empty: 'empty',
  working: 'Working…',
  stop: 'Stop',
  use: 'Use',
  toLine: 'To the line',
  workedBy: 'The line that works it',
  keepIn: 'Keep in',
  copy: 'Copy',
  copyTyped: 'As typed',
  copyDigits: 'All digits',
  copyLatex: 'LaTeX',
  copyMathml: 'MathML',
  copyCsv: 'CSV',
  toColumns: 'Make columns',
  toColumn: 'Into the column',
  steps: 'Steps',
  hideSteps: 'Hide the steps',
  draw: 'Draw this',
  row: 'row',
  column: 'column',
  fewer: 'fewer',
  more: 'more',
} as const;

/** Row 2, column 3: both counted from 0 here. */
export const cellText = (row: string, column: string): string => `${row}, ${column}`;
export const rowName = (row: number): string => `${kitWords.row} ${row + 1}`;
export const columnName = (column: number): string => `${kitWords.column} ${column + 1}`;
/** A cell as it is spoken. */
export const cellSpoken = (name: string, text: string): string => `${name}: ${text === '' ? kitWords.empty : text}`;
/** A tool as it is spoken in the list. */
export const toolSpoken = (name: string, answers: string): string => `${name}: ${answers}`;
export const spokenUse = (name: string): string => `${kitWords.use}: ${name}`;
export const fewerSpoken = (what: string): string => `${kitWords.fewer} ${what}`;
export const moreSpoken = (what: string): string => `${kitWords.more} ${what}`;
export const copySpoken = (name: string): string => `${kitWords.copy}: ${name}`;
export const lineSpoken = (name: string): string => `${kitWords.workedBy}: ${name}`;
