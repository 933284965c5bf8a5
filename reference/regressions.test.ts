import { answerBatchLine } from '../batch/answer';

/*
 * Regressions whose numbers are certified: NIST Statistical Reference Datasets (linear: Longley, NoInt1; nonlinear:
 * Misra1a, BoxBOD, MGH09, MGH10 each from both of its starts, MGH17 from the far one), values from memory. Exact sums give every digit of the linear
 * ones; of the nonlinear ones nine are asked for.
 */
const list = (text: string): readonly string[] => text.split(' ');

const longley = {
  predictors: [
    '83 88.5 88.2 89.5 96.2 98.1 99 100 101.2 104.6 108.4 110.8 112.6 114.2 115.7 116.9',
    '234289 259426 258054 284599 328975 346999 365385 363112 397469 419180 442769 444546 482704 502601 518173 554894',
    '2356 2325 3682 3351 2099 1932 1870 3578 2904 2822 2936 4681 3813 3931 4806 4007',
    '1590 1456 1616 1650 3099 3594 3547 3350 3048 2857 2798 2637 2552 2514 2572 2827',
    '107608 108632 109773 110929 112075 113270 115094 116219 117388 118734 120445 121950 123366 125368 127852 130081',
    '1947 1948 1949 1950 1951 1952 1953 1954 1955 1956 1957 1958 1959 1960 1961 1962',
  ].map(list),
  y: list('60323 61122 60171 61187 63221 63639 64989 63761 66019 67857 68169 66513 68655 69564 69331 70551'),
};
const misra = {
  expr: 'b*(1-exp(-c*x))',
  y: list('10.07 14.73 17.94 23.93 29.61 35.18 40.02 44.82 50.76 55.05 61.01 66.4 75.47 81.78'),
  x: list('77.6 114.9 141.1 190.8 239.9 289 332.8 378.4 434.8 477.3 536.8 593.1 689.1 760'),
};
const boxbod = { expr: 'b*(1-exp(-c*x))', y: list('109 149 149 191 213 224'), x: list('1 2 3 5 7 10') };
const mgh09 = {
  expr: 'a*(x^2+x*b)/(x^2+x*c+d)',
  y: list('0.1957 0.1947 0.1735 0.16 0.0844 0.0627 0.0456 0.0342 0.0323 0.0235 0.0246'),
  x: list('4 2 1 0.5 0.25 0.167 0.125 0.1 0.0833 0.0714 0.0625'),
};
const mgh10 = {
  expr: 'a*exp(b/(x+c))',
  y: list('34780 28610 23650 19630 16370 13720 11540 9744 8261 7030 6005 5147 4427 3820 3307 2872'),
  x: Array.from({ length: 16 }, (_, i) => `${50 + 5 * i}`),
};
const mgh17 = {
  expr: 'a+b*exp(-x*d)+c*exp(-x*f)',
  y: list(
    '0.844 0.908 0.932 0.936 0.925 0.908 0.881 0.85 0.818 0.784 0.751 0.718 0.685 0.658 0.628 0.603 0.58 0.558 0.538 0.522 0.506 0.49 0.478 0.467 0.457 0.448 0.438 0.431 0.424 0.42 0.414 0.411 0.406',
  ),
  x: Array.from({ length: 33 }, (_, i) => `${10 * i}`),
};
const own = (of: object, start: object) => ({ model: 'own', ...of, start });

type Certified = Readonly<Record<string, readonly [value: string, error: string]>>;
const misraValues: Certified = { b: ['2.3894212918E+02', '2.7070075241'], c: ['5.5015643181E-04', '7.2668688436E-06'] };
const boxValues: Certified = { b: ['2.1380940889E+02', '12.354515176'], c: ['5.4723748542E-01', '0.10455993237'] };
const mghValues: Certified = {
  a: ['1.9280693458E-01', '1.1435312227E-02'],
  b: ['1.9128232873E-01', '1.9633220911E-01'],
  c: ['1.2305650693E-01', '8.0842031232E-02'],
  d: ['1.3606233068E-01', '9.0025542308E-02'],
};
const mgh10Values: Certified = {
  a: ['5.6096364710E-03', '1.5687892471E-04'],
  b: ['6.1813463463E+03', '2.3309021107E+01'],
  c: ['3.4522363462E+02', '7.8486103508E-01'],
};
const mgh17Values: Certified = {
  a: ['3.7541005211E-01', '2.0723153551E-03'],
  d: ['1.2867534640E-02', '4.4861358114E-04'],
  f: ['2.2122699662E-02', '8.9471996575E-04'],
};

test.each<[string, object, Certified, string]>([
  [
    'Longley',
    longley,
    {
      a: ['-3482258.63459582', '890420.383607373'],
      b: ['15.0618722713733', '84.9149257747669'],
      g: ['1829.15146461355', '455.478499142212'],
    },
    '836424.055505915',
  ],
  [
    'NoInt1',
    {
      throughOrigin: true,
      x: list('60 61 62 63 64 65 66 67 68 69 70'),
      y: list('130 131 132 133 134 135 136 137 138 139 140'),
    },
    { b: ['2.07438016528926', '0.0165289256198347'] },
    '127.272727272727',
  ],
  ['Misra1a, start 1', own(misra, { b: '500', c: '0.0001' }), misraValues, '0.12455138894'],
  ['Misra1a, start 2', own(misra, { b: '250', c: '0.0005' }), misraValues, '0.12455138894'],
  ['BoxBOD, start 1', own(boxbod, { b: '1', c: '1' }), boxValues, '1168.0088766'],
  ['BoxBOD, start 2', own(boxbod, { b: '100', c: '0.75' }), boxValues, '1168.0088766'],
  ['MGH09, start 1', own(mgh09, { a: '25', b: '39', c: '41.5', d: '39' }), mghValues, '0.00030750560385'],
  ['MGH09, start 2', own(mgh09, { a: '0.25', b: '0.39', c: '0.415', d: '0.39' }), mghValues, '0.00030750560385'],
  ['MGH10, start 1', own(mgh10, { a: '2', b: '400000', c: '25000' }), mgh10Values, '87.945855171'],
  ['MGH10, start 2', own(mgh10, { a: '0.02', b: '4000', c: '250' }), mgh10Values, '87.945855171'],
  ['MGH17, start 1', own(mgh17, { a: '50', b: '150', c: '-100', d: '1', f: '2' }), mgh17Values, '0.000054648946975'],
])('%s comes to what is certified', (_, request, certified, rss) => {
  const digits = 'model' in request ? 9 : 13;
  const answer = answerBatchLine(
    JSON.stringify({ id: 1, do: 'fit', digits: 20, errors: true, ...request }),
    120_000,
  ) as { coefficients: Record<string, string>; se: Record<string, string>; rss: string };
  const rounded = (text: string | undefined): string => Number(text).toPrecision(digits);
  for (const [name, [value, error]] of Object.entries(certified)) {
    expect(rounded(answer.coefficients[name])).toBe(rounded(value));
    expect(rounded(answer.se[name])).toBe(rounded(error));
  }
  expect(rounded(answer.rss)).toBe(rounded(rss));
});
