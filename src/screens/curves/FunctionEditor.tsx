import { View } from '@tamagui/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { caretOf, lineOf } from '@/core/line/line';
import { parse } from '@/core/language/parse';
import type { KeyAction } from '@/keys/catalogue';
import { actionOfStroke } from '@/keys/shortcuts';
import { useStore } from '@/state/app-store';
import { plainSpelling } from '@/state/curve-actions';
import { lineText, optionsOf } from '@/state/document';
import { respell } from '@/state/respell';
import { createStore } from '@/state/store';
import { curveWords } from '@/text/curve-labels';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Deck } from '@/ui/deck/Deck';
import { LineCard } from '@/ui/line/LineCard';
import { LINE_INPUT_ID } from '@/ui/line/stroke';
import { Heading } from '@/ui/theme/text';

type Props = Readonly<{
  title: string;
  /** Typed text with a point, to begin with. */
  text: string;
  onDone: (text: string) => void;
  onCancel: () => void;
}>;

const nothing = (): void => undefined;

/** A line of its own to be written with the keys of the Bench, which goes on untouched. `=` takes it over. */
export function FunctionEditor({ title, text, onDone, onCancel }: Props) {
  const [own] = useState(() => {
    const { settings, document } = useStore.getState();
    const made = createStore();
    const spelled = respell(
      text,
      { decimalSign: '.', impliedFirst: false },
      { decimalSign: settings.display.decimalSign, impliedFirst: false },
    );
    made.setState({
      settings: { ...settings, style: 'written' },
      document: {
        ...made.getState().document,
        shelf: document.shelf,
        line: lineOf(spelled, settings.view, optionsOf(settings)),
      },
      drawer: useStore.getState().drawer,
    });
    return made;
  });
  const line = own((s) => s.document.line);
  const settings = own((s) => s.settings);
  const drawer = own((s) => s.drawer);
  const reported = own((s) => s.reported);
  const options = useMemo(() => optionsOf(settings), [settings]);
  const { retype, point, selectAt, respan, paste, openDrawer } = own.getState();

  const accept = useCallback(() => {
    const typed = lineText(own.getState());
    const plain = plainSpelling(typed, settings);
    if (plain !== null) return onDone(plain);
    const reading = parse(typed, options);
    if (reading.ok) return undefined;
    own.setState({ reported: reading.problem });
    own.getState().caretTo(Math.min(reading.problem.at.from, typed.length));
    own.setState({ reported: reading.problem });
    return undefined;
  }, [own, settings, options, onDone]);

  const press = useCallback(
    (action: KeyAction) => {
      // `y =` and `f(x) =` may stand before the function.
      const isNaming =
        action.type === 'answer' &&
        action.orEqual === true &&
        /^\s*([a-wyz]|[a-z]\(x\))\s*$/.test(lineText(own.getState()));
      if (isNaming) own.getState().press({ type: 'operate', text: '=' });
      else if (action.type === 'answer') accept();
      else own.getState().press(action);
    },
    [own, accept],
  );

  // Strokes that reach no field are meant for the line, as on the Bench.
  useEffect(() => {
    document.getElementById(LINE_INPUT_ID)?.focus({ preventScroll: true });
    const onStroke = (event: KeyboardEvent): void => {
      if (event.key === 'Escape') return onCancel();
      const { target, key, ctrlKey, metaKey, altKey, shiftKey } = event;
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return undefined;
      const state = own.getState();
      const at = caretOf(state.document.line, state.settings.display.decimalSign);
      const action = actionOfStroke(
        { key, control: ctrlKey || metaKey, alt: altKey, shift: shiftKey },
        lineText(state)[at - 1] ?? '',
      );
      const isPress = key === 'Enter' || key === ' ' || key === 'Tab';
      if (action === null || (isPress && target !== document.body)) return undefined;
      event.preventDefault();
      press(action);
      return undefined;
    };
    document.addEventListener('keydown', onStroke);
    return () => document.removeEventListener('keydown', onStroke);
  }, [own, press, onCancel]);

  return (
    <View
      role="dialog"
      aria-modal
      aria-label={title}
      position="absolute"
      left={0}
      right={0}
      bottom={0}
      zIndex="$2"
      backgroundColor="$card"
      borderTopWidth={2}
      borderColor="$accent"
      maxHeight="100%"
      $wide={{ left: 'auto', width: '$deck', borderLeftWidth: 1 }}
    >
      <View flexDirection="row" alignItems="center" gap="$2" paddingHorizontal="$3" paddingVertical={2}>
        <Heading role="heading" aria-level={2} flex={1}>
          {title}
        </Heading>
        <Button onPress={onCancel}>{curveWords.cancel}</Button>
        <Button isPressed={false} onPress={accept}>
          {curveWords.draw}
        </Button>
      </View>
      <LineCard
        line={line}
        options={options}
        angle={settings.angle}
        shown={settings.display}
        answer={null}
        hasRoom={false}
        isOld={false}
        problem={reported}
        sentence={null}
        isReported={reported !== null}
        chosen={null}
        onChoose={nothing}
        onBracket={nothing}
        onRespan={respan}
        onRetype={retype}
        onPoint={point}
        onSelectAt={selectAt}
        onPaste={(pasted) => paste(pasted)}
        onPress={press}
        onTab={null}
      />
      <View role="group" aria-label={words.deck}>
        <Deck
          drawer={drawer}
          onDrawer={openDrawer}
          onPress={press}
          onExplain={nothing}
          decimalSign={settings.display.decimalSign}
          isComplex={false}
          style="written"
        />
      </View>
    </View>
  );
}
