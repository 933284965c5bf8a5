import { defineKind } from '../unit';

const NIST = 'NIST SP 811 (2008), appendix B.8';

export const mass = defineKind({
  id: 'mass',
  dimension: [0, 1, 0, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, table 8 (t); ${NIST}`,
  units: [
    { sign: 'g', names: 'gram, gramme', is: '0.001', prefixes: 'decimal' },
    { sign: 't', names: 'tonne, metric ton, metric tonne', is: '1000' },
    { sign: 'lb', names: 'pound, avoirdupois pound, lbs, lbm', is: '0.45359237' },
    { sign: 'oz', names: 'ounce, avoirdupois ounce', is: '0.028349523125' },
    { sign: 'st', names: 'stone, stones', is: '6.35029318' },
    { sign: 'short ton', names: 'short ton, US ton, ton (short), ton (US), ton', is: '907.18474' },
    { sign: 'long ton', names: 'long ton, imperial ton, ton (long), ton (imperial), ton', is: '1016.0469088' },
    { sign: 'short cwt', names: 'short hundredweight, hundredweight (short), hundredweight, cwt', is: '45.359237' },
    { sign: 'long cwt', names: 'long hundredweight, hundredweight (long), hundredweight, cwt', is: '50.80234544' },
    { sign: 'gr', names: 'grain', is: '0.00006479891' },
    { sign: 'dr', names: 'dram, avoirdupois dram', is: '0.0017718451953125' },
    { sign: 'oz t', names: 'troy ounce, ounce (troy), ozt', is: '0.0311034768' },
    { sign: 'lb t', names: 'troy pound, pound (troy)', is: '0.3732417216' },
    { sign: 'dwt', names: 'pennyweight', is: '0.00155517384' },
    { sign: 'ct', names: 'carat, metric carat', is: '0.0002' },
    { sign: 'slug', names: 'slug', is: '4.4482216152605/0.3048' },
    { sign: 'quintal', names: 'quintal', is: '100' },
  ],
  listed:
    'kg, g, mg, t, lb, oz, st, µg, short ton, long ton, short cwt, long cwt, quintal, gr, dr, oz t, lb t, dwt, ct, slug',
});

export const density = defineKind({
  id: 'density',
  dimension: [-3, 1, 0, 0, 0, 0, 0],
  source: NIST,
  units: [],
  listed: 'kg/m³, g/cm³, kg/L, g/L, mg/L, lb/ft³, lb/in³, lb/US gal, lb/imp gal, oz/in³, t/m³',
});

const TEMPERATURE = [0, 0, 0, 0, 1, 0, 0] as const;

export const temperature = defineKind({
  id: 'temperature',
  dimension: TEMPERATURE,
  source: `SI Brochure, 9th edition, 2.3.1 (°C); ${NIST}`,
  units: [
    { sign: 'K', names: 'kelvin', is: '1', prefixes: 'decimal', zero: '0' },
    { sign: '°C', names: 'degree Celsius, degrees Celsius, Celsius, degC', is: '1', zero: '273.15' },
    { sign: '°F', names: 'degree Fahrenheit, degrees Fahrenheit, Fahrenheit, degF', is: '5/9', zero: '45967/180' },
    { sign: '°R', names: 'degree Rankine, degrees Rankine, Rankine, degR', is: '5/9', zero: '0' },
  ],
  listed: '°C, °F, K, °R',
});

export const temperatureDifference = defineKind({
  id: 'temperatureDifference',
  dimension: TEMPERATURE,
  source: `SI Brochure, 9th edition, 2.3.1; ${NIST}`,
  units: [
    { sign: 'ΔK', names: 'kelvin (difference), delta K', is: '1' },
    { sign: 'Δ°C', names: 'degree Celsius (difference), Celsius degree, delta °C', is: '1' },
    { sign: 'Δ°F', names: 'degree Fahrenheit (difference), Fahrenheit degree, delta °F', is: '5/9' },
    { sign: 'Δ°R', names: 'degree Rankine (difference), Rankine degree, delta °R', is: '5/9' },
  ],
  listed: 'Δ°C, Δ°F, ΔK, Δ°R',
});

export const data = defineKind({
  id: 'data',
  dimension: [0, 0, 0, 0, 0, 0, 1],
  source: 'IEC 80000-13',
  units: [
    { sign: 'bit', names: 'bit, b', is: '1', prefixes: 'data' },
    { sign: 'B', names: 'byte, octet', is: '8', prefixes: 'data' },
    { sign: 'nibble', names: 'nibble', is: '4' },
  ],
  listed: 'B, kB, MB, GB, TB, KiB, MiB, GiB, TiB, bit, kbit, Mbit, Gbit, nibble, PB, PiB',
});

export const dataRate = defineKind({
  id: 'dataRate',
  dimension: [0, 0, -1, 0, 0, 0, 1],
  source: 'IEC 80000-13',
  units: [{ sign: 'bps', names: 'bit per second, bits per second', is: '1', prefixes: 'data' }],
  listed: 'Mbit/s, MB/s, kbit/s, kB/s, Gbit/s, GB/s, bit/s, B/s, MiB/s, GB/h, bps',
});
