import type { Settings } from './schema';

/** The settings of a fresh app, and what stands in for a setting that cannot be read. */
export const DEFAULT_SETTINGS: Settings = {
  angle: 'deg',
  display: { mode: 'auto', digits: 10, grouping: true, decimalSign: '.' },
  impliedFirst: false,
  complex: false,
  backToPad: false,
  theme: 'system',
  view: 'boxed',
  slash: 'fraction',
  form: null,
  keyStrip: false,
  style: 'written',
  order: 'precedence',
  depth: 'unlimited',
  fractions: 'improper',
  complexForm: 'rectangular',
  textSize: 100,
  sound: false,
  haptics: false,
};
