import { itemAt } from '../../base/item';

/** The solution of a small system in doubles (rows with the right side last), by elimination with pivots; null when singular. */
export function solveSmall(rows: readonly (readonly number[])[]): readonly number[] | null {
  const m = rows.map((row) => [...row]);
  const size = m.length;
  for (let k = 0; k < size; k += 1) {
    let pivot = k;
    for (let i = k + 1; i < size; i += 1)
      if (Math.abs(itemAt(itemAt(m, i), k)) > Math.abs(itemAt(itemAt(m, pivot), k))) pivot = i;
    const top = itemAt(itemAt(m, pivot), k);
    if (!(Math.abs(top) > 1e-13 * Math.max(...rows.map((row) => Math.abs(itemAt(row, k))), Number.MIN_VALUE)))
      return null;
    [m[k], m[pivot]] = [itemAt(m, pivot), itemAt(m, k)];
    for (let i = 0; i < size; i += 1) {
      if (i === k) continue;
      const by = itemAt(itemAt(m, i), k) / top;
      m[i] = itemAt(m, i).map((v, j) => (j < k ? v : v - by * itemAt(itemAt(m, k), j)));
    }
  }
  return m.map((row, i) => itemAt(row, size) / itemAt(row, i));
}
