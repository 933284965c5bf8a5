import { chosenForm } from '@/core/format/form';
import { View } from '@tamagui/core';
import { useState } from 'react';
import type { Settings } from '@/core/notebook/settings';
import type { TapeLine } from '@/core/notebook/schema';
import { useStore } from '@/state/app-store';
import { againRequest } from '@/state/slices/bench/live';
import { shownForm } from '@/state/slices/tape/line';
import { problemText } from '@/text/problems';
import { settingsText, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { FormValue } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { useAnswer, useRequest } from '@/state/use-task';

/** Works a frozen line again, in its own settings or the present ones, and shows what changed before anything is put in its place. */
export function WorkAgainSheet({ line, onClose }: Readonly<{ line: TapeLine; onClose: () => void }>) {
  const settings = useStore((s) => s.settings);
  const { replaceAnswer } = useStore.getState();
  const [inOwn, setInOwn] = useState(true);
  const request = useRequest((state) => againRequest(state, line, inOwn));
  const result = useAnswer('answer', request, { lane: 'panel' });
  const before = chosenForm(line);
  const worked: Settings = {
    ...settings,
    angle: request.angle,
    complex: request.complex,
    impliedFirst: request.impliedFirst,
    display: { ...settings.display, decimalSign: request.display.decimalSign },
  };
  const after = result?.ok ? shownForm(result.value.forms, line.chosen, settings) : null;
  const isSame = after !== null && after.text === before.text && after.exact === before.exact;
  const shown = { decimalSign: request.display.decimalSign, grouping: settings.display.grouping };
  return (
    <Panel title={words.workAgain} onClose={onClose}>
      <Words>{line.text}</Words>
      <Choice
        title={words.inWhichSettings}
        options={[
          { id: 'then', name: words.settingsThen },
          { id: 'now', name: words.settingsNow },
        ]}
        chosen={inOwn ? 'then' : 'now'}
        onChoose={(id) => setInOwn(id === 'then')}
      />
      <Words tone="muted">{settingsText(worked)}</Words>
      <View gap="$2">
        <View gap={2}>
          <Words size="medium" tone="muted">
            {words.wasAnswer}
          </Words>
          <FormValue form={before} shown={{ ...shown, decimalSign: line.decimalSign }} isChosen={false} />
        </View>
        <View gap={2} aria-live="polite">
          <Words size="medium" tone="muted">
            {isSame ? words.isSameAnswer : words.isAnswerNow}
          </Words>
          {result === null ? <Words tone="muted">{words.working}</Words> : null}
          {after === null ? null : <FormValue form={after} shown={shown} isChosen />}
          {result !== null && !result.ok ? <Words tone="accent">{problemText(result.problem)}</Words> : null}
        </View>
      </View>
      <Button
        isDisabled={!result?.ok}
        onPress={() => {
          if (result?.ok) replaceAnswer(line.id, result.value, worked);
          onClose();
        }}
      >
        {words.putInPlace}
      </Button>
    </Panel>
  );
}
