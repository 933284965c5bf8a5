import type { Told } from './worked';

/**
 * Zeros and turning points of curves: the signs at 4000 places of each and of its derivative in symbols (SymPy 1.14),
 * then the roots between them with mpmath 1.3.
 */
export const pointsElsewhere: readonly Told[] = [
  [
    { do: 'points', exprs: ['x^3-4*x+1'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '-2.11490754148' }, { x: '0.254101688365' }, { x: '1.86080585311' }],
      lowest: [{ x: '1.15470053838', y: '-2.07920143568' }],
      highest: [{ x: '-1.15470053838', y: '4.07920143568' }],
    },
  ],
  [
    { do: 'points', exprs: ['x^4-3*x^2+x'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '-1.87938524157' }, { x: '0' }, { x: '0.347296355334' }, { x: '1.53208888624' }],
      lowest: [
        { x: '-1.30083956594', y: '-3.51390503893' },
        { x: '1.13090112263', y: '-1.07023018178' },
      ],
      highest: [{ x: '0.169938443312', y: '0.0841352207109' }],
    },
  ],
  [
    { do: 'points', exprs: ['sin(x)-x/3'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '-2.27886266008' }, { x: '0' }, { x: '2.27886266008' }],
      lowest: [{ x: '-1.23095941734', y: '-0.532489235802' }],
      highest: [{ x: '1.23095941734', y: '0.532489235802' }],
    },
  ],
  [
    { do: 'points', exprs: ['exp(x)-3*x'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '0.619061286736' }, { x: '1.51213455166' }],
      lowest: [{ x: '1.09861228867', y: '-0.295836866004' }],
      highest: [],
    },
  ],
  [
    { do: 'points', exprs: ['x^2*exp(-x)-0.3'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '-0.439637356954' }, { x: '0.829068989148' }, { x: '3.95284287458' }],
      lowest: [{ x: '0', y: '-0.3' }],
      highest: [{ x: '2', y: '0.241341132946' }],
    },
  ],
  [
    { do: 'points', exprs: ['ln(x)+x-2'], from: '0.1', to: '6', digits: 12 },
    { zeros: [{ x: '1.557145599' }], lowest: [], highest: [] },
  ],
  [
    { do: 'points', exprs: ['cos(x)-x'], from: '-4', to: '5', digits: 12 },
    { zeros: [{ x: '0.739085133215' }], lowest: [], highest: [] },
  ],
  [
    { do: 'points', exprs: ['x^5-x-1'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '1.16730397826' }],
      lowest: [{ x: '0.668740304976', y: '-1.53499224398' }],
      highest: [{ x: '-0.668740304976', y: '-0.465007756019' }],
    },
  ],
  [
    { do: 'points', exprs: ['atan(x)-x/2'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '-2.33112237041' }, { x: '0' }, { x: '2.33112237041' }],
      lowest: [{ x: '-1', y: '-0.285398163397' }],
      highest: [{ x: '1', y: '0.285398163397' }],
    },
  ],
  [
    { do: 'points', exprs: ['x^3-6*x^2+9*x+2'], from: '-4', to: '5', digits: 12 },
    { zeros: [{ x: '-0.195823345446' }], lowest: [{ x: '3', y: '2' }], highest: [{ x: '1', y: '6' }] },
  ],
  [
    { do: 'points', exprs: ['1/x-x'], from: '0.1', to: '6', digits: 12 },
    { zeros: [{ x: '1' }], lowest: [], highest: [] },
  ],
  [
    { do: 'points', exprs: ['sqrt(x)-cos(x)'], from: '0.1', to: '6', digits: 12 },
    { zeros: [{ x: '0.641714370873' }], lowest: [], highest: [{ x: '3.41555178746', y: '2.81082847088' }] },
  ],
  [
    { do: 'points', exprs: ['x*sin(x)-1'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '-2.77260470827' }, { x: '-1.11415714087' }, { x: '1.11415714087' }, { x: '2.77260470827' }],
      lowest: [
        { x: '0', y: '-1' },
        { x: '4.91318043943', y: '-5.81446988971' },
      ],
      highest: [
        { x: '-2.02875783811', y: '0.81970574116' },
        { x: '2.02875783811', y: '0.81970574116' },
      ],
    },
  ],
  [
    { do: 'points', exprs: ['2^x-5*x'], from: '-4', to: '5', digits: 12 },
    {
      zeros: [{ x: '0.235455710071' }, { x: '4.48800113601' }],
      lowest: [{ x: '2.85069446783', y: '-7.03999713472' }],
      highest: [],
    },
  ],
  [
    { do: 'points', exprs: ['x-1-1/(x^2+1)'], from: '-4', to: '5', digits: 12 },
    { zeros: [{ x: '1.3532099642' }], lowest: [], highest: [] },
  ],
];
