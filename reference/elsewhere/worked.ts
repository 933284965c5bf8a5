/** What is typed, and its value to 40 digits; of fewer where it ends. */
export type Worked = readonly [typed: string, value: string];
/** What is typed, with complex numbers on, and both parts of its value. */
export type WorkedComplex = readonly [typed: string, real: string, imaginary: string];
/** What is typed, and what it is exactly. */
export type Exact = readonly [typed: string, exact: string];
/** What is asked of the batch, and a part of what it tells. */
export type Told = readonly [asked: Readonly<Record<string, unknown>>, told: Readonly<Record<string, unknown>>];
/** A quotient that is keyed, how decimals are laid out, and what a form of the answer is. */
export type Formed = readonly [line: string, mode: string, digits: number, form: string, text: string];
