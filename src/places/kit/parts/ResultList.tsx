import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import type { Form } from '@/core/format/form';
import type { ResultView } from '@/state/slices/kit/requests';
import { problemText } from '@/text/problems';
import { NoResult, ResultRow } from './ResultRow';

/** A text that was asked for, and what its result is called. */
export type Asked = Readonly<{
  text: string;
  name: string;
  sign?: string;
  note?: string | null;
  /** Where it came from, if it is another text than the one that is worked. */
  from?: string;
  most?: number;
  children?: ReactNode;
}>;

type Props = Readonly<{
  name: string;
  asked: readonly Asked[];
  views: readonly ResultView[] | null | undefined;
  /** Money and shares: a decimal that ends stands before the fraction. */
  hasDecimals?: boolean;
}>;

/** The forms with the decimal first, where it is all of the number. */
export function decimalFirst(forms: readonly Form[]): readonly Form[] {
  const decimal = forms.find(({ id, exact }) => id === 'decimal' && exact);
  return decimal === undefined ? forms : [decimal, ...forms.filter((form) => form !== decimal)];
}

/** Results one below the other, each found by its text. */
export function ResultList({ name, asked, views, hasDecimals = false }: Props) {
  const byText = new Map(views?.map((view) => [view.text, view]));
  return (
    <View role="list" aria-label={name}>
      {asked.map(({ text, name: called, from = text, children, ...row }) => {
        const view = byText.get(text);
        if (view === undefined || 'cell' in view) return null;
        if ('problem' in view) return <NoResult key={called} name={called} why={problemText(view.problem)} />;
        const { saved, full } = view.answer;
        const forms = hasDecimals ? decimalFirst(view.answer.forms) : view.answer.forms;
        return (
          <ResultRow key={called} result={{ name: called, forms, saved, full, from }} {...row}>
            {children}
          </ResultRow>
        );
      })}
    </View>
  );
}
