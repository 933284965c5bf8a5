/** The addresses of the places. */
export const places = ['/', '/curves', '/columns', '/kit', '/shelf'] as const;

/** Those of the tools of Kit. */
export const tools = [
  '/kit?tool=equations',
  '/kit?tool=matrices',
  '/kit?tool=vectors',
  '/kit?tool=bases',
  '/kit?tool=units',
  '/kit?tool=dates',
  '/kit?tool=loans',
  '/kit?tool=percent',
  '/kit?tool=chance',
  '/kit?tool=compare',
  '/kit?tool=practice',
  '/kit?tool=sheets',
] as const;
