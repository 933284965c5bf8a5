/* What an examination says of itself while it is on. */

/** A time in minutes. */
export const duration = (minutes: number): string =>
  minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${`${minutes % 60}`.padStart(2, '0')} min`;

export const examName = 'Examination';
/** Where there is little room. */
export const examShort = 'Exam';

export const barName = (code: string, since: string): string =>
  `${examName} ${code}, on for ${since}. What is off, and how it ends`;

export const closed = (name: string): string => `${name} is closed during this examination.`;
