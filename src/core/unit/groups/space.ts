import { defineKind } from '../unit';

const NIST = 'NIST SP 811 (2008), appendix B.8';

export const length = defineKind({
  id: 'length',
  dimension: [1, 0, 0, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, 2.3 and table 8 (au); ${NIST}; the nautical mile and its tenth: SI Brochure, 8th edition, table 8; ly and pc: IAU 2012 B2, 2015 B2`,
  units: [
    { sign: 'm', names: 'metre, meter', is: '1', prefixes: 'decimal' },
    { sign: 'in', names: 'inch, inches', is: '0.0254' },
    { sign: 'ft', names: 'foot, feet', is: '0.3048' },
    { sign: 'yd', names: 'yard', is: '0.9144' },
    { sign: 'mi', names: 'mile, statute mile', is: '1609.344' },
    { sign: 'nmi', names: 'nautical mile, sea mile', is: '1852' },
    { sign: 'cable', names: 'cable, cable length', is: '185.2' },
    { sign: 'ftm', names: 'fathom', is: '1.8288' },
    { sign: 'shackle', names: 'shackle of chain, shot of chain', is: '27.432' },
    { sign: 'ch', names: 'chain', is: '20.1168' },
    { sign: 'rd', names: 'rod, perch of length, pole', is: '5.0292' },
    { sign: 'li', names: 'link', is: '0.201168' },
    { sign: 'fur', names: 'furlong', is: '201.168' },
    { sign: 'hand', names: 'hand', is: '0.1016' },
    { sign: 'thou', names: 'thousandth of an inch, mil', is: '0.0000254' },
    {
      sign: 'US survey ft',
      names: 'US survey foot, US survey feet, foot (US survey), survey foot, survey feet',
      is: '1200/3937',
    },
    { sign: 'pica', names: 'pica (computer), pica', is: '0.0254/6' },
    { sign: 'pt (type)', names: 'point (computer), typographic point', is: '0.0254/72' },
    { sign: 'micron', names: 'micron', is: '0.000001' },
    { sign: 'Å', names: 'angstrom, ångström', is: '1E-10' },
    { sign: 'au', names: 'astronomical unit', is: '149597870700' },
    { sign: 'ly', names: 'light-year, light year', is: '9460730472580800' },
    { sign: 'pc', names: 'parsec', is: '96939420213600000/pi', prefixes: 'decimal' },
  ],
  listed:
    'm, km, cm, mm, ft, in, yd, mi, nmi, ftm, cable, µm, nm, dm, ch, fur, rd, li, hand, thou, US survey ft, pica, pt (type), micron, Å, au, ly, pc',
});

export const area = defineKind({
  id: 'area',
  dimension: [2, 0, 0, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, table 8 (ha); ${NIST}`,
  units: [
    { sign: 'ha', names: 'hectare', is: '10000' },
    { sign: 'are', names: 'are', is: '100' },
    { sign: 'acre', names: 'acre, ac', is: '4046.8564224' },
    { sign: 'US survey acre', names: 'acre (US survey), survey acre', is: '62726400000/15499969' },
    { sign: 'rood', names: 'rood', is: '1011.7141056' },
    { sign: 'barn', names: 'barn', is: '1E-28' },
  ],
  listed: 'm², ha, km², acre, ft², yd², mi², cm², mm², in², are, rood, US survey acre, barn',
});

export const volume = defineKind({
  id: 'volume',
  dimension: [3, 0, 0, 0, 0, 0, 0],
  source: `SI Brochure, 9th edition, table 8 (L); ${NIST}; metric cup and spoons: common practice, no source`,
  units: [
    { sign: 'L', names: 'litre, liter, l', is: '0.001', prefixes: 'decimal' },
    { sign: 'cc', names: 'cc', is: '0.000001' },
    { sign: 'US gal', names: 'gallon (US), US gallon, gallon, gal, gal (US)', is: '0.003785411784' },
    { sign: 'US qt', names: 'quart (US), US quart, quart, qt, qt (US)', is: '0.000946352946' },
    { sign: 'US pt', names: 'pint (US), US pint, pint, pt, pt (US)', is: '0.000473176473' },
    { sign: 'US cup', names: 'cup (US), cup', is: '0.0002365882365' },
    { sign: 'US gill', names: 'gill (US), gill, gi', is: '0.00011829411825' },
    {
      sign: 'US fl oz',
      names: 'fluid ounce (US), US fluid ounce, fluid ounce, fl oz, fl oz (US)',
      is: '0.0000295735295625',
    },
    { sign: 'US tbsp', names: 'tablespoon (US), US tablespoon, tablespoon, tbsp', is: '0.00001478676478125' },
    { sign: 'US tsp', names: 'teaspoon (US), US teaspoon, teaspoon, tsp', is: '0.00000492892159375' },
    { sign: 'US pk', names: 'peck (US), peck, pk', is: '0.00880976754172' },
    { sign: 'US bu', names: 'bushel (US), bushel, bu', is: '0.03523907016688' },
    {
      sign: 'imp gal',
      names: 'gallon (imperial), imperial gallon, gallon, gal, gal (imp), UK gal, UK gallon, gallon (UK)',
      is: '0.00454609',
    },
    { sign: 'imp qt', names: 'quart (imperial), imperial quart, quart, qt, UK quart, quart (UK)', is: '0.0011365225' },
    { sign: 'imp pt', names: 'pint (imperial), imperial pint, pint, pt, UK pint, pint (UK)', is: '0.00056826125' },
    { sign: 'imp gill', names: 'gill (imperial), imperial gill, gill, gi', is: '0.0001420653125' },
    {
      sign: 'imp fl oz',
      names: 'fluid ounce (imperial), imperial fluid ounce, fluid ounce, fl oz, UK fluid ounce, fluid ounce (UK)',
      is: '0.0000284130625',
    },
    { sign: 'imp bu', names: 'bushel (imperial), imperial bushel, bushel, bu', is: '0.03636872' },
    { sign: 'metric cup', names: 'cup (metric), metric cup, cup', is: '0.00025' },
    { sign: 'metric tbsp', names: 'tablespoon (metric), metric tablespoon, tablespoon, tbsp', is: '0.000015' },
    { sign: 'metric tsp', names: 'teaspoon (metric), metric teaspoon, teaspoon, tsp', is: '0.000005' },
    { sign: 'bbl', names: 'barrel (oil), oil barrel, barrel', is: '0.158987294928' },
    { sign: 'acre-ft', names: 'acre-foot, acre-feet, acre foot, acre feet', is: '1233.48183754752' },
    { sign: 'bd ft', names: 'board foot, board feet', is: '0.002359737216' },
    { sign: 'cord', names: 'cord', is: '3.624556363776' },
    { sign: 'register ton', names: 'register ton', is: '2.8316846592' },
  ],
  listed:
    'm³, L, mL, cm³, dL, cL, ft³, in³, yd³, US gal, US qt, US pt, US fl oz, imp gal, imp qt, imp pt, imp fl oz, bbl, US bu, imp bu, US pk, acre-ft, register ton, bd ft, cord, mm³, km³, cc',
});

export const kitchen = defineKind({
  id: 'kitchen',
  dimension: [3, 0, 0, 0, 0, 0, 0],
  source: `${NIST}; metric cup and spoons: common practice, no source`,
  units: [],
  listed:
    'mL, L, US cup, metric cup, US tbsp, metric tbsp, US tsp, metric tsp, US fl oz, imp fl oz, dL, cL, US pt, imp pt, US gill, imp gill, US qt',
});

export const nautical = defineKind({
  id: 'nautical',
  dimension: [1, 0, 0, 0, 0, 0, 0],
  source: `SI Brochure, 8th edition, table 8; ${NIST}; the shackle of 15 fathoms: common practice, no source`,
  units: [],
  listed: 'nmi, cable, ftm, shackle, m, km, ft, mi, yd',
});

export const angle = defineKind({
  id: 'angle',
  dimension: [0, 0, 0, 0, 0, 1, 0],
  source:
    'SI Brochure, 9th edition, table 8; ISO 80000-3; compass points and the mil of 6400: common practice, no source',
  units: [
    { sign: 'rad', names: 'radian', is: '1', prefixes: 'decimal' },
    { sign: '°', names: 'degree, deg', is: 'pi*1/180' },
    { sign: '′', names: "arcminute, minute of arc, minutes of arc, arcmin, '", is: 'pi*1/10800' },
    { sign: '″', names: 'arcsecond, second of arc, seconds of arc, arcsec, "', is: 'pi*1/648000' },
    { sign: 'gon', names: 'gon, gradian, grad', is: 'pi*1/200' },
    { sign: 'turn', names: 'turn, revolution, rev', is: 'pi*2' },
    { sign: 'mil (angle)', names: 'angular mil', is: 'pi*1/3200' },
    { sign: 'point (compass)', names: 'compass point', is: 'pi*1/16' },
  ],
  listed: '°, rad, gon, turn, ′, ″, mrad, mil (angle), point (compass)',
});
