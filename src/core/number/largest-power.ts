/** A result of 10^this or more is too large; one below 10^−this is refused likewise. */
export const LARGEST_POWER = 1_000_000;
