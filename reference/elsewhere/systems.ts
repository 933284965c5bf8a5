import type { Told } from './worked';

/**
 * Linear equations by the ranks and the elimination of SymPy 1.14.
 */
export const systemsElsewhere: readonly Told[] = [
  [
    {
      do: 'system',
      augmented: [
        ['-6', '-2', '5', '-2', '0'],
        ['-6', '-2', '0', '3', '-5'],
        ['4', '5', '0', '2', '0'],
        ['2', '-1', '6', '-4', '-9'],
      ],
      unknowns: ['x', 'y', 'z', 'w'],
    },
    { kind: 'one', solution: { x: '-225/106', y: '170/53', z: '-147/53', w: '-200/53' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['4', '6', '3'],
        ['5', '5', '-10'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-15/2', y: '11/2' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-2', '-3', '-3'],
        ['-2', '1', '0'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '3/8', y: '3/4' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['3', '3', '-6', '-6'],
        ['3', '1', '1', '-9'],
        ['6', '6', '-12', '-12'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'many' },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-5', '6', '-6', '9'],
        ['5', '4', '5', '-12'],
        ['5', '-3', '3', '8'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'one', solution: { x: '5', y: '-26/27', z: '-179/27' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-3', '-2', '-6', '-1'],
        ['5', '-6', '-2', '10'],
        ['6', '1', '-5', '8'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'one', solution: { x: '28/23', y: '-209/368', z: '-93/368' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-3', '1', '9'],
        ['5', '-6', '-12'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-42/13', y: '-9/13' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-5', '5', '-4'],
        ['-10', '10', '-7'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'none' },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-3', '0', '7'],
        ['-1', '-3', '11'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-7/3', y: '-26/9' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['0', '-5', '5'],
        ['4', '-3', '-6'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-9/4', y: '-1' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['2', '-3', '1', '1', '-8'],
        ['-1', '3', '2', '-1', '8'],
        ['4', '6', '-2', '3', '-6'],
        ['5', '5', '6', '6', '-3'],
      ],
      unknowns: ['x', 'y', 'z', 'w'],
    },
    { kind: 'one', solution: { x: '-783/292', y: '333/292', z: '261/292', w: '-8/73' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-3', '1', '-4'],
        ['-6', '2', '-8'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'many' },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-6', '2', '5'],
        ['3', '-3', '8'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-31/12', y: '-21/4' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-1', '4', '0', '4', '-5'],
        ['0', '-4', '2', '2', '-5'],
        ['0', '-6', '3', '0', '4'],
        ['6', '-2', '1', '1', '-5'],
      ],
      unknowns: ['x', 'y', 'z', 'w'],
    },
    { kind: 'one', solution: { x: '-5/12', y: '119/48', z: '151/24', w: '-23/6' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-4', '-1', '3'],
        ['-3', '5', '-1'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-14/23', y: '-13/23' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-1', '-2', '5'],
        ['-2', '-4', '11'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'none' },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-5', '0', '-12'],
        ['3', '3', '-5'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '12/5', y: '-61/15' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-6', '-1', '6'],
        ['-6', '-5', '8'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-11/12', y: '-1/2' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-1', '4', '-4', '4'],
        ['-6', '-2', '-1', '-3'],
        ['4', '-6', '0', '-5'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'one', solution: { x: '6/31', y: '179/186', z: '-8/93' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['0', '-5', '-8'],
        ['0', '-10', '-16'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'many' },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['2', '-6', '-12'],
        ['5', '-2', '-9'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-15/13', y: '21/13' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['1', '-4', '12'],
        ['5', '4', '9'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '7/2', y: '-17/8' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-5', '-3', '4', '-12'],
        ['6', '6', '5', '4'],
        ['4', '-3', '4', '11'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'one', solution: { x: '23/9', y: '-443/351', z: '-88/117' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-2', '0', '-5', '4'],
        ['5', '3', '2', '-5'],
        ['-4', '0', '-10', '9'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'none' },
  ],
];
