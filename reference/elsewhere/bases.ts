import type { Told } from './worked';

/**
 * Whole numbers in other bases and in words, by the whole numbers of Python 3.11.
 */
export const basesElsewhere: readonly Told[] = [
  [
    { do: 'base', value: '55', to: 2 },
    { inBase: '110111', hex: '37' },
  ],
  [
    { do: 'base', value: '110111', from: 2 },
    { dec: '55', oct: '67' },
  ],
  [
    { do: 'base', value: '168715240', to: 2 },
    { inBase: '1010000011100110001111101000', hex: 'A0E63E8' },
  ],
  [
    { do: 'base', value: '1010000011100110001111101000', from: 2 },
    { dec: '168715240', oct: '1203461750' },
  ],
  [
    { do: 'base', value: '51', to: 2 },
    { inBase: '110011', hex: '33' },
  ],
  [
    { do: 'base', value: '110011', from: 2 },
    { dec: '51', oct: '63' },
  ],
  [
    { do: 'base', value: '772320655', to: 2 },
    { inBase: '101110000010001010110110001111', hex: '2E08AD8F' },
  ],
  [
    { do: 'base', value: '101110000010001010110110001111', from: 2 },
    { dec: '772320655', oct: '5602126617' },
  ],
  [
    { do: 'base', value: '25472', to: 3 },
    { inBase: '1021221102', hex: '6380' },
  ],
  [
    { do: 'base', value: '1021221102', from: 3 },
    { dec: '25472', oct: '61600' },
  ],
  [
    { do: 'base', value: '11', to: 3 },
    { inBase: '102', hex: 'B' },
  ],
  [
    { do: 'base', value: '102', from: 3 },
    { dec: '11', oct: '13' },
  ],
  [
    { do: 'base', value: '61254695350537203', to: 3 },
    { inBase: '102000111202212200111211212222111210', hex: 'D99ED225318BF3' },
  ],
  [
    { do: 'base', value: '102000111202212200111211212222111210', from: 3 },
    { dec: '61254695350537203', oct: '3314755104514305763' },
  ],
  [
    { do: 'base', value: '49557', to: 3 },
    { inBase: '2111222110', hex: 'C195' },
  ],
  [
    { do: 'base', value: '2111222110', from: 3 },
    { dec: '49557', oct: '140625' },
  ],
  [
    { do: 'base', value: '83', to: 7 },
    { inBase: '146', hex: '53' },
  ],
  [
    { do: 'base', value: '146', from: 7 },
    { dec: '83', oct: '123' },
  ],
  [
    { do: 'base', value: '5380578753254775', to: 7 },
    { inBase: '3206222662254642450', hex: '131D9B9D461577' },
  ],
  [
    { do: 'base', value: '3206222662254642450', from: 7 },
    { dec: '5380578753254775', oct: '230731563521412567' },
  ],
  [
    { do: 'base', value: '31', to: 7 },
    { inBase: '43', hex: '1F' },
  ],
  [
    { do: 'base', value: '43', from: 7 },
    { dec: '31', oct: '37' },
  ],
  [
    { do: 'base', value: '274186537494092806', to: 7 },
    { inBase: '330243062422650253042', hex: '3CE1B3401879C06' },
  ],
  [
    { do: 'base', value: '330243062422650253042', from: 7 },
    { dec: '274186537494092806', oct: '17160663200141716006' },
  ],
  [
    { do: 'base', value: '451137230288770216', to: 8 },
    { inBase: '31026056566424152250', hex: '642C2EBB450D4A8' },
  ],
  [
    { do: 'base', value: '31026056566424152250', from: 8 },
    { dec: '451137230288770216', oct: '31026056566424152250' },
  ],
  [
    { do: 'base', value: '3', to: 8 },
    { inBase: '3', hex: '3' },
  ],
  [
    { do: 'base', value: '3', from: 8 },
    { dec: '3', oct: '3' },
  ],
  [
    { do: 'base', value: '763664519572288', to: 8 },
    { inBase: '25550620032525500', hex: '2B68C806AAB40' },
  ],
  [
    { do: 'base', value: '25550620032525500', from: 8 },
    { dec: '763664519572288', oct: '25550620032525500' },
  ],
  [
    { do: 'base', value: '633645860946179339', to: 8 },
    { inBase: '43131230664705772413', hex: '8CB298DA717F50B' },
  ],
  [
    { do: 'base', value: '43131230664705772413', from: 8 },
    { dec: '633645860946179339', oct: '43131230664705772413' },
  ],
  [
    { do: 'base', value: '611684642', to: 12 },
    { inBase: '150A28202', hex: '24759122' },
  ],
  [
    { do: 'base', value: '150A28202', from: 12 },
    { dec: '611684642', oct: '4435310442' },
  ],
  [
    { do: 'base', value: '78', to: 12 },
    { inBase: '66', hex: '4E' },
  ],
  [
    { do: 'base', value: '66', from: 12 },
    { dec: '78', oct: '116' },
  ],
  [
    { do: 'base', value: '76681', to: 12 },
    { inBase: '38461', hex: '12B89' },
  ],
  [
    { do: 'base', value: '38461', from: 12 },
    { dec: '76681', oct: '225611' },
  ],
  [
    { do: 'base', value: '94', to: 12 },
    { inBase: '7A', hex: '5E' },
  ],
  [
    { do: 'base', value: '7A', from: 12 },
    { dec: '94', oct: '136' },
  ],
  [
    { do: 'base', value: '509134461', to: 16 },
    { inBase: '1E58C67D', hex: '1E58C67D' },
  ],
  [
    { do: 'base', value: '1E58C67D', from: 16 },
    { dec: '509134461', oct: '3626143175' },
  ],
  [
    { do: 'base', value: '690186505085242046', to: 16 },
    { inBase: '99408F8385FCABE', hex: '99408F8385FCABE' },
  ],
  [
    { do: 'base', value: '99408F8385FCABE', from: 16 },
    { dec: '690186505085242046', oct: '46240217407027745276' },
  ],
  [
    { do: 'base', value: '4', to: 16 },
    { inBase: '4', hex: '4' },
  ],
  [
    { do: 'base', value: '4', from: 16 },
    { dec: '4', oct: '4' },
  ],
  [
    { do: 'base', value: '99114', to: 16 },
    { inBase: '1832A', hex: '1832A' },
  ],
  [
    { do: 'base', value: '1832A', from: 16 },
    { dec: '99114', oct: '301452' },
  ],
  [
    { do: 'base', value: '657498127964331362', to: 20 },
    { inBase: '80A8G0C98H1882', hex: '91FE71055CC5D62' },
  ],
  [
    { do: 'base', value: '80A8G0C98H1882', from: 20 },
    { dec: '657498127964331362', oct: '44377161012563056542' },
  ],
  [
    { do: 'base', value: '95', to: 20 },
    { inBase: '4F', hex: '5F' },
  ],
  [
    { do: 'base', value: '4F', from: 20 },
    { dec: '95', oct: '137' },
  ],
  [
    { do: 'base', value: '321604512859590635', to: 20 },
    { inBase: '3IA6DG5D8C8GBF', hex: '4769199BB288FEB' },
  ],
  [
    { do: 'base', value: '3IA6DG5D8C8GBF', from: 20 },
    { dec: '321604512859590635', oct: '21664431467312107753' },
  ],
  [
    { do: 'base', value: '297049333', to: 20 },
    { inBase: '4CGB36D', hex: '11B49CF5' },
  ],
  [
    { do: 'base', value: '4CGB36D', from: 20 },
    { dec: '297049333', oct: '2155116365' },
  ],
  [
    { do: 'base', value: '87', to: 36 },
    { inBase: '2F', hex: '57' },
  ],
  [
    { do: 'base', value: '2F', from: 36 },
    { dec: '87', oct: '127' },
  ],
  [
    { do: 'base', value: '35', to: 36 },
    { inBase: 'Z', hex: '23' },
  ],
  [
    { do: 'base', value: 'Z', from: 36 },
    { dec: '35', oct: '43' },
  ],
  [
    { do: 'base', value: '635890029', to: 36 },
    { inBase: 'AILBVX', hex: '25E6E96D' },
  ],
  [
    { do: 'base', value: 'AILBVX', from: 36 },
    { dec: '635890029', oct: '4571564555' },
  ],
  [
    { do: 'base', value: '28260', to: 36 },
    { inBase: 'LT0', hex: '6E64' },
  ],
  [
    { do: 'base', value: 'LT0', from: 36 },
    { dec: '28260', oct: '67144' },
  ],
  [
    { do: 'base', value: '-5', bits: 8 },
    { bin: '11111011', hex: 'FB', dec: '-5' },
  ],
  [
    { do: 'base', value: '-116', bits: 8 },
    { bin: '10001100', hex: '8C', dec: '-116' },
  ],
  [
    { do: 'base', value: '-82', bits: 8 },
    { bin: '10101110', hex: 'AE', dec: '-82' },
  ],
  [
    { do: 'base', value: '-127', bits: 8 },
    { bin: '10000001', hex: '81', dec: '-127' },
  ],
  [
    { do: 'base', value: '-11899', bits: 16 },
    { bin: '1101000110000101', hex: 'D185', dec: '-11899' },
  ],
  [
    { do: 'base', value: '-27828', bits: 16 },
    { bin: '1001001101001100', hex: '934C', dec: '-27828' },
  ],
  [
    { do: 'base', value: '-13767', bits: 16 },
    { bin: '1100101000111001', hex: 'CA39', dec: '-13767' },
  ],
  [
    { do: 'base', value: '-30460', bits: 16 },
    { bin: '1000100100000100', hex: '8904', dec: '-30460' },
  ],
  [
    { do: 'base', value: '-961504092', bits: 32 },
    { bin: '11000110101100001001110010100100', hex: 'C6B09CA4', dec: '-961504092' },
  ],
  [
    { do: 'base', value: '-849781505', bits: 32 },
    { bin: '11001101010110010101110011111111', hex: 'CD595CFF', dec: '-849781505' },
  ],
  [
    { do: 'base', value: '-1300310565', bits: 32 },
    { bin: '10110010011111101101010111011011', hex: 'B27ED5DB', dec: '-1300310565' },
  ],
  [
    { do: 'base', value: '-528018174', bits: 32 },
    { bin: '11100000100001110001010100000010', hex: 'E0871502', dec: '-528018174' },
  ],
  [
    { do: 'base', value: '-3831512129385732056', bits: 64 },
    {
      bin: '1100101011010011101111000000010010111111010111001110100000101000',
      hex: 'CAD3BC04BF5CE828',
      dec: '-3831512129385732056',
    },
  ],
  [
    { do: 'base', value: '-128333093027557358', bits: 64 },
    {
      bin: '1111111000111000000100011011101101011001001010100101000000010010',
      hex: 'FE3811BB592A5012',
      dec: '-128333093027557358',
    },
  ],
  [
    { do: 'base', value: '-3295589518898515650', bits: 64 },
    {
      bin: '1101001001000011101101101100101100011000100011011011000100111110',
      hex: 'D243B6CB188DB13E',
      dec: '-3295589518898515650',
    },
  ],
  [
    { do: 'base', value: '-4139575841483930411', bits: 64 },
    {
      bin: '1100011010001101010001011011010001011111100011111100010011010101',
      hex: 'C68D45B45F8FC4D5',
      dec: '-4139575841483930411',
    },
  ],
];
