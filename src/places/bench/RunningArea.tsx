import { View } from '@tamagui/core';
import { memo } from 'react';
import type { FormId } from '@/core/format/form';
import { printText, TYPED } from '@/core/language/print-text';
import { chainTree, currentOf } from '@/core/running/chain';
import { depthOf } from '@/core/running/running';
import { TOTAL } from '@/core/memory/shelf';
import { totalKeys } from '@/keys/decks';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { useStore } from '@/state/app-store';
import { runningSettings } from '@/state/slices/bench/keyed-actions';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { shownForm } from '@/state/slices/tape/line';
import { openBrackets, styleNames } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { KEYED_AREA_ID } from '@/ui/keyed/area';
import { KeyedNumber } from '@/ui/keyed/KeyedNumber';
import { SourceText } from '@/ui/keyed/SourceText';
import { Refused } from '@/ui/keyed/Refused';
import { FormValue, ResultForms } from '@/ui/line/ResultForms';
import { Margin } from '@/ui/tape/Margin';
import { Words } from '@/ui/theme/text';
import { KeyRow } from './KeyRow';

type Props = Readonly<{
  onPress: (action: KeyAction) => void;
  onExplain: (id: KeyId, by: 'point' | 'hold') => void;
}>;

/** What the running total holds, before the keys that act on it. */
function Total() {
  const kept = useStore((s) => s.document.shelf[TOTAL]);
  const settings = useStore((s) => s.settings);
  const formsCache = useStore((s) => s.formsCache);
  const known = formsOfHolder({ formsCache }, kept ?? null);
  return (
    <View flex={1} minWidth={76} paddingLeft="$3" justifyContent="center">
      <Words size="small" tone="muted">
        {words.runningTotal}
      </Words>
      {kept === undefined ? (
        <Words size="medium" tone="muted">
          —
        </Words>
      ) : known.length === 0 ? (
        <Words size="medium">{kept.typed}</Words>
      ) : (
        <Words tone="answer" numberOfLines={1}>
          {shownForm(known, null, settings).text}
        </Words>
      )}
    </View>
  );
}

/** Forms that say something about a number and do not write it; a plain desk has no room for them. */
const BESIDE: ReadonlySet<FormId> = new Set(['factors', 'remainder']);

/** The Running style: what is pending, the number shown, and the running total. */
export const RunningArea = memo(function RunningArea({ onPress, onExplain }: Props) {
  const running = useStore((s) => s.document.running);
  const settings = useStore((s) => s.settings);
  const formsCache = useStore((s) => s.formsCache);
  const refused = useStore((s) => s.refused);
  const chosen = useStore((s) => s.chosen);
  const { chooseForm } = useStore.getState();
  const { display } = settings;
  const current = currentOf(running);
  const known = (running.entry === '' ? formsOfHolder({ formsCache }, running.shown) : []).filter(
    ({ id }) => !BESIDE.has(id),
  );
  const form = known.length === 0 ? null : shownForm(known, chosen, settings);
  const chain = printText(chainTree(running, runningSettings({ settings })), TYPED);
  const depth = depthOf(running);
  return (
    <View
      id={KEYED_AREA_ID}
      tabIndex={0}
      role="region"
      aria-label={styleNames.running}
      backgroundColor="$card"
      borderTopWidth={1}
      borderColor="$rule"
    >
      <View flexDirection="row">
        <Margin>{settings.angle}</Margin>
        <View flex={1} minWidth={0} paddingHorizontal="$3" paddingVertical="$2" gap={4}>
          <View flexDirection="row" alignItems="center" justifyContent="space-between" gap="$2" minHeight={26}>
            <View role="group" aria-label={words.pending} flex={1} minWidth={0}>
              <SourceText text={chain} shown={display} />
            </View>
            {depth === 0 ? null : (
              <Words size="medium" tone="accent">
                {openBrackets(depth)}
              </Words>
            )}
          </View>
          <View
            role="group"
            aria-label={words.shownNumber}
            aria-live="polite"
            minHeight={44}
            alignItems="flex-end"
            justifyContent="center"
            borderBottomWidth={2}
            borderColor="$accent"
          >
            {form !== null ? (
              <FormValue form={form} shown={display} isChosen isLarge />
            ) : running.entry === '' && running.shown !== null ? (
              <SourceText text={current.sourceText} shown={display} />
            ) : (
              <KeyedNumber
                entry={running.entry === '' ? '0' : running.entry}
                shown={display}
                size={30}
                name={words.keyed}
              />
            )}
          </View>
          {known.length < 2 ? null : (
            <ResultForms forms={known} chosen={form?.id ?? null} onChoose={chooseForm} shown={display} isEndwards />
          )}
          {refused === null ? null : <Refused {...refused} />}
        </View>
      </View>
      <View flexDirection="row" borderTopWidth={1} borderColor="$grid">
        <Total />
        <View flexBasis={282} flexGrow={0}>
          <KeyRow name={words.totalTools} ids={totalKeys} onPress={onPress} onExplain={onExplain} />
        </View>
      </View>
    </View>
  );
});
