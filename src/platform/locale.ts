/** The decimal sign of the browser's language, as far as it is one that we know. */
export function browserDecimalSign(): '.' | ',' {
  const part = new Intl.NumberFormat(navigator.language).formatToParts(1.5).find(({ type }) => type === 'decimal');
  return part?.value === ',' ? ',' : '.';
}
