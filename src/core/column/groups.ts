/** More groups than these are not told apart. */
const MOST_GROUPS = 40;

/** Groups by their labels, so many at most, in the order in which they first come, with the places of their rows. */
export function groupRows(
  labels: readonly string[],
  most = MOST_GROUPS,
): readonly Readonly<{ name: string; rows: readonly number[] }>[] {
  const found = new Map<string, number[]>();
  labels.forEach((label, row) => {
    const rows = found.get(label);
    if (rows === undefined) found.set(label, [row]);
    else rows.push(row);
  });
  return [...found].slice(0, most).map(([name, rows]) => ({ name, rows }));
}
