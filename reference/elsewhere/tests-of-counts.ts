import type { Told } from './worked';

/**
 * Tests of counts, shares and groups on invented values, by scipy.stats 1.17.
 */
export const groupsElsewhere: readonly Told[] = [
  [
    {
      do: 'test',
      digits: 10,
      test: 'independence',
      table: [
        [7, 33],
        [39, 29],
      ],
    },
    { statistic: '16.35926904', p: '0.00005239926429', df: '1' },
  ],
  [
    { do: 'test', digits: 10, test: 'fit', x: [30, 30, 30], shares: ['1/3', '1/3', '1/3'] },
    { statistic: '0', p: '1', df: '2' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'anova',
      groups: [
        ['12.3', '16.2', '10.2', '1.5'],
        ['1.7', '5.3', '11.2', '4.1'],
        ['8.7', '15.3', '1.3', '2.6'],
      ],
    },
    { statistic: '0.6537888371', p: '0.5431083998', df: ['2', '9'] },
  ],
  [
    { do: 'test', digits: 10, test: 'shares', count: [12, 25], n: [30, 66] },
    { statistic: '0.1979362982', p: '0.8430949041' },
  ],
  [
    { do: 'test', digits: 10, test: 'share', count: 12, n: 30, share0: '0.25' },
    { statistic: '1.897366596', p: '0.05777957112' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'independence',
      table: [
        [10, 27, 5],
        [8, 17, 28],
      ],
    },
    { statistic: '17.48600674', p: '0.0001595739078', df: '2' },
  ],
  [
    { do: 'test', digits: 10, test: 'fit', x: [14, 21, 27, 28], shares: ['1/4', '1/4', '1/4', '1/4'] },
    { statistic: '5.555555556', p: '0.1353532828', df: '3' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'anova',
      groups: [
        ['3.1', '2.9', '12.4', '11.9', '12.2', '12.3'],
        ['2.1', '3.6', '2.6', '19.1', '8.7', '18.9'],
        ['12.2', '17.7', '4.1', '13.2', '0.5', '5.2'],
      ],
    },
    { statistic: '0.005208696844', p: '0.9948066434', df: ['2', '15'] },
  ],
  [
    { do: 'test', digits: 10, test: 'shares', count: [24, 19], n: [90, 90] },
    { statistic: '0.8740006297', p: '0.3821179108' },
  ],
  [
    { do: 'test', digits: 10, test: 'share', count: 24, n: 90, share0: '0.25' },
    { statistic: '0.3651483717', p: '0.7150006547' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'independence',
      table: [
        [13, 38],
        [5, 37],
        [23, 9],
      ],
    },
    { statistic: '31.72280409', p: '0.0000001292649009', df: '2' },
  ],
  [
    { do: 'test', digits: 10, test: 'fit', x: [21, 38, 28, 15, 27], shares: ['1/5', '1/5', '1/5', '1/5', '1/5'] },
    { statistic: '11.42635659', p: '0.02216799293', df: '4' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'anova',
      groups: [
        ['13.6', '13.8', '19.9', '12.8'],
        ['16.2', '5.7', '15.6', '19.4', '4.9', '6.1'],
        ['18.9', '5.8', '5.1', '13.2', '12.6', '9.1'],
      ],
    },
    { statistic: '0.8370839774', p: '0.455023822', df: ['2', '13'] },
  ],
  [
    { do: 'test', digits: 10, test: 'shares', count: [8, 16], n: [76, 31] },
    { statistic: '-4.622053159', p: '0.000003799606115' },
  ],
  [
    { do: 'test', digits: 10, test: 'share', count: 8, n: 76, share0: '0.25' },
    { statistic: '-2.913971186', p: '0.003568628437' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'independence',
      table: [
        [34, 20, 16],
        [26, 32, 26],
        [27, 9, 18],
      ],
    },
    { statistic: '10.54214183', p: '0.03222142184', df: '4' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'fit',
      x: [11, 19, 35, 17, 26, 18],
      shares: ['1/6', '1/6', '1/6', '1/6', '1/6', '1/6'],
    },
    { statistic: '16.66666667', p: '0.005177344252', df: '5' },
  ],
  [
    {
      do: 'test',
      digits: 10,
      test: 'anova',
      groups: [
        ['15.9', '15.6', '0.0', '12.2', '16.7', '8.8'],
        ['16.9', '3.0', '9.9', '20.0'],
        ['12.2', '4.5', '11.1', '16.2'],
      ],
    },
    { statistic: '0.05333884253', p: '0.9483023781', df: ['2', '11'] },
  ],
  [
    { do: 'test', digits: 10, test: 'shares', count: [20, 22], n: [51, 35] },
    { statistic: '-2.154723672', p: '0.03118346423' },
  ],
  [
    { do: 'test', digits: 10, test: 'share', count: 20, n: 51, share0: '0.25' },
    { statistic: '2.344511042', p: '0.01905204638' },
  ],
];
