/** The solution of a small system in doubles (rows with the right side last), by elimination with pivots; null when singular. */
export function solveSmall(rows: readonly (readonly number[])[]): readonly number[] | null {
  const m = rows.map((row) => [...row]);
  const size = m.length;
  for (let k = 0; k < size; k += 1) {
    let pivot = k;
    for (let i = k + 1; i < size; i += 1) if (Math.abs(m[i]![k]!) > Math.abs(m[pivot]![k]!)) pivot = i;
    const top = m[pivot]![k]!;
    if (!(Math.abs(top) > 1e-13 * Math.max(...rows.map((row) => Math.abs(row[k]!)), Number.MIN_VALUE))) return null;
    [m[k], m[pivot]] = [m[pivot]!, m[k]!];
    for (let i = 0; i < size; i += 1) {
      if (i === k) continue;
      const by = m[i]![k]! / top;
      for (let j = k; j <= size; j += 1) m[i]![j]! -= by * m[k]![j]!;
    }
  }
  return m.map((row, i) => row[size]! / row[i]!);
}
