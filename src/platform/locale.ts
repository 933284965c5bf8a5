/** The decimal sign of the browser's language, as far as it is one that we know. */
export function browserDecimalSign(): '.' | ',' {
  const part = new Intl.NumberFormat(navigator.language).formatToParts(1.5).find(({ type }) => type === 'decimal');
  return part?.value === ',' ? ',' : '.';
}

/** In which order the browser's language writes a date with numbers. */
export function browserDateOrder(): 'ymd' | 'dmy' | 'mdy' {
  const parts = new Intl.DateTimeFormat(navigator.language).formatToParts(0).map(({ type }) => type);
  const [year, month, day] = ['year', 'month', 'day'].map((type) => parts.indexOf(type as 'year'));
  if (year === undefined || month === undefined || day === undefined || year < Math.min(month, day)) return 'ymd';
  return month < day ? 'mdy' : 'dmy';
}

/** The day that it is here. */
export function today(): Readonly<{ year: number; month: number; day: number }> {
  const now = new Date();
  return { year: now.getFullYear(), month: now.getMonth() + 1, day: now.getDate() };
}
