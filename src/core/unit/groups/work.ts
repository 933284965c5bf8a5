import { defineKind } from '../unit';

const NIST = 'NIST SP 811 (2008), appendix B.8';

export const force = defineKind({
  id: 'force',
  dimension: [1, 1, -2, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, table 4; ${NIST}`,
  units: [
    { sign: 'N', names: 'newton', is: '1', prefixes: 'decimal' },
    { sign: 'kgf', names: 'kilogram-force, kilopond, kp', is: '9.80665' },
    { sign: 'gf', names: 'gram-force', is: '0.00980665' },
    { sign: 'tf', names: 'tonne-force, metric ton-force', is: '9806.65' },
    { sign: 'lbf', names: 'pound-force, pound force', is: '4.4482216152605' },
    { sign: 'ozf', names: 'ounce-force', is: '0.27801385095378125' },
    { sign: 'kip', names: 'kip', is: '4448.2216152605' },
    { sign: 'pdl', names: 'poundal', is: '0.138254954376' },
    { sign: 'dyn', names: 'dyne', is: '0.00001' },
  ],
  listed: 'N, kN, kgf, lbf, MN, mN, tf, gf, ozf, kip, pdl, dyn',
});

export const pressure = defineKind({
  id: 'pressure',
  dimension: [-1, 1, -2, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, table 4; ${NIST}`,
  units: [
    { sign: 'Pa', names: 'pascal', is: '1', prefixes: 'decimal' },
    { sign: 'bar', names: 'bar', is: '100000', prefixes: 'decimal' },
    { sign: 'atm', names: 'standard atmosphere, atmosphere', is: '101325' },
    { sign: 'at', names: 'technical atmosphere', is: '98066.5' },
    { sign: 'Torr', names: 'torr', is: '101325/760', prefixes: 'decimal' },
    {
      sign: 'mmHg',
      names: 'millimetre of mercury, millimeter of mercury, millimetres of mercury, millimeters of mercury, mm Hg',
      is: '133.322387415',
    },
    { sign: 'inHg', names: 'inch of mercury, inches of mercury, in Hg', is: '3386.388640341' },
    { sign: 'mmH₂O', names: 'millimetre of water, millimeter of water, mmH2O', is: '9.80665' },
    { sign: 'cmH₂O', names: 'centimetre of water, centimeter of water, cmH2O', is: '98.0665' },
    { sign: 'inH₂O', names: 'inch of water, inches of water, inH2O', is: '249.08891' },
    {
      sign: 'psi',
      names: 'pound-force per square inch, pound per square inch, pounds per square inch',
      is: '4.4482216152605/0.00064516',
    },
    { sign: 'ksi', names: 'kip per square inch', is: '4448.2216152605/0.00064516' },
  ],
  listed: 'Pa, hPa, kPa, bar, mbar, atm, psi, mmHg, Torr, MPa, inHg, at, mmH₂O, cmH₂O, inH₂O, ksi, N/mm²',
});

export const energy = defineKind({
  id: 'energy',
  dimension: [2, 1, -2, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, tables 1, 4 and 8 (eV); ${NIST}`,
  units: [
    { sign: 'J', names: 'joule', is: '1', prefixes: 'decimal' },
    { sign: 'Wh', names: 'watt-hour, watt hour', is: '3600', prefixes: 'decimal' },
    { sign: 'cal', names: 'calorie (thermochemical), calorie, cal (th)', is: '4.184', prefixes: 'decimal' },
    { sign: 'cal (IT)', names: 'calorie (IT), international table calorie', is: '4.1868' },
    { sign: 'kcal (IT)', names: 'kilocalorie (IT)', is: '4186.8' },
    { sign: 'Cal', names: 'food calorie, calorie (food), large calorie', is: '4184' },
    { sign: 'Btu', names: 'British thermal unit (IT), British thermal unit, Btu (IT), BTU, btu', is: '1055.05585262' },
    { sign: 'Btu (th)', names: 'British thermal unit (thermochemical)', is: '9489.1523804/9' },
    { sign: 'therm', names: 'therm (EC), therm', is: '105505585.262' },
    { sign: 'therm (US)', names: 'US therm', is: '105480400' },
    {
      sign: 'ft·lbf',
      names: 'foot-pound-force, foot-pound, foot pound, ft lbf, ft lb, ft-lb',
      is: '1.3558179483314004',
    },
    { sign: 'eV', names: 'electronvolt, electron volt', is: '1.602176634E-19', prefixes: 'decimal' },
    { sign: 'erg', names: 'erg', is: '1E-7' },
    { sign: 'toe', names: 'tonne of oil equivalent', is: '41868000000' },
    { sign: 't TNT', names: 'ton of TNT', is: '4184000000' },
  ],
  listed:
    'J, kJ, MJ, kWh, Wh, cal, kcal, Cal, cal (IT), Btu, ft·lbf, eV, N·m, GJ, MWh, therm, Btu (th), therm (US), kcal (IT), erg, toe, t TNT',
});

export const power = defineKind({
  id: 'power',
  dimension: [2, 1, -3, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, table 4; ${NIST}`,
  units: [
    { sign: 'W', names: 'watt', is: '1', prefixes: 'decimal' },
    { sign: 'hp', names: 'horsepower (550 ft·lbf/s), horsepower, mechanical horsepower', is: '745.69987158227022' },
    { sign: 'hp (metric)', names: 'metric horsepower, horsepower (metric), PS', is: '735.49875' },
    { sign: 'hp (electric)', names: 'electric horsepower, horsepower (electric)', is: '746' },
    { sign: 'hp (boiler)', names: 'boiler horsepower, horsepower (boiler)', is: '9809.5' },
    { sign: 'TR', names: 'ton of refrigeration, refrigeration ton', is: '12660.67023144/3.6' },
    { sign: 'VA', names: 'volt-ampere, volt ampere', is: '1', prefixes: 'decimal' },
  ],
  listed: 'W, kW, hp, MW, hp (metric), Btu/h, kcal/h, ft·lbf/s, mW, hp (electric), hp (boiler), TR, VA, kVA',
});

export const electricity = defineKind({
  id: 'electricity',
  dimension: [0, 0, 1, 1, 0, 0, 0],
  source: 'SI Brochure, 9th edition, tables 2 and 4',
  units: [
    { sign: 'A', names: 'ampere, amp', is: '1', prefixes: 'decimal', dimension: [0, 0, 0, 1, 0, 0, 0] },
    { sign: 'C', names: 'coulomb', is: '1', prefixes: 'decimal' },
    { sign: 'Ah', names: 'ampere-hour, amp hour, ampere hour', is: '3600', prefixes: 'decimal' },
    { sign: 'V', names: 'volt', is: '1', prefixes: 'decimal', dimension: [2, 1, -3, -1, 0, 0, 0] },
    { sign: 'Ω', names: 'ohm', is: '1', prefixes: 'decimal', dimension: [2, 1, -3, -2, 0, 0, 0] },
  ],
  listed: 'C, Ah, mAh, A·s',
});
