import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';

/** The lines of the demo notebook: the Velm Quay survey, an invented small harbour. */
export const velmQuay: readonly Readonly<{
  text: string;
  angle: AngleUnit;
  about: string;
  form?: FormId;
}>[] = [
  { about: 'a bearing to the outer mark, 12.4 cables off', angle: 'deg', text: '12.4*sin(73°24\'36")' },
  { about: 'two of a dozen catches, weighed in dozens', angle: 'deg', text: '6/84+2/7' },
  { about: 'the chandler’s price with discount and tax', angle: 'deg', text: '48.50-15%+20%', form: 'decimal' },
  { about: 'mooring ropes over two diagonals', angle: 'deg', text: 'B:=2sqrt(11)+5sqrt(11)' },
  { about: 'the tide’s rise an eighth of its period in', angle: 'rad', text: 'sin(pi/4)' },
  { about: 'mussels in a basket shared out in six', angle: 'deg', text: '17/6', form: 'recurring' },
];

/** The line that is being written when the demo is opened. */
export const velmQuayLine = '−4^2+2/5';
