import { View } from '@tamagui/core';
import { memo } from 'react';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import { Words } from '../theme/text';
import { Formula } from './Formula';
import { CORE_SPELLING, typeset } from './typeset';
import type { NumberLayout } from './typeset';

type Term = Readonly<{ sign: string; text: string }>;

/** The terms of a sum, each behind its sign; a text that is no sum is one term. */
export function termsOf(text: string): readonly Term[] {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) return [{ sign: '', text }];
  const terms: Term[] = [];
  let node: Tree = reading.value.tree;
  while (node.kind === 'binary' && (node.op === 'plus' || node.op === 'minus')) {
    terms.unshift({ sign: node.op === 'plus' ? '+' : '−', text: printText(node.right, TYPED) });
    node = node.left;
  }
  return [{ sign: '', text: printText(node, TYPED) }, ...terms];
}

type Props = Readonly<{
  /** What stands before the first term, such as `y =`. */
  lead: string;
  /** Typed text of the core's own spelling. */
  text: string;
  shown: NumberLayout;
}>;

/** A long sum, broken between its terms where the page is narrow. */
export const WrappedFormula = memo(function WrappedFormula({ lead, text, shown }: Props) {
  return (
    <View flexDirection="row" flexWrap="wrap" columnGap={6} rowGap={2} className="baseline">
      {termsOf(text).map((term, i) => {
        const markup = typeset(term.text, CORE_SPELLING, shown);
        return (
          <View key={i} flexDirection="row" columnGap={6} maxWidth="100%" className="baseline scroll-x">
            <Words tone="answer">{i === 0 ? lead : term.sign}</Words>
            {markup === null ? <Words tone="answer">{term.text}</Words> : <Formula markup={markup} size="tape" />}
          </View>
        );
      })}
    </View>
  );
});
