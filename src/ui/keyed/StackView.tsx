import { View } from '@tamagui/core';
import { memo, useEffect, useRef } from 'react';
import type { Operand } from '@/core/keyed/operand';
import type { SavedForm } from '@/core/notebook/schema';
import { levelName } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { MarginRow } from '../control/MarginRow';
import type { NumberLayout } from '../formula/typeset';
import { FormValue } from '../line/ResultForms';
import { Words } from '../theme/text';
import { KEYED_AREA_ID } from './area';
import { KeyedNumber } from './KeyedNumber';
import { SourceText } from './SourceText';

export type LevelView = Readonly<{ operand: Operand<unknown>; form: SavedForm | null }>;

/** A level: its number in the margin, the value at the right edge, and below it how it was made. */
export const Level = memo(function Level({
  level,
  view,
  shown,
  onOpen,
}: Readonly<{ level: number; view: LevelView; shown: NumberLayout; onOpen: (level: number) => void }>) {
  const { operand, form } = view;
  const value = form?.text ?? operand.sourceText;
  const isTold = form !== null && form.typed !== operand.sourceText;
  return (
    <View role="listitem" borderBottomWidth={1} borderColor="$grid">
      <MarginRow
        name={levelName(level, value, operand.sourceText)}
        ground="$card"
        onOpen={() => onOpen(level)}
        mark={
          <Words size="small" tone="muted">
            {level}
          </Words>
        }
      >
        <View
          flex={1}
          minWidth={0}
          alignItems="flex-end"
          justifyContent="center"
          paddingHorizontal="$3"
          paddingVertical="$2"
          gap="$1"
        >
          {form === null ? (
            <SourceText text={operand.sourceText} shown={shown} isCut />
          ) : (
            <FormValue form={form} shown={shown} isChosen={level === 1} />
          )}
          {isTold ? <SourceText text={operand.sourceText} shown={shown} isCut /> : null}
        </View>
      </MarginRow>
    </View>
  );
});

type Props = Readonly<{
  /** The last is the top. */
  levels: readonly LevelView[];
  entry: string;
  /** The number being keyed takes the place of the top. */
  replaces: boolean;
  shown: NumberLayout;
  onOpen: (level: number) => void;
}>;

/** The stack, the top at the bottom, and below it the number being keyed. */
export function StackView({ levels, entry, replaces, shown, onOpen }: Props) {
  const scroller = useRef<HTMLElement | null>(null);
  const isReplaced = replaces && entry !== '';
  const seen = isReplaced ? levels.slice(0, -1) : levels;
  useEffect(() => {
    const node = scroller.current;
    if (node !== null) node.scrollTop = node.scrollHeight;
  }, [levels, entry]);
  const offset = entry === '' ? 0 : 1;
  return (
    <View
      ref={scroller as never}
      className="scroll-y stack"
      flexShrink={1}
      minHeight={0}
      id={KEYED_AREA_ID}
      tabIndex={0}
      role="region"
      aria-label={words.stack}
    >
      {seen.length === 0 && entry === '' ? (
        <View padding="$4">
          <Words tone="muted" textAlign="center">
            {words.emptyStack}
          </Words>
        </View>
      ) : (
        <View role="list" aria-label={words.stack}>
          {seen.map((view, i) => (
            <Level key={i} level={seen.length - i + offset} view={view} shown={shown} onOpen={onOpen} />
          ))}
        </View>
      )}
      {entry === '' ? null : (
        <View flexDirection="row" borderBottomWidth={2} borderColor="$accent" minHeight={48}>
          <View width="$gutter" alignItems="center" justifyContent="center" borderRightWidth={1} borderColor="$margin">
            <Words size="small" tone="muted">
              1
            </Words>
          </View>
          <View flex={1} alignItems="flex-end" justifyContent="center" paddingHorizontal="$3">
            <KeyedNumber entry={entry} shown={shown} size={24} name={words.keyed} />
          </View>
        </View>
      )}
    </View>
  );
}
