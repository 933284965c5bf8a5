import { View } from '@tamagui/core';
import type { TapeLine } from '@/core/notebook/schema';
import type { Shown } from '../formula/typeset';
import { grouped } from '@/core/language/numerals';
import { Words } from '../theme/text';

type Step = NonNullable<TapeLine['addition']>;

/** A number of the list: whole part and decimals on either side of one point, so that the points stand below each other. */
function Term({ sign, term, shown }: Readonly<{ sign: string; term: string; shown: Shown }>) {
  const isNumber = /^\d+(\.\d+)?$/.test(term);
  const [whole = '', decimals] = isNumber ? term.split('.') : [term.replaceAll('*', '×')];
  const text = isNumber && shown.grouping ? grouped(whole) : whole;
  return (
    <View flexDirection="row" justifyContent="flex-end" alignItems="baseline">
      <Words width={20} tone="muted">
        {sign}
      </Words>
      <Words flexGrow={1} minWidth={70} textAlign="right" className="tabular">
        {text}
      </Words>
      <Words width={44} className="tabular">
        {decimals === undefined ? '' : shown.decimalSign + decimals}
      </Words>
    </View>
  );
}

/** A step of an adding list: the number added or taken away, below the one that the list begins with. */
export function Addition({ step, isFirst, shown }: Readonly<{ step: Step; isFirst: boolean; shown: Shown }>) {
  return (
    <View paddingVertical={2} minWidth={140}>
      {isFirst ? <Term sign="" term={step.first} shown={shown} /> : null}
      <Term sign={step.sign} term={step.term} shown={shown} />
    </View>
  );
}
