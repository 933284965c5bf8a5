/**
 * Special values of the circular functions.
 * Source: NIST Digital Library of Mathematical Functions, Table 4.17.1 (values at multiples of π/12), typed from memory
 * of the table and checked by the identities sin² + cos² = 1 and tan = sin/cos in the test itself.
 */
export const specialValues: readonly Readonly<{ degrees: number; sin: string; cos: string; tan: string | null }>[] = [
  { degrees: 0, sin: '0', cos: '1', tan: '0' },
  { degrees: 15, sin: '(sqrt(6)-sqrt(2))/4', cos: '(sqrt(2)+sqrt(6))/4', tan: '2-sqrt(3)' },
  { degrees: 30, sin: '1/2', cos: 'sqrt(3)/2', tan: 'sqrt(3)/3' },
  { degrees: 45, sin: 'sqrt(2)/2', cos: 'sqrt(2)/2', tan: '1' },
  { degrees: 60, sin: 'sqrt(3)/2', cos: '1/2', tan: 'sqrt(3)' },
  { degrees: 75, sin: '(sqrt(2)+sqrt(6))/4', cos: '(sqrt(6)-sqrt(2))/4', tan: '2+sqrt(3)' },
  { degrees: 90, sin: '1', cos: '0', tan: null },
  { degrees: 105, sin: '(sqrt(2)+sqrt(6))/4', cos: '(sqrt(2)-sqrt(6))/4', tan: '-2-sqrt(3)' },
  { degrees: 120, sin: 'sqrt(3)/2', cos: '-1/2', tan: '-sqrt(3)' },
  { degrees: 135, sin: 'sqrt(2)/2', cos: '-sqrt(2)/2', tan: '-1' },
  { degrees: 150, sin: '1/2', cos: '-sqrt(3)/2', tan: '-sqrt(3)/3' },
  { degrees: 165, sin: '(sqrt(6)-sqrt(2))/4', cos: '(-sqrt(2)-sqrt(6))/4', tan: 'sqrt(3)-2' },
  { degrees: 180, sin: '0', cos: '-1', tan: '0' },
];
