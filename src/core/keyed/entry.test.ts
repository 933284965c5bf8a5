import {
  finishedEntry,
  isReadable,
  readTold,
  withDigit,
  withExponent,
  withMark,
  withOtherSign,
  withoutLast,
  withPoint,
} from './entry';
import fc from 'fast-check';

/** Strokes as they are keyed: digits, `.`, `E` for the power of ten, `~` for the sign, `<` for taking back, marks. */
function stroke(entry: string, key: string): string | null {
  if (/\d/.test(key)) return withDigit(entry, key);
  if (key === '.') return withPoint(entry);
  if (key === 'E') return withExponent(entry);
  if (key === '~') return withOtherSign(entry);
  if (key === '<') return withoutLast(entry);
  return withMark(entry, key as '°' | "'" | '"');
}

const keyed = (strokes: string): string => [...strokes].reduce((entry, key) => stroke(entry, key) ?? entry, '');

test.each([
  // strokes, as it stands while it is keyed, as it is read
  ['', '', '0'],
  ['12', '12', '12'],
  ['007', '7', '7'],
  ['0.05', '0.05', '0.05'],
  ['.5', '0.5', '0.5'],
  ['5.', '5.', '5'],
  ['1.2.3', '1.23', '1.23'],
  ['~', '-', '0'],
  ['~4', '-4', '-4'],
  ['4~', '-4', '-4'],
  ['4~~', '4', '4'],
  ['~0', '-0', '-0'],
  ['~07', '-7', '-7'],
  ['6E23', '6E23', '6E23'],
  ['E3', '1E3', '1E3'],
  ['6E', '6E', '6'],
  ['6E~', '6E-', '6'],
  ['6E5~', '6E-5', '6E-5'],
  ['6E5~~', '6E5', '6E5'],
  ['6.E5', '6.E5', '6E5'],
  ['6E5.', '6E5', '6E5'],
  ['6E5E', '6E5', '6E5'],
  ['6E05', '6E5', '6E5'],
  ['73°24\'36"', '73°24\'36"', '73°24\'36"'],
  ['73°24', '73°24', "73°24'"],
  ["73°24'36", "73°24'36", '73°24\'36"'],
  ['73°24\'3.5"', '73°24\'3.5"', '73°24\'3.5"'],
  ["73'", '73', '73'],
  ['73°°', '73°', '73°'],
  ["73°'", '73°', '73°'],
  ['73°24\'36"7', '73°24\'36"', '73°24\'36"'],
  ['73°E', '73°', '73°'],
  ['12<', '1', '1'],
  ['1<', '', '0'],
  ['-1<', '', '0'],
  ['4~<', '', '0'],
  ['6E5~<', '6E', '6'],
  ['6E<', '6', '6'],
  ['73°<', '73', '73'],
  ['1.5<<', '1', '1'],
])('the strokes %j stand as %j and are read as %j', (strokes, stands, read) => {
  expect([keyed(strokes), finishedEntry(keyed(strokes))]).toEqual([stands, read]);
});

test('whatever is keyed can be read, and no stroke is taken back by more than itself (seed 20261128)', () =>
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...'0123456789.E~<', '°', "'", '"'), { maxLength: 30 }), (keys) => {
      let entry = '';
      for (const key of keys) {
        const next = stroke(entry, key);
        if (next === null) continue;
        expect(isReadable(finishedEntry(next))).toBe(true);
        // A digit that took the place of a leading zero leaves nothing to go back to, and a sign goes with its digits.
        if (/\d/.test(key) && next.length > entry.length)
          expect(['', entry.replace(/E-$/, 'E')]).toContain(withoutLast(next));
        entry = next;
      }
    }),
    { seed: 20261128, numRuns: 600 },
  ));

test('more digits than anyone keys are refused, and nothing is lost', () => {
  const long = '1'.repeat(200);
  for (const key of '5.E') expect(stroke(long, key)).toBeNull();
  expect(keyed(`${long}5`)).toBe(long);
});

test.each([
  ['A:=2', 'not-a-letter'],
  ['2+', 'operand-missing'],
])('told text that is no expression is refused: %s', (typed, reason) => {
  expect(readTold(typed)).toMatchObject({ ok: false, problem: { code: 'syntax', reason } });
  expect(isReadable(typed)).toBe(false);
});
