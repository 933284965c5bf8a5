import fc from 'fast-check';
import { carried, reordered, withCell, withSpace, without, writtenOver } from './cells';
import type { Cells } from './cells';

test.each<readonly [string, Cells, Cells]>([
  ['a cell below the end leaves a gap', withCell(['1'], 2, '3'), ['1', '', '3']],
  ['an emptied last cell shortens the column', withCell(['1', '', '3'], 2, ''), ['1']],
  ['a space moves the rest down', withSpace(['1', '2'], 1), ['1', '', '2']],
  ['a space below the end is none', withSpace(['1'], 1), ['1']],
  ['a cell taken out closes up', without(['1', '2', '3'], 1), ['1', '3']],
  ['a row carried', carried(['1', '2', '3'], 0, 2), ['2', '3', '1']],
  ['carried below the end', carried(['1'], 0, 1), ['', '1']],
  ['put in another order', reordered(['a', 'b', 'c'], [2, 0, 1]), ['c', 'a', 'b']],
  ['written over', writtenOver(['1', '2', '3', '4'], 1, ['7', '8']), ['1', '7', '8', '4']],
  ['written over beyond the end', writtenOver(['1'], 2, ['7']), ['1', '', '7']],
])('%s', (_, made, cells) => expect(made).toEqual(cells));

const cell = fc.constantFrom('', '1', '2.5', '1/3');
const cells = fc.array(cell, { maxLength: 8 }).map((all) => withCell([...all, '9'], all.length, '9'));
const row = fc.nat(10);

test('edits undo each other, and none that changes nothing makes other cells, seed 63', () => {
  fc.assert(
    fc.property(cells, row, row, cell, (before, at, other, text) => {
      const spaced = withSpace(before, at);
      expect(at >= before.length ? spaced : without(spaced, at)).toEqual(before);
      expect(carried(carried(before, at, other), other, at)).toEqual(before);
      expect(withCell(withCell(before, at, text), at, before[at] ?? '')).toEqual(before);
      expect(withCell(before, at, before[at] ?? '')).toBe(before);
      expect(
        reordered(
          before,
          before.map((_, i) => i),
        ),
      ).toBe(before);
    }),
    { seed: 63 },
  );
});
