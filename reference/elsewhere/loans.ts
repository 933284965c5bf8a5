import type { Told } from './worked';

/**
 * Loans by the formula of the annuity, with mpmath 1.3 at 60 digits; the rate by a root found there.
 */
export const loansElsewhere: readonly Told[] = [
  [
    { do: 'loan', solve: 'payment', amount: '216937', ratePerPeriod: '1/400', periods: 360, when: 'begin' },
    { value: '912.33430688444678221818538477' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '1679', ratePerPeriod: '1/400', periods: 360, when: 'begin' },
    { value: '399236.57397455850663187622524' },
  ],
  [
    {
      do: 'loan',
      solve: 'balance',
      amount: '216937',
      payment: '1679',
      ratePerPeriod: '1/400',
      periods: 360,
      when: 'begin',
    },
    { value: '-447881.288478383299511709450156' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '368921', ratePerPeriod: '1/1000', periods: 240 },
    { value: '1729.76746096946377384943564374' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '237', ratePerPeriod: '1/1000', periods: 240 },
    { value: '50546.838793577878327656213025' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '368921', payment: '237', ratePerPeriod: '1/1000', periods: 240 },
    { value: '404684.349236569075164894363788' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '289606', ratePerPeriod: '1/400', periods: 12 },
    { value: '24527.8033226509507488702703456' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '1153', ratePerPeriod: '1/400', periods: 12 },
    { value: '13613.7636790178967800107351726' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '289606', payment: '1153', ratePerPeriod: '1/400', periods: 12 },
    { value: '284386.80428938362491611835096' },
  ],
  [
    {
      do: 'loan',
      solve: 'payment',
      amount: '195563',
      ratePerPeriod: '1/40',
      periods: 60,
      balance: '1000',
      when: 'begin',
    },
    { value: '6165.63294292997634674233916141' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '353', ratePerPeriod: '1/40', periods: 60, balance: '1000', when: 'begin' },
    { value: '11410.808220579505600100211008' },
  ],
  [
    {
      do: 'loan',
      solve: 'balance',
      amount: '195563',
      payment: '353',
      ratePerPeriod: '1/40',
      periods: 60,
      when: 'begin',
    },
    { value: '811230.925612916928350226551498' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '172759', ratePerPeriod: '1/1200', periods: 120, balance: '1000' },
    { value: '1505.5129615749405578888547221' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '2798', ratePerPeriod: '1/1200', periods: 120, balance: '1000' },
    { value: '320296.241194843718156529381021' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '172759', payment: '2798', ratePerPeriod: '1/1200', periods: 120 },
    { value: '-162047.078303892858460554059123' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '42663', ratePerPeriod: '7/1000', periods: 12 },
    { value: '3719.08236933704717100265625963' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '1087', ratePerPeriod: '7/1000', periods: 12 },
    { value: '12469.3879819248574584495054315' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '42663', payment: '1087', ratePerPeriod: '7/1000', periods: 12 },
    { value: '32829.8362689932838365052934491' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '249046', ratePerPeriod: '1/100', periods: 60, when: 'begin' },
    { value: '5485.0403149842060559692412499' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '1469', ratePerPeriod: '1/100', periods: 60, when: 'begin' },
    { value: '66699.3409329304894375390202151' },
  ],
  [
    {
      do: 'loan',
      solve: 'balance',
      amount: '249046',
      payment: '1469',
      ratePerPeriod: '1/100',
      periods: 60,
      when: 'begin',
    },
    { value: '331268.573521336915608293224295' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '285191', ratePerPeriod: '3/250', periods: 12 },
    { value: '25660.1837923713342535272729663' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '725', ratePerPeriod: '3/250', periods: 12 },
    { value: '8057.75502907621105129348465163' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '285191', payment: '725', ratePerPeriod: '3/250', periods: 12 },
    { value: '319782.561554224643756280729259' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '95551', ratePerPeriod: '19/1200', periods: 360 },
    { value: '1518.20266500356924821598500311' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '740', ratePerPeriod: '19/1200', periods: 360 },
    { value: '46573.3209603039184872264325046' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '95551', payment: '740', ratePerPeriod: '19/1200', periods: 360 },
    { value: '13998569.1301948908412311130798' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '225975', ratePerPeriod: '7/1000', periods: 240, when: 'begin' },
    { value: '1933.25201923359625201855676052' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '2236', ratePerPeriod: '7/1000', periods: 240, when: 'begin' },
    { value: '261362.768523220994942502607214' },
  ],
  [
    {
      do: 'loan',
      solve: 'balance',
      amount: '225975',
      payment: '2236',
      ratePerPeriod: '7/1000',
      periods: 240,
      when: 'begin',
    },
    { value: '-188767.016032706146431182875558' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '336453', ratePerPeriod: '7/1200', periods: 360, balance: '1000' },
    { value: '2237.61051248675857503820445673' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '2821', ratePerPeriod: '7/1200', periods: 360, balance: '1000' },
    { value: '424140.855034441072835465344899' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '336453', payment: '2821', ratePerPeriod: '7/1200', periods: 360 },
    { value: '-710718.254006740291589661150872' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '383914', ratePerPeriod: '1/1000', periods: 120 },
    { value: '3396.67601053691330241766602075' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '98', ratePerPeriod: '1/1000', periods: 120 },
    { value: '11076.5854274258067782712709664' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '383914', payment: '98', ratePerPeriod: '1/1000', periods: 120 },
    { value: '420347.806258874794017301786363' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '371098', ratePerPeriod: '1/400', periods: 36, when: 'begin' },
    { value: '10765.066066349942880159664186' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '1314', ratePerPeriod: '1/400', periods: 36, when: 'begin' },
    { value: '45296.7746778850763633834210983' },
  ],
  [
    {
      do: 'loan',
      solve: 'balance',
      amount: '371098',
      payment: '1314',
      ratePerPeriod: '1/400',
      periods: 36,
      when: 'begin',
    },
    { value: '356443.286937175390104685989028' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '63045', ratePerPeriod: '19/1000', periods: 240, balance: '1000' },
    { value: '1210.86941083426701944657685828' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '2149', ratePerPeriod: '19/1000', periods: 240, balance: '1000' },
    { value: '111881.149225480595330361897306' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '63045', payment: '2149', ratePerPeriod: '19/1000', periods: 240 },
    { value: '-4471450.81978896375108046428689' },
  ],
  [
    { do: 'loan', solve: 'payment', amount: '316678', ratePerPeriod: '1/48', periods: 6 },
    { value: '56694.2947673566053380123867062' },
  ],
  [
    { do: 'loan', solve: 'amount', payment: '2896', ratePerPeriod: '1/48', periods: 6 },
    { value: '16176.2218184967492171900927526' },
  ],
  [
    { do: 'loan', solve: 'balance', amount: '316678', payment: '2896', ratePerPeriod: '1/48', periods: 6 },
    { value: '340076.092684496413860137897591' },
  ],
  [
    {
      do: 'loan',
      solve: 'payment',
      amount: '294814',
      ratePerPeriod: '3/250',
      periods: 120,
      balance: '1000',
      when: 'begin',
    },
    { value: '4589.79572767581436885189331444' },
  ],
  [
    {
      do: 'loan',
      solve: 'amount',
      payment: '561',
      ratePerPeriod: '3/250',
      periods: 120,
      balance: '1000',
      when: 'begin',
    },
    { value: '36244.1847868974705333074619534' },
  ],
  [
    {
      do: 'loan',
      solve: 'balance',
      amount: '294814',
      payment: '561',
      ratePerPeriod: '3/250',
      periods: 120,
      when: 'begin',
    },
    { value: '1083030.05849023850302629049839' },
  ],
  [
    { do: 'loan', solve: 'rate', amount: 1000, payment: 50, periods: 24 },
    { value: '0.0151308439023100185581909025372' },
  ],
  [
    { do: 'loan', solve: 'rate', amount: 20000, payment: 400, periods: 60 },
    { value: '0.00618341316125396332506175073599' },
  ],
  [
    { do: 'loan', solve: 'rate', amount: 150000, payment: 900, periods: 240 },
    { value: '0.00323848946979299531241094991583' },
  ],
  [
    { do: 'loan', solve: 'rate', amount: 12000, payment: 1100, periods: 12 },
    { value: '0.0149766645816962656184071580826' },
  ],
  [
    { do: 'loan', solve: 'rate', amount: 999, payment: 100, periods: 10 },
    { value: '0.000181950527528438786104173217045' },
  ],
  [
    { do: 'loan', solve: 'term', amount: 1000, payment: 50, ratePerPeriod: '0.01' },
    { value: '22.425741878036462231201378967' },
  ],
  [
    { do: 'loan', solve: 'term', amount: 20000, payment: 400, ratePerPeriod: '0.004' },
    { value: '55.8973853714123431334784065788' },
  ],
  [
    { do: 'loan', solve: 'term', amount: 5000, payment: 75, ratePerPeriod: '1/120' },
    { value: '97.7165302422145973623439750612' },
  ],
  [
    { do: 'loan', solve: 'term', amount: 300, payment: 25, ratePerPeriod: '0.02' },
    { value: '13.8586078300177950712065260503' },
  ],
];
