import { View } from '@tamagui/core';
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import type { AngleUnit } from '@/core/base/angle';
import { parse } from '@/core/language/parse';
import { lineOf } from '@/core/line/line';
import type { KeyAction } from '@/keys/catalogue';
import { actionOfStroke, strokeOf } from '@/keys/shortcuts';
import { KeyRow } from '@/places/bench/KeyRow';
import { besideKeys } from '@/keys/decks';
import { useStore } from '@/state/app-store';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { lineText, optionsOf } from '@/state/slices/bench/reading';
import { convertNotation } from '@/state/slices/bench/notation';
import { createStore } from '@/state/store';
import { words } from '@/text/labels';
import { Deck } from '@/ui/deck/Deck';
import { LineCard } from '@/ui/line/LineCard';
import { LINE_INPUT_ID } from '@/ui/line/stroke';

/** What is written at the moment, to be taken over from outside. */
export type Editor = Readonly<{ accept: () => void; take: (then: (text: string) => void) => void }>;

type Props = Readonly<{
  /** What is being written; a different one begins anew with its text. */
  id: string;
  /** Typed text with a point, to begin with. */
  text: string;
  /** Keys that come before any other: the stroke by which the writing began. */
  first?: KeyAction | null;
  /** All of it is selected, so that what is keyed takes its place. */
  isReplaced?: boolean;
  /** An empty line is taken over too. */
  takesEmpty?: boolean;
  /** It may be an equation: `=` is then a sign of the line, where it else takes the line over. */
  takesRelation?: boolean;
  /** The unit of its angles, where that is not the one that is set. */
  angle?: AngleUnit;
  hasDeck?: boolean;
  /** Where the deck stands, if not below the line: nowhere until that is there. */
  deckInto?: HTMLElement | null;
  /** The drawer is folded away at first, so that what the line belongs to stays in sight. */
  isFolded?: boolean;
  /** Whether a text is all that is wanted: it is then taken over without a further key, as Tab would. */
  isEnough?: (text: string) => boolean;
  /** Typed text with a point; '' for an empty line. */
  onDone: (text: string) => void;
  onCancel: () => void;
  /** What was written, if it can be read, when another line takes its place before it was taken over. */
  onLeave?: (text: string) => void;
  /** What Tab takes it over for; null when it just goes on. */
  onTab?: ((text: string) => void) | null;
  /** Stands above the line; what it is given takes the line over. */
  head: (editor: Editor) => ReactNode;
}>;

const nothing = (): void => undefined;

/** Something in its place, or in another part of the page. */
function Elsewhere({ into, children }: Readonly<{ into: HTMLElement | null | undefined; children: ReactNode }>) {
  if (into === undefined) return children;
  return into === null ? null : createPortal(children, into);
}

/** A line of its own, to be written with the keys of the Bench, which goes on untouched. Enter takes it over. */
export function LineEditor(props: Props) {
  const {
    id,
    text,
    first = null,
    isReplaced = false,
    takesEmpty = false,
    takesRelation = false,
    angle,
    hasDeck = true,
  } = props;
  const { onDone, onCancel, onLeave, onTab = null, isEnough, deckInto, head } = props;
  const [folds, setFolds] = useState(props.isFolded ?? false);
  const isCancelled = useRef(false);
  const leave = useRef(onLeave);
  useLayoutEffect(() => {
    leave.current = onLeave;
  });
  const [own] = useState(() => {
    const { settings, drawer } = useStore.getState();
    const result = createStore();
    result.setState({ settings: { ...settings, style: 'written' }, drawer });
    return result;
  });

  useLayoutEffect(() => {
    const { settings, document } = useStore.getState();
    const { decimalSign } = settings.display;
    const spelled = convertNotation(
      text,
      { decimalSign: '.', impliedFirst: false },
      { decimalSign, impliedFirst: false },
    );
    const before = own.getState().document;
    own.setState({
      reported: null,
      document: { ...before, shelf: document.shelf, line: lineOf(spelled, settings.view, optionsOf(settings)) },
    });
    if (isReplaced) own.getState().press({ type: 'edit', command: 'selectAll' });
    if (first !== null) own.getState().press(first);
    isCancelled.current = false;
    const begun = lineText(own.getState());
    const left = leave.current;
    return () => {
      const typed = lineText(own.getState());
      if (left === undefined || isCancelled.current || typed === begun) return;
      const plain = typed.trim() === '' ? '' : toCanonicalText(typed, own.getState().settings);
      if (plain !== null && (plain !== '' || takesEmpty)) left(plain);
    };
    // A new text is a new beginning only with a new id.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [own, id]);

  const line = own((s) => s.document.line);
  const settings = own((s) => s.settings);
  const drawer = own((s) => s.drawer);
  const reported = own((s) => s.reported);
  const options = useMemo(() => optionsOf(settings), [settings]);
  const { retype, point, selectAt, respan, paste, openDrawer } = own.getState();

  const take = useCallback(
    (then: (text: string) => void): void => {
      const typed = lineText(own.getState());
      if (takesEmpty && typed.trim() === '') return then('');
      const plain = toCanonicalText(typed, settings);
      if (plain !== null) return then(plain);
      const reading = parse(typed, options);
      if (reading.ok) return undefined;
      own.getState().caretTo(Math.min(reading.problem.at.from, typed.length));
      own.setState({ reported: reading.problem });
      return undefined;
    },
    [own, settings, options, takesEmpty],
  );
  const accept = useCallback(() => take(onDone), [take, onDone]);

  const press = useCallback(
    (action: KeyAction) => {
      const isEqual = (action.type === 'type' || action.type === 'operate') && action.text === '=';
      if (action.type === 'answer' || (isEqual && !takesRelation)) accept();
      else {
        own.getState().press(action);
        if (isEnough?.(lineText(own.getState())) === true) take(onTab ?? onDone);
      }
    },
    [own, accept, take, onTab, onDone, isEnough, takesRelation],
  );
  const cancel = useCallback(() => {
    isCancelled.current = true;
    onCancel();
  }, [onCancel]);

  // Strokes that reach no field are meant for the line, as on the Bench.
  useEffect(() => {
    document.getElementById(LINE_INPUT_ID)?.focus({ preventScroll: true });
    const onStroke = (event: KeyboardEvent): void => {
      if (event.key === 'Escape') return cancel();
      // The stroke by which the writing began was taken where it was heard.
      if (event.defaultPrevented) return undefined;
      const { target, key } = event;
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return undefined;
      const action = actionOfStroke(strokeOf(event));
      const isPress = key === 'Enter' || key === ' ' || key === 'Tab';
      if (action === null || (isPress && target !== document.body)) return undefined;
      event.preventDefault();
      press(action);
      return undefined;
    };
    document.addEventListener('keydown', onStroke);
    return () => document.removeEventListener('keydown', onStroke);
  }, [own, press, cancel]);

  return (
    <>
      {head({ accept, take })}
      <LineCard
        line={line}
        options={options}
        angle={angle ?? settings.angle}
        shown={settings.display}
        answer={null}
        hasRoom={false}
        isOld={false}
        problem={reported}
        sentence={null}
        isReported={reported !== null}
        chosen={null}
        onChoose={nothing}
        onRewrite={nothing}
        onRespan={respan}
        onRetype={retype}
        onPoint={point}
        onSelectAt={selectAt}
        onPaste={(pasted) => paste(pasted)}
        onPress={press}
        onTab={onTab === null ? null : () => take(onTab)}
      />
      <KeyRow name={words.lineKeys} ids={besideKeys.written} onPress={press} onExplain={nothing} useSource={own} />
      {hasDeck ? (
        <Elsewhere into={deckInto}>
          <View role="group" aria-label={words.deck}>
            <Deck
              drawer={drawer}
              onDrawer={openDrawer}
              onPress={press}
              onExplain={nothing}
              decimalSign={settings.display.decimalSign}
              isComplex={false}
              style="written"
              isFolded={folds}
              onFold={setFolds}
              canFold={props.isFolded !== undefined}
            />
          </View>
        </Elsewhere>
      ) : null}
    </>
  );
}
