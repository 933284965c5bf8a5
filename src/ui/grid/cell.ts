/** A cell as it is drawn: what stands in it, what that is worth where it says more, and what is wrong with it. */
export type GridCell = Readonly<{
  text: string;
  note: string;
  state: 'plain' | 'invalid' | 'missing' | 'none' | 'aside' | 'empty';
  spoken: string;
}>;

/** A cell whose row is not known yet. */
export const EMPTY_CELL: GridCell = { text: '', note: '', state: 'empty', spoken: '' };

/** What stands over a column; pressed, where heads can be. */
export type GridHead = Readonly<{
  id: string;
  name: string;
  unit: string;
  spoken: string;
  /** How many times as wide as others the column is. */
  weight?: number;
}>;

/** What stands before each row, and stays in sight when the columns are scrolled. */
export type GridMargin = Readonly<{
  name: string;
  /** Whether the name is seen above it, or only told. */
  isNamed: boolean;
  /** It holds values and not only numbers of rows. */
  isValue?: boolean;
  width: number;
  row: (row: number) => Readonly<{ text: string; spoken: string }>;
}>;

/** A cell, or a whole row where no column is named. */
export type GridPlace = Readonly<{ column: number | null; row: number }>;
export type CellPlace = Readonly<{ column: number; row: number }>;

const NARROWEST_MARGIN = 48;
const DIGIT_WIDTH = 8.6;

/** The width of a margin of row numbers in pixels; `large` is how much larger than usual the text is. */
export const numbersWidth = (rows: number, large: number): number =>
  Math.max(NARROWEST_MARGIN, Math.ceil(12 + `${rows}`.length * DIGIT_WIDTH * large));
