import { View } from '@tamagui/core';
import { useState } from 'react';
import type { FormId } from '@/core/format/form';
import { tableInSight } from '@/state/slices/columns/in-sight';

import { entered } from '@/core/stack/stack';
import { WithHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { levelOf } from '@/state/slices/bench/keyed-actions';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { shownForm } from '@/state/slices/tape/line';
import { operationNames } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { SourceText } from '@/ui/keyed/SourceText';
import { ResultForms } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { copy } from './copying';

/** What can be done with a level of the stack, counted from the top. */
export function LevelSheet({ level, onClose }: Readonly<{ level: number; onClose: () => void }>) {
  const operand = useStore((s) => levelOf(s, level));
  const settings = useStore((s) => s.settings);
  const formsCache = useStore((s) => s.formsCache);
  const [chosen, setChosen] = useState<FormId | null>(null);
  const table = useStore(tableInSight);
  const { pick, levelToLine, levelToColumn, ask } = useStore.getState();
  if (operand === undefined) return null;
  const known = formsOfHolder({ formsCache }, operand);
  const form = known.length === 0 ? null : shownForm(known, chosen, settings);
  const targets = table?.columns ?? [];
  const then = (act: () => void) => () => {
    onClose();
    act();
  };
  return (
    <Panel title={`${words.thisLevel}: ${level}`} onClose={onClose}>
      <View gap="$1">
        <Words size="medium" tone="muted">
          {words.made}
        </Words>
        <SourceText text={operand.sourceText} shown={settings.display} />
      </View>
      {form === null ? null : (
        <ResultForms forms={known} chosen={form.id} onChoose={setChosen} shown={settings.display} />
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={then(() => pick(level))}>{words.toTop}</Button>
        <Button onPress={then(() => levelToLine(level))}>{words.toLine}</Button>
        <Button onPress={then(() => ask({ for: 'keep', source: { level } }))}>{operationNames.keep}</Button>
        <Button onPress={then(() => void copy(form?.text ?? operand.sourceText))}>{words.copyValue}</Button>
      </View>
      <WithHelp help="columns">
        <View role="group" aria-label={words.toColumn} gap="$1">
          <Words strong>{words.toColumn}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {targets.map(({ id, name }) => (
              <Button key={id} onPress={then(() => levelToColumn(level, id))}>
                {name}
              </Button>
            ))}
            {targets.length > 0 ? null : (
              <Button onPress={then(() => levelToColumn(level, null))}>{words.newColumn}</Button>
            )}
          </View>
        </View>
      </WithHelp>
    </Panel>
  );
}

/** Chooses the level that is copied to the top. */
export function PickSheet() {
  const stack = useStore((s) => s.document.stack);
  const settings = useStore((s) => s.settings);
  const formsCache = useStore((s) => s.formsCache);
  const { pick, ask, press } = useStore.getState();
  const { levels } = entered(stack, settings.depth);
  return (
    <Panel title={words.pickLevel} onClose={() => ask(null)} onType={(text) => press({ type: 'type', text })}>
      <Words tone="muted">{words.pickNote}</Words>
      <View gap="$1">
        {levels.map((operand, i) => {
          const level = levels.length - i;
          const known = formsOfHolder({ formsCache }, operand);
          const text = known.length === 0 ? operand.sourceText : shownForm(known, null, settings).text;
          return (
            <Button key={i} isWide onPress={() => pick(level)}>
              {`${level}:  ${text}`}
            </Button>
          );
        })}
      </View>
    </Panel>
  );
}
