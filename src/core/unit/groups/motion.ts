import { defineKind } from '../unit';

const NIST = 'NIST SP 811 (2008), appendix B.8';

export const time = defineKind({
  id: 'time',
  dimension: [0, 0, 1, 0, 0, 0, 0],
  source:
    'SI Brochure, 9th edition, table 8; the Julian year of 365.25 days: IAU Style Manual (1989); a month is its twelfth',
  units: [
    { sign: 's', names: 'second, sec', is: '1', prefixes: 'decimal' },
    { sign: 'min', names: 'minute', is: '60' },
    { sign: 'h', names: 'hour, hr', is: '3600' },
    { sign: 'd', names: 'day', is: '86400' },
    { sign: 'wk', names: 'week', is: '604800' },
    { sign: 'fortnight', names: 'fortnight', is: '1209600' },
    { sign: 'mo', names: 'month (a twelfth of a year), month', is: '2629800' },
    { sign: 'yr', names: 'year (Julian), year, Julian year, a', is: '31557600' },
    { sign: 'yr (365 d)', names: 'year (365 days), common year', is: '31536000' },
    { sign: 'century', names: 'century, centuries', is: '3155760000' },
  ],
  listed: 's, min, h, d, wk, ms, µs, ns, mo, yr, yr (365 d), fortnight, century',
});

export const speed = defineKind({
  id: 'speed',
  dimension: [1, 0, -1, 0, 0, 0, 0],
  source: `${NIST}; the knot: SI Brochure, 8th edition, table 8; the speed of light: SI Brochure, 9th edition, table 1`,
  units: [
    { sign: 'kn', names: 'knot, kt, kts', is: '1852/3600' },
    { sign: 'mph', names: 'mile per hour, miles per hour', is: '0.44704' },
    { sign: 'kph', names: 'kph', is: '1000/3600' },
    { sign: 'c', names: 'speed of light', is: '299792458' },
  ],
  listed: 'm/s, km/h, kn, mph, ft/s, cm/s, m/min, ft/min, km/s, kph, c',
});

export const acceleration = defineKind({
  id: 'acceleration',
  dimension: [1, 0, -2, 0, 0, 0, 0],
  source: `${NIST}; standard gravity: CGPM 3 (1901)`,
  units: [
    { sign: 'g₀', names: 'standard gravity, g0, gn, acceleration of free fall', is: '9.80665' },
    { sign: 'Gal', names: 'galileo', is: '0.01', prefixes: 'decimal' },
  ],
  listed: 'm/s², g₀, ft/s², cm/s², km/h/s, mph/s, Gal, mGal',
});

export const frequency = defineKind({
  id: 'frequency',
  dimension: [0, 0, -1, 0, 0, 0, 0],
  source: 'SI Brochure, 9th edition, table 4; revolutions a minute: NIST SP 811, B.8',
  units: [
    { sign: 'Hz', names: 'hertz', is: '1', prefixes: 'decimal' },
    { sign: 'rpm', names: 'revolution per minute, revolutions per minute', is: '1/60' },
    { sign: 'bpm', names: 'beat per minute, beats per minute', is: '1/60' },
  ],
  listed: 'Hz, kHz, MHz, GHz, rpm, bpm, mHz',
});

export const flow = defineKind({
  id: 'flow',
  dimension: [3, 0, -1, 0, 0, 0, 0],
  source: NIST,
  units: [
    { sign: 'cfm', names: 'cubic foot per minute', is: '0.028316846592/60' },
    { sign: 'US gpm', names: 'US gallon per minute, US gallons per minute, gpm', is: '0.003785411784/60' },
    { sign: 'imp gpm', names: 'imperial gallon per minute, imperial gallons per minute, gpm', is: '0.00454609/60' },
  ],
  listed: 'm³/s, m³/h, L/s, L/min, L/h, US gpm, imp gpm, cfm, ft³/s',
});

export const fuel = defineKind({
  id: 'fuel',
  dimension: [2, 0, 0, 0, 0, 0, 0],
  source: NIST,
  units: [
    {
      sign: 'L/100 km',
      names:
        'litre per 100 kilometres, litres per 100 kilometres, liters per 100 kilometers, l/100km, L/100km, l/100 km, L/(100 km)',
      is: '1E-8',
    },
    {
      sign: 'km/L',
      names: 'kilometre per litre, kilometres per litre, kilometers per liter, km/l',
      is: '1000000',
      dimension: [-2, 0, 0, 0, 0, 0, 0],
      isReciprocal: true,
    },
    {
      sign: 'mpg (US)',
      names: 'mile per gallon (US), miles per gallon (US), US mpg, mpg',
      is: '1609.344/0.003785411784',
      dimension: [-2, 0, 0, 0, 0, 0, 0],
      isReciprocal: true,
    },
    {
      sign: 'mpg (imp)',
      names: 'mile per gallon (imperial), miles per gallon (imperial), imp mpg, mpg (UK), mpg',
      is: '1609.344/0.00454609',
      dimension: [-2, 0, 0, 0, 0, 0, 0],
      isReciprocal: true,
    },
  ],
  listed: 'L/100 km, km/L, mpg (US), mpg (imp)',
});
