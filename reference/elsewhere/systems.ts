import type { Told } from './worked';

/**
 * Linear equations by the ranks and the elimination of SymPy 1.14.
 */
export const systemsElsewhere: readonly Told[] = [
  [
    {
      do: 'system',
      augmented: [
        ['2', '2', '-5'],
        ['1', '-3', '-11'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-37/8', y: '17/8' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['3', '5', '-2', '-12'],
        ['2', '6', '-2', '6'],
        ['6', '3', '-6', '5'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'one', solution: { x: '-257/15', y: '13/15', z: '-263/15' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['3', '3', '11'],
        ['-6', '-2', '-4'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-5/6', y: '9/2' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-2', '0', '10'],
        ['-4', '0', '20'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'many' },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['2', '-1', '6', '-4', '-3'],
        ['0', '-3', '0', '-5', '-6'],
        ['-5', '4', '6', '5', '-4'],
        ['5', '1', '-5', '-4', '2'],
      ],
      unknowns: ['x', 'y', 'z', 'w'],
    },
    { kind: 'one', solution: { x: '1517/879', y: '-617/879', z: '-98/879', w: '475/293' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['0', '0', '3', '4'],
        ['3', '-6', '3', '-10'],
        ['1', '1', '-5', '-6'],
      ],
      unknowns: ['x', 'y', 'z'],
    },
    { kind: 'one', solution: { x: '-10/9', y: '16/9', z: '4/3' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['-4', '0', '-12'],
        ['-5', '6', '10'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '3', y: '25/6' } },
  ],
  [
    {
      do: 'system',
      augmented: [
        ['5', '5', '-3', '3', '-10'],
        ['4', '-6', '4', '0', '-1'],
        ['-3', '-2', '-6', '5', '10'],
        ['10', '10', '-6', '6', '-19'],
      ],
      unknowns: ['x', 'y', 'z', 'w'],
    },
    { kind: 'none' },
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
        ['1', '-1', '5'],
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
        ['0', '-10', '10'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'many' },
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
        ['-6', '4', '12'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '14/3', y: '10' } },
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
        ['-2', '8', '0', '8', '-9'],
      ],
      unknowns: ['x', 'y', 'z', 'w'],
    },
    { kind: 'none' },
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
        ['-2', '3', '7'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'one', solution: { x: '-29/7', y: '-3/7' } },
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
        ['-12', '-2', '12'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'many' },
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
        ['0', '-5', '6'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'none' },
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
        ['2', '-8', '25'],
      ],
      unknowns: ['x', 'y'],
    },
    { kind: 'none' },
  ],
];
