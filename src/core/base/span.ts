/** A place in the typed text: half-open, 0-based, in UTF-16 code units. */
export type Span = Readonly<{ from: number; to: number }>;

export const span = (from: number, to: number): Span => ({ from, to });

/** The smallest span that holds both. */
export const cover = (a: Span, b: Span): Span => ({
  from: Math.min(a.from, b.from),
  to: Math.max(a.to, b.to),
});
