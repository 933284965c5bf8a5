/** The addresses of all that can be gone to: the places, and the tools of Kit. */
export const places = [
  '/',
  '/curves',
  '/columns',
  '/kit',
  '/kit?tool=equations',
  '/kit?tool=matrices',
  '/kit?tool=vectors',
  '/shelf',
] as const;
