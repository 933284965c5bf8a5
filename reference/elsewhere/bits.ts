import type { Told } from './worked';

/**
 * Operations on the bits of words, by the whole numbers of Python 3.11.
 */
export const bitsElsewhere: readonly Told[] = [
  [
    { do: 'bits', op: 'and', a: '-5', bits: 8, b: '-110' },
    { hex: '92', unsigned: '146', signed: '-110' },
  ],
  [
    { do: 'bits', op: 'and', a: '106', bits: 8, b: '35' },
    { hex: '22', unsigned: '34', signed: '34' },
  ],
  [
    { do: 'bits', op: 'and', a: '10714', bits: 16, b: '-8348' },
    { hex: '940', unsigned: '2368', signed: '2368' },
  ],
  [
    { do: 'bits', op: 'and', a: '5914', bits: 16, b: '-29441' },
    { hex: '41A', unsigned: '1050', signed: '1050' },
  ],
  [
    { do: 'bits', op: 'and', a: '-570923764', bits: 32, b: '77760745' },
    { hex: '4A00008', unsigned: '77594632', signed: '77594632' },
  ],
  [
    { do: 'bits', op: 'and', a: '3326229', bits: 32, b: '1166493595' },
    { hex: '24111', unsigned: '147729', signed: '147729' },
  ],
  [
    { do: 'bits', op: 'or', a: '-32', bits: 8, b: '45' },
    { hex: 'ED', unsigned: '237', signed: '-19' },
  ],
  [
    { do: 'bits', op: 'or', a: '89', bits: 8, b: '27' },
    { hex: '5B', unsigned: '91', signed: '91' },
  ],
  [
    { do: 'bits', op: 'or', a: '-9783', bits: 16, b: '-16002' },
    { hex: 'D9FF', unsigned: '55807', signed: '-9729' },
  ],
  [
    { do: 'bits', op: 'or', a: '2518', bits: 16, b: '19521' },
    { hex: '4DD7', unsigned: '19927', signed: '19927' },
  ],
  [
    { do: 'bits', op: 'or', a: '1257704061', bits: 32, b: '-305226413' },
    { hex: 'EFFF9F7F', unsigned: '4026507135', signed: '-268460161' },
  ],
  [
    { do: 'bits', op: 'or', a: '-478692343', bits: 32, b: '967016961' },
    { hex: 'FBF7BE09', unsigned: '4227317257', signed: '-67650039' },
  ],
  [
    { do: 'bits', op: 'xor', a: '46', bits: 8, b: '3' },
    { hex: '2D', unsigned: '45', signed: '45' },
  ],
  [
    { do: 'bits', op: 'xor', a: '17', bits: 8, b: '29' },
    { hex: 'C', unsigned: '12', signed: '12' },
  ],
  [
    { do: 'bits', op: 'xor', a: '6036', bits: 16, b: '2220' },
    { hex: '1F38', unsigned: '7992', signed: '7992' },
  ],
  [
    { do: 'bits', op: 'xor', a: '25937', bits: 16, b: '7022' },
    { hex: '7E3F', unsigned: '32319', signed: '32319' },
  ],
  [
    { do: 'bits', op: 'xor', a: '479787064', bits: 32, b: '610262375' },
    { hex: '38C7255F', unsigned: '952575327', signed: '952575327' },
  ],
  [
    { do: 'bits', op: 'xor', a: '-1558562361', bits: 32, b: '1160494220' },
    { hex: 'E631854B', unsigned: '3862005067', signed: '-432962229' },
  ],
  [
    { do: 'bits', op: 'nand', a: '-57', bits: 8, b: '105' },
    { hex: 'BE', unsigned: '190', signed: '-66' },
  ],
  [
    { do: 'bits', op: 'nand', a: '46', bits: 8, b: '109' },
    { hex: 'D3', unsigned: '211', signed: '-45' },
  ],
  [
    { do: 'bits', op: 'nand', a: '-9890', bits: 16, b: '3052' },
    { hex: 'F6B3', unsigned: '63155', signed: '-2381' },
  ],
  [
    { do: 'bits', op: 'nand', a: '1730', bits: 16, b: '24217' },
    { hex: 'F97F', unsigned: '63871', signed: '-1665' },
  ],
  [
    { do: 'bits', op: 'nand', a: '-1599809713', bits: 32, b: '644613689' },
    { hex: 'DFDBF9F6', unsigned: '3755735542', signed: '-539231754' },
  ],
  [
    { do: 'bits', op: 'nand', a: '-384521060', bits: 32, b: '-405091646' },
    { hex: '1EEF777F', unsigned: '519010175', signed: '519010175' },
  ],
  [
    { do: 'bits', op: 'nor', a: '-125', bits: 8, b: '-45' },
    { hex: '2C', unsigned: '44', signed: '44' },
  ],
  [
    { do: 'bits', op: 'nor', a: '-5', bits: 8, b: '16' },
    { hex: '4', unsigned: '4', signed: '4' },
  ],
  [
    { do: 'bits', op: 'nor', a: '-32282', bits: 16, b: '25590' },
    { hex: '1C09', unsigned: '7177', signed: '7177' },
  ],
  [
    { do: 'bits', op: 'nor', a: '-3594', bits: 16, b: '-32394' },
    { hex: 'E09', unsigned: '3593', signed: '3593' },
  ],
  [
    { do: 'bits', op: 'nor', a: '-68866692', bits: 32, b: '948000431' },
    { hex: '41A8000', unsigned: '68845568', signed: '68845568' },
  ],
  [
    { do: 'bits', op: 'nor', a: '319318652', bits: 32, b: '-2078340681' },
    { hex: '68E09400', unsigned: '1759548416', signed: '1759548416' },
  ],
  [
    { do: 'bits', op: 'xnor', a: '-110', bits: 8, b: '56' },
    { hex: '55', unsigned: '85', signed: '85' },
  ],
  [
    { do: 'bits', op: 'xnor', a: '110', bits: 8, b: '-11' },
    { hex: '64', unsigned: '100', signed: '100' },
  ],
  [
    { do: 'bits', op: 'xnor', a: '-17237', bits: 16, b: '462' },
    { hex: '429A', unsigned: '17050', signed: '17050' },
  ],
  [
    { do: 'bits', op: 'xnor', a: '-2225', bits: 16, b: '-4172' },
    { hex: 'E704', unsigned: '59140', signed: '-6396' },
  ],
  [
    { do: 'bits', op: 'xnor', a: '2029392567', bits: 32, b: '161182366' },
    { hex: '8E929FD6', unsigned: '2391973846', signed: '-1902993450' },
  ],
  [
    { do: 'bits', op: 'xnor', a: '1586624626', bits: 32, b: '1797214788' },
    { hex: 'CA7155C9', unsigned: '3396425161', signed: '-898542135' },
  ],
  [
    { do: 'bits', op: 'not', a: '73', bits: 8 },
    { hex: 'B6', unsigned: '182', signed: '-74' },
  ],
  [
    { do: 'bits', op: 'not', a: '-108', bits: 8 },
    { hex: '6B', unsigned: '107', signed: '107' },
  ],
  [
    { do: 'bits', op: 'not', a: '17994', bits: 16 },
    { hex: 'B9B5', unsigned: '47541', signed: '-17995' },
  ],
  [
    { do: 'bits', op: 'not', a: '29514', bits: 16 },
    { hex: '8CB5', unsigned: '36021', signed: '-29515' },
  ],
  [
    { do: 'bits', op: 'not', a: '1988278652', bits: 32 },
    { hex: '897D4683', unsigned: '2306688643', signed: '-1988278653' },
  ],
  [
    { do: 'bits', op: 'not', a: '-2108558665', bits: 32 },
    { hex: '7DAE0D48', unsigned: '2108558664', signed: '2108558664' },
  ],
  [
    { do: 'bits', op: 'neg', a: '-74', bits: 8 },
    { hex: '4A', unsigned: '74', signed: '74' },
  ],
  [
    { do: 'bits', op: 'neg', a: '-76', bits: 8 },
    { hex: '4C', unsigned: '76', signed: '76' },
  ],
  [
    { do: 'bits', op: 'neg', a: '-17072', bits: 16 },
    { hex: '42B0', unsigned: '17072', signed: '17072' },
  ],
  [
    { do: 'bits', op: 'neg', a: '-14297', bits: 16 },
    { hex: '37D9', unsigned: '14297', signed: '14297' },
  ],
  [
    { do: 'bits', op: 'neg', a: '897463862', bits: 32 },
    { hex: 'CA81C9CA', unsigned: '3397503434', signed: '-897463862' },
  ],
  [
    { do: 'bits', op: 'neg', a: '1219535114', bits: 32 },
    { hex: 'B74F5EF6', unsigned: '3075432182', signed: '-1219535114' },
  ],
  [
    { do: 'bits', op: 'shl', a: '56', bits: 8, b: '7' },
    { hex: '0', unsigned: '0', signed: '0' },
  ],
  [
    { do: 'bits', op: 'shl', a: '-29', bits: 8, b: '6' },
    { hex: 'C0', unsigned: '192', signed: '-64' },
  ],
  [
    { do: 'bits', op: 'shl', a: '14094', bits: 16, b: '10' },
    { hex: '3800', unsigned: '14336', signed: '14336' },
  ],
  [
    { do: 'bits', op: 'shl', a: '-4050', bits: 16, b: '8' },
    { hex: '2E00', unsigned: '11776', signed: '11776' },
  ],
  [
    { do: 'bits', op: 'shl', a: '1857351559', bits: 32, b: '1' },
    { hex: 'DD69DF0E', unsigned: '3714703118', signed: '-580264178' },
  ],
  [
    { do: 'bits', op: 'shl', a: '-1132668078', bits: 32, b: '16' },
    { hex: 'DB520000', unsigned: '3679584256', signed: '-615383040' },
  ],
  [
    { do: 'bits', op: 'shr', a: '-58', bits: 8, b: '1' },
    { hex: '63', unsigned: '99', signed: '99' },
  ],
  [
    { do: 'bits', op: 'shr', a: '-91', bits: 8, b: '1' },
    { hex: '52', unsigned: '82', signed: '82' },
  ],
  [
    { do: 'bits', op: 'shr', a: '-1200', bits: 16, b: '7' },
    { hex: '1F6', unsigned: '502', signed: '502' },
  ],
  [
    { do: 'bits', op: 'shr', a: '-1022', bits: 16, b: '1' },
    { hex: '7E01', unsigned: '32257', signed: '32257' },
  ],
  [
    { do: 'bits', op: 'shr', a: '7987142', bits: 32, b: '4' },
    { hex: '79DFC', unsigned: '499196', signed: '499196' },
  ],
  [
    { do: 'bits', op: 'shr', a: '-1636581316', bits: 32, b: '6' },
    { hex: '279CF00', unsigned: '41537280', signed: '41537280' },
  ],
  [
    { do: 'bits', op: 'sar', a: '100', bits: 8, b: '6' },
    { hex: '1', unsigned: '1', signed: '1' },
  ],
  [
    { do: 'bits', op: 'sar', a: '-123', bits: 8, b: '5' },
    { hex: 'FC', unsigned: '252', signed: '-4' },
  ],
  [
    { do: 'bits', op: 'sar', a: '32758', bits: 16, b: '13' },
    { hex: '3', unsigned: '3', signed: '3' },
  ],
  [
    { do: 'bits', op: 'sar', a: '-17242', bits: 16, b: '10' },
    { hex: 'FFEF', unsigned: '65519', signed: '-17' },
  ],
  [
    { do: 'bits', op: 'sar', a: '404120460', bits: 32, b: '8' },
    { hex: '181663', unsigned: '1578595', signed: '1578595' },
  ],
  [
    { do: 'bits', op: 'sar', a: '-497922833', bits: 32, b: '15' },
    { hex: 'FFFFC4A4', unsigned: '4294952100', signed: '-15196' },
  ],
  [
    { do: 'bits', op: 'rol', a: '-57', bits: 8, b: '7' },
    { hex: 'E3', unsigned: '227', signed: '-29' },
  ],
  [
    { do: 'bits', op: 'rol', a: '-119', bits: 8, b: '6' },
    { hex: '62', unsigned: '98', signed: '98' },
  ],
  [
    { do: 'bits', op: 'rol', a: '-3087', bits: 16, b: '1' },
    { hex: 'E7E3', unsigned: '59363', signed: '-6173' },
  ],
  [
    { do: 'bits', op: 'rol', a: '-21090', bits: 16, b: '13' },
    { hex: 'D5B3', unsigned: '54707', signed: '-10829' },
  ],
  [
    { do: 'bits', op: 'rol', a: '1871553700', bits: 32, b: '6' },
    { hex: 'E369291B', unsigned: '3815319835', signed: '-479647461' },
  ],
  [
    { do: 'bits', op: 'rol', a: '-821372777', bits: 32, b: '18' },
    { hex: '625F3C2B', unsigned: '1650408491', signed: '1650408491' },
  ],
  [
    { do: 'bits', op: 'ror', a: '61', bits: 8, b: '5' },
    { hex: 'E9', unsigned: '233', signed: '-23' },
  ],
  [
    { do: 'bits', op: 'ror', a: '37', bits: 8, b: '3' },
    { hex: 'A4', unsigned: '164', signed: '-92' },
  ],
  [
    { do: 'bits', op: 'ror', a: '-17930', bits: 16, b: '10' },
    { hex: '7DAE', unsigned: '32174', signed: '32174' },
  ],
  [
    { do: 'bits', op: 'ror', a: '-27057', bits: 16, b: '11' },
    { hex: 'C9F2', unsigned: '51698', signed: '-13838' },
  ],
  [
    { do: 'bits', op: 'ror', a: '-196471014', bits: 32, b: '8' },
    { hex: '1AF44A17', unsigned: '452217367', signed: '452217367' },
  ],
  [
    { do: 'bits', op: 'ror', a: '1783382653', bits: 32, b: '27' },
    { hex: '49884FAD', unsigned: '1233670061', signed: '1233670061' },
  ],
  [
    { do: 'bits', op: 'add', a: '45', bits: 8, b: '4' },
    { hex: '31', unsigned: '49', signed: '49' },
  ],
  [
    { do: 'bits', op: 'add', a: '68', bits: 8, b: '21' },
    { hex: '59', unsigned: '89', signed: '89' },
  ],
  [
    { do: 'bits', op: 'add', a: '-32253', bits: 16, b: '19797' },
    { hex: 'CF58', unsigned: '53080', signed: '-12456' },
  ],
  [
    { do: 'bits', op: 'add', a: '8884', bits: 16, b: '15151' },
    { hex: '5DE3', unsigned: '24035', signed: '24035' },
  ],
  [
    { do: 'bits', op: 'add', a: '-1952573457', bits: 32, b: '-1706321610' },
    { hex: '25E9B125', unsigned: '636072229', signed: '636072229' },
  ],
  [
    { do: 'bits', op: 'add', a: '648581090', bits: 32, b: '-1712176009' },
    { hex: 'C09AD459', unsigned: '3231372377', signed: '-1063594919' },
  ],
  [
    { do: 'bits', op: 'sub', a: '9', bits: 8, b: '-34' },
    { hex: '2B', unsigned: '43', signed: '43' },
  ],
  [
    { do: 'bits', op: 'sub', a: '-5', bits: 8, b: '58' },
    { hex: 'C1', unsigned: '193', signed: '-63' },
  ],
  [
    { do: 'bits', op: 'sub', a: '9318', bits: 16, b: '6896' },
    { hex: '976', unsigned: '2422', signed: '2422' },
  ],
  [
    { do: 'bits', op: 'sub', a: '-11871', bits: 16, b: '-15528' },
    { hex: 'E49', unsigned: '3657', signed: '3657' },
  ],
  [
    { do: 'bits', op: 'sub', a: '1578708896', bits: 32, b: '2089847570' },
    { hex: 'E188A48E', unsigned: '3783828622', signed: '-511138674' },
  ],
  [
    { do: 'bits', op: 'sub', a: '-1509148233', bits: 32, b: '565712130' },
    { hex: '845424B5', unsigned: '2220106933', signed: '-2074860363' },
  ],
  [
    { do: 'bits', op: 'mul', a: '101', bits: 8, b: '22' },
    { hex: 'AE', unsigned: '174', signed: '-82' },
  ],
  [
    { do: 'bits', op: 'mul', a: '-113', bits: 8, b: '-75' },
    { hex: '1B', unsigned: '27', signed: '27' },
  ],
  [
    { do: 'bits', op: 'mul', a: '-13477', bits: 16, b: '-7373' },
    { hex: '3421', unsigned: '13345', signed: '13345' },
  ],
  [
    { do: 'bits', op: 'mul', a: '-28692', bits: 16, b: '23778' },
    { hex: 'DE58', unsigned: '56920', signed: '-8616' },
  ],
  [
    { do: 'bits', op: 'mul', a: '828135219', bits: 32, b: '-2039835918' },
    { hex: '20238436', unsigned: '539198518', signed: '539198518' },
  ],
  [
    { do: 'bits', op: 'mul', a: '915597171', bits: 32, b: '253145989' },
    { hex: 'B309A7BF', unsigned: '3003754431', signed: '-1291212865' },
  ],
];
