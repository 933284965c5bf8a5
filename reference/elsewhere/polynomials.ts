import type { Told } from './worked';

/**
 * Polynomials made from their roots, and irreducible ones (SymPy 1.14) whose real roots mpmath 1.3 finds at 60 digits.
 */
export const polynomialsElsewhere: readonly Told[] = [
  [
    { do: 'polynomial', coefficients: ['3', '-17', '-115', '225'] },
    {
      roots: [
        { exact: '-5', multiplicity: 1 },
        { exact: '5/3', multiplicity: 1 },
        { exact: '9', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['6', '-29', '-31', '156', '108', '0'] },
    {
      roots: [
        { exact: '-2', multiplicity: 1 },
        { exact: '-2/3', multiplicity: 1 },
        { exact: '0', multiplicity: 1 },
        { exact: '3', multiplicity: 1 },
        { exact: '9/2', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['1', '9', '11', '-69', '-180', '-108'] },
    {
      roots: [
        { exact: '-6', multiplicity: 1 },
        { exact: '-3', multiplicity: 1 },
        { exact: '-2', multiplicity: 1 },
        { exact: '-1', multiplicity: 1 },
        { exact: '3', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['1', '-6', '0'] },
    {
      roots: [
        { exact: '0', multiplicity: 1 },
        { exact: '6', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['9', '-132', '484', '-198', '-253', '90'] },
    {
      roots: [
        { exact: '-2/3', multiplicity: 1 },
        { exact: '1/3', multiplicity: 1 },
        { exact: '1', multiplicity: 1 },
        { exact: '5', multiplicity: 1 },
        { exact: '9', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['3', '-22', '-21', '40', '0'] },
    {
      roots: [
        { exact: '-5/3', multiplicity: 1 },
        { exact: '0', multiplicity: 1 },
        { exact: '1', multiplicity: 1 },
        { exact: '8', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['2', '1', '-10'] },
    {
      roots: [
        { exact: '-5/2', multiplicity: 1 },
        { exact: '2', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['4', '28', '-27', '-252', '324'] },
    {
      roots: [
        { exact: '-6', multiplicity: 1 },
        { exact: '-9/2', multiplicity: 1 },
        { exact: '3/2', multiplicity: 1 },
        { exact: '2', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['18', '-159', '383', '-16', '-576'] },
    {
      roots: [
        { exact: '-1', multiplicity: 1 },
        { exact: '8/3', multiplicity: 2 },
        { exact: '9/2', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['1', '20', '146', '460', '525'] },
    {
      roots: [
        { exact: '-7', multiplicity: 1 },
        { exact: '-5', multiplicity: 2 },
        { exact: '-3', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['2', '-1', '-54', '-72'] },
    {
      roots: [
        { exact: '-4', multiplicity: 1 },
        { exact: '-3/2', multiplicity: 1 },
        { exact: '6', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['4', '76', '481', '1194', '945', '0'] },
    {
      roots: [
        { exact: '-9', multiplicity: 1 },
        { exact: '-5', multiplicity: 1 },
        { exact: '-7/2', multiplicity: 1 },
        { exact: '-3/2', multiplicity: 1 },
        { exact: '0', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['1', '-4', '-41', '36', '288'] },
    {
      roots: [
        { exact: '-4', multiplicity: 1 },
        { exact: '-3', multiplicity: 1 },
        { exact: '3', multiplicity: 1 },
        { exact: '8', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['9', '54', '-16', '-96'] },
    {
      roots: [
        { exact: '-6', multiplicity: 1 },
        { exact: '-4/3', multiplicity: 1 },
        { exact: '4/3', multiplicity: 1 },
      ],
    },
  ],
  [
    { do: 'polynomial', coefficients: ['-1', '4', '9', '3', '-4', '-4'], digits: 25 },
    { real: ['-1.163252752645951839451599', '0.7725632139235697885908588', '5.658302638882220900488657'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['8', '5', '4', '2', '-4', '-8', '7'], digits: 25 },
    { real: [], degree: 6 },
  ],
  [
    { do: 'polynomial', coefficients: ['-2', '-9', '9', '-4'], digits: 25 },
    { real: ['-5.401627951949482953377321'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['6', '1', '7', '8', '1'], digits: 25 },
    { real: ['-0.7082746675463669494666685', '-0.1427876318913470875908664'], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['5', '9', '-1', '-1', '1', '7'], digits: 25 },
    { real: ['-1.924006140709477871950798'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['5', '1', '6', '5', '1'], digits: 25 },
    { real: [], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['7', '7', '-9', '7'], digits: 25 },
    { real: ['-1.932858261113745952880571'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['6', '7', '8', '-1'], digits: 25 },
    { real: ['0.1127920092110763793507938'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['-7', '-7', '4', '-1', '-3', '-4'], digits: 25 },
    { real: ['-1.450505989033303438644367'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['-7', '4', '-3', '-2', '-9', '-4', '-9'], digits: 25 },
    { real: [], degree: 6 },
  ],
  [
    { do: 'polynomial', coefficients: ['2', '9', '2', '-3'], digits: 25 },
    { real: ['-4.174360549973730248497981', '-0.783985352328551698157499', '0.4583459023022819466554799'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['7', '4', '5', '3', '-6', '-5', '-3'], digits: 25 },
    { real: ['-0.9559365183165173764830429', '0.9175335377610415425945946'], degree: 6 },
  ],
  [
    { do: 'polynomial', coefficients: ['2', '-3', '9', '-3', '9', '-2', '-3'], digits: 25 },
    { real: ['-0.4213747922475820513262641', '0.6438758016933620942592449'], degree: 6 },
  ],
  [
    { do: 'polynomial', coefficients: ['-2', '1', '-6', '9'], digits: 25 },
    { real: ['1.182193251181123243306762'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['5', '1', '-9', '6', '-1'], digits: 25 },
    { real: ['-1.706777780586762903735552', '0.2643162626610704090127432'], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['-8', '6', '1', '2'], digits: 25 },
    { real: ['1.080050161745829397327369'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['6', '-2', '-6', '9', '-4', '7'], digits: 25 },
    { real: ['-1.478832379217250265716869'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['6', '-5', '-4', '-8', '1', '-6', '6'], digits: 25 },
    { real: ['0.6227094428182651662618179', '1.701246678361240978497292'], degree: 6 },
  ],
  [
    { do: 'polynomial', coefficients: ['6', '5', '-1', '6', '6', '8'], digits: 25 },
    { real: ['-1.422710667302364052895864'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['-6', '-8', '2', '-4'], digits: 25 },
    { real: ['-1.743744553203309500468331'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['7', '-5', '-7', '-2'], digits: 25 },
    { real: ['1.504925005476927624610503'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['-3', '9', '-9', '1'], digits: 25 },
    { real: ['0.1264195352637011309527796'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['5', '5', '-6', '6', '7', '-8'], digits: 25 },
    { real: ['-1.639193394207600063534636', '-1.16761602158281729125443', '0.7090049439399613812857442'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['-9', '0', '8', '-5', '-6'], digits: 25 },
    { real: [], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['4', '-9', '-5', '-8', '8'], digits: 25 },
    { real: ['0.5987356850441293988110956', '2.848729409653892015864827'], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['8', '5', '8', '4'], digits: 25 },
    { real: ['-0.5271851178333643927462918'], degree: 3 },
  ],
  [
    { do: 'polynomial', coefficients: ['1', '-6', '-8', '4', '1', '2'], digits: 25 },
    { real: ['-1.461886409179355716161439', '0.7475864159268188892698018', '7.050536285569039869461742'], degree: 5 },
  ],
  [
    { do: 'polynomial', coefficients: ['7', '2', '5', '3', '5'], digits: 25 },
    { real: [], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['2', '-8', '8', '6', '-2'], digits: 25 },
    { real: ['-0.6479607087128225042644853', '0.2635303020174620039815995'], degree: 4 },
  ],
  [
    { do: 'polynomial', coefficients: ['3', '4', '4', '8', '-2'], digits: 25 },
    { real: ['-1.65160374427157064299453', '0.2196923754851728601668461'], degree: 4 },
  ],
];
