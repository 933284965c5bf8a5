import { chosenForm } from '@/core/format/form';
import { View } from '@tamagui/core';
import { useEffect, useMemo } from 'react';
import { isEmptyLine } from '@/core/line/line';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/slices/bench/reading';
import { shownForm } from '@/state/slices/tape/line';
import { unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { KeyStrip } from '@/ui/key/KeyStrip';
import { BoxedLine } from '@/ui/line/boxes/BoxedLine';
import { LineInput } from '@/ui/line/LineInput';
import { signOf } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import type { KeyAction } from '@/keys/catalogue';
import { pasteInto } from './pasting';
import type { LineRef } from './sheets';

type Props = Readonly<{ of: LineRef; onPress: (action: KeyAction) => void; onClose: () => void }>;

/** Escape leaves the view; before the line hears of it, which it would clear. */
function useEscape(leave: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape') return;
      event.preventDefault();
      event.stopPropagation();
      leave();
    };
    document.addEventListener('keydown', onKey, true);
    return () => document.removeEventListener('keydown', onKey, true);
  }, [leave]);
}

/** A line and its answer as large as the page allows, for a projector. The line being written is still keyed there. */
export function ClassView({ of, onPress, onClose }: Props) {
  const line = useStore((s) => s.document.line);
  const keyed = useStore((s) => s.document.keyed);
  const settings = useStore((s) => s.settings);
  const live = useStore((s) => s.live);
  const tape = useStore((s) => s.document.tape);
  const { point, selectAt, retype } = useStore.getState();
  useEscape(onClose);
  const options = useMemo(() => optionsOf(settings), [settings]);
  const shown = settings.display;
  // What was just answered stays in sight until the next line is begun.
  const finished = of !== 'now' ? of : isEmptyLine(line) ? (tape.at(-1) ?? null) : null;
  const answer = live.kind === 'answer' ? live.answer : live.kind === 'working' ? live.last : null;
  const form =
    finished !== null
      ? chosenForm(finished)
      : answer && !isEmptyLine(line)
        ? shownForm(answer.forms, null, settings)
        : null;
  const readAs = finished !== null ? finished.readAs : answer?.readAs.isAmbiguous === true ? answer.readAs.text : null;
  const unit = finished?.angle ?? settings.angle;
  const field = { describedBy: undefined, isWrong: false, onTab: null, onPress, onRetype: retype, onPaste: pasteInto };
  const markup = form === null || form.id === 'truth' ? null : typeset(form.typed, CORE_SPELLING, shown);
  const editor =
    line.kind === 'boxed' ? (
      <BoxedLine
        line={line}
        options={options}
        style={shown}
        size="class"
        onPoint={point}
        onSelectAt={selectAt}
        {...field}
      />
    ) : (
      <LineInput line={line} {...field} />
    );
  const finishedMarkup = finished && typeset(finished.text, finished, { ...shown, decimalSign: finished.decimalSign });
  return (
    <View flex={1} backgroundColor="$card" padding="$4" gap="$4" className="scroll-y">
      <View flexDirection="row" justifyContent="space-between" alignItems="center">
        <Words tone="muted">{unitNames[unit]}</Words>
        <Button onPress={onClose}>{words.close}</Button>
      </View>
      <View flex={1} justifyContent="center" gap="$5">
        {of === 'now' && settings.keyStrip && keyed !== null ? <KeyStrip keyed={keyed} name={words.keyLog} /> : null}
        {finishedMarkup === null || finished === null ? null : (
          <View className="scroll-x ink" tabIndex={0}>
            <Formula markup={finishedMarkup} size="class" />
          </View>
        )}
        {of === 'now' && finished === null ? editor : null}
        {form === null ? null : (
          <View
            className="scroll-x ink-answer"
            tabIndex={0}
            flexDirection="row"
            alignItems="center"
            gap="$4"
            aria-live="polite"
          >
            <Words className="class-type" tone="answer">
              {signOf(form)}
            </Words>
            {markup === null ? (
              <Words className="class-type" tone="answer">
                {form.text}
              </Words>
            ) : (
              <Formula markup={markup} size="class" />
            )}
          </View>
        )}
        {readAs === null ? null : (
          <Words className="class-note" tone="muted">
            {words.readAs} {readAs}
          </Words>
        )}
        {of === 'now' && finished !== null ? editor : null}
      </View>
    </View>
  );
}
