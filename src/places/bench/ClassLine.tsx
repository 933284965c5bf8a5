import { chosenForm } from '@/core/format/form';
import { View } from '@tamagui/core';
import { useMemo } from 'react';
import type { SavedForm } from '@/core/notebook/schema';
import { isEmptyLine } from '@/core/line/line';
import { useStore } from '@/state/app-store';
import { answerInSight } from '@/state/slices/bench/moment';
import { optionsOf } from '@/state/slices/bench/reading';
import { shownForm } from '@/state/slices/tape/line';
import { words } from '@/text/labels';
import { FitWidth } from '@/ui/formula/FitWidth';
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

/** Shares of the page's height that a line and its answer take at most. */
const SHARE = 0.36;

/** An answer behind its sign, as large as the width allows. */
export function ClassAnswer({ form, share = SHARE }: Readonly<{ form: SavedForm; share?: number }>) {
  const shown = useStore((s) => s.settings.display);
  const markup = form.id === 'truth' ? null : typeset(form.typed, CORE_SPELLING, shown);
  return (
    <View className="scroll-x ink-answer" tabIndex={0} aria-live="polite">
      <FitWidth share={share}>
        {() => (
          <View className="fit-width" flexDirection="row" alignItems="center" gap="$4">
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
      </FitWidth>
    </View>
  );
}

/** A line of the tape, or the one being written, with its answer. The line being written is still keyed there. */
export function ClassLine({ of, onPress }: Readonly<{ of: LineRef; onPress: (action: KeyAction) => void }>) {
  const line = useStore((s) => s.document.line);
  const keyed = useStore((s) => s.document.keyed);
  const settings = useStore((s) => s.settings);
  const live = useStore((s) => s.live);
  const chosen = useStore((s) => s.chosen);
  const tape = useStore((s) => s.document.tape);
  const { point, selectAt, retype } = useStore.getState();
  const options = useMemo(() => optionsOf(settings), [settings]);
  const shown = settings.display;
  // What was just answered stays in sight until the next line is begun.
  const finished = of !== 'now' ? of : isEmptyLine(line) ? (tape.at(-1) ?? null) : null;
  const answer = answerInSight(live);
  const form =
    finished !== null
      ? chosenForm(finished)
      : answer && !isEmptyLine(line)
        ? shownForm(answer.forms, chosen, settings)
        : null;
  const readAs = finished !== null ? finished.readAs : answer?.readAs.isAmbiguous === true ? answer.readAs.text : null;
  const field = { describedBy: undefined, isWrong: false, onTab: null, onPress, onRetype: retype, onPaste: pasteInto };
  const editor = () =>
    line.kind === 'boxed' ? (
      <FitWidth share={SHARE}>
        {() => (
          <BoxedLine
            line={line}
            options={options}
            style={shown}
            size="class"
            onPoint={point}
            onSelectAt={selectAt}
            {...field}
          />
        )}
      </FitWidth>
    ) : (
      <LineInput line={line} {...field} />
    );
  const markup = finished && typeset(finished.text, finished, { ...shown, decimalSign: finished.decimalSign });
  return (
    <>
      {of === 'now' && settings.keyStrip && keyed !== null ? <KeyStrip keyed={keyed} name={words.keyLog} /> : null}
      {markup === null ? null : (
        <View className="scroll-x ink" tabIndex={0}>
          <FitWidth share={SHARE}>{() => <Formula markup={markup} size="class" />}</FitWidth>
        </View>
      )}
      {of === 'now' && finished === null ? editor() : null}
      {form === null ? null : <ClassAnswer form={form} />}
      {readAs === null ? null : (
        <Words className="class-note" tone="muted">
          {words.readAs} {readAs}
        </Words>
      )}
      {of === 'now' && finished !== null ? editor() : null}
    </>
  );
}
