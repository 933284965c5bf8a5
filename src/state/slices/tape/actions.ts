import { emptyLine, insertText, lineOf } from '@/core/line/line';
import { given } from '@/core/running/running';
import { LONGEST_NOTE } from '@/core/notebook/schema';
import type { TapeLine } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/settings';
import { putEntry } from '@/keys/log';
import { overflow } from '@/state/slices/bounds';
import { optionsOf } from '@/state/slices/bench/reading';
import { recalledInto } from '@/state/slices/bench/keyed-actions';
import { notice } from '@/state/slices/notice';
import { tapeLineText } from '@/state/slices/bench/notation';
import { lineSubstitution } from '@/state/slices/bench/substitution';
import { changed } from '@/state/slices/state';
import { WITHOUT_LINE, written } from '@/state/slices/bench/written';
import type { Change, State } from '@/state/slices/state';
import { answeredAnew, operandFor } from './line';
import type { LineAnswer } from '@/workers/answer';
import type { FormId } from '@/core/format/form';

/** What is done to the lines of the tape. */
export type TapeActions = Readonly<{
  useLine: (id: string) => void;
  editLine: (id: string) => void;
  stopEditing: () => void;
  useAnswer: (id: string) => void;
  removeLine: (id: string) => void;
  pinLine: (id: string, pinned: boolean) => void;
  noteLine: (id: string, note: string) => void;
  replaceAnswer: (id: string, answer: LineAnswer, inSettings: Settings) => void;
  clearTape: () => void;
  chooseTapeForm: (line: string, id: FormId) => void;
}>;

export function tapeActions(change: Change): TapeActions {
  const onLine = (id: string, make: (line: TapeLine, state: State) => Partial<State>): void =>
    change((state) => {
      const found = state.document.tape.find((l) => l.id === id);
      return found === undefined ? {} : make(found, state);
    });

  const withLine = ({ document }: State, line: TapeLine) => ({
    ...document,
    tape: document.tape.map((l) => (l.id === line.id ? line : l)),
  });

  /** The line brought back into Written entry, with its keys and what was set for it alone. */
  const brought = (found: TapeLine, state: State): Partial<State> => {
    const { settings } = state;
    const line = lineOf(tapeLineText(found, settings), settings.view, optionsOf(settings));
    return {
      ...written(state, 'use-line', line, { fresh: found.keys.length === 0 ? null : found.keys }, found.tried),
      settings: { ...settings, style: 'written' },
    };
  };

  return {
    useLine: (id) => onLine(id, brought),
    editLine: (id) =>
      onLine(id, (found, state) => {
        const result = brought(found, state);
        const document = result.document ?? state.document;
        return {
          ...result,
          document: { ...document, editing: id, own: found.own },
        };
      }),
    stopEditing: () =>
      change((state) => {
        const { document, settings } = state;
        if (document.editing === null) return {};
        return changed(state, 'clear-line', {
          ...document,
          editing: null,
          line: emptyLine(settings.view),
          keyed: [],
          ...WITHOUT_LINE,
        });
      }),
    useAnswer: (id) =>
      onLine(id, (found, state) => {
        // True and false cannot be gone on from.
        if (found.value === null) return {};
        const { document, settings } = state;
        if (settings.style !== 'written') {
          const taken = { value: found.value, sourceText: lineSubstitution(found), percent: null };
          return recalledInto(state, taken, (running) => given(running, taken));
        }
        const options = optionsOf(settings);
        const operand = operandFor(found, settings.display.decimalSign);
        if (operand !== null)
          return written(state, 'use-answer', insertText(document.line, operand, options), {
            entry: putEntry(operand),
          });
        const shown = found.forms.find((f) => f.id === found.chosen)?.text ?? '';
        const line = insertText(document.line, 'Ans', options);
        const next = { ...document, ans: found.value, line };
        return { ...changed(state, 'use-answer', next), reported: null, notice: notice('ans-set', shown, true) };
      }),
    removeLine: (id) =>
      change((state) => ({
        ...changed(state, 'remove-line', { ...state.document, tape: state.document.tape.filter((l) => l.id !== id) }),
        notice: notice('line-removed', '', true),
      })),
    pinLine: (id, pinned) => onLine(id, (line, state) => changed(state, 'pin', withLine(state, { ...line, pinned }))),
    noteLine: (id, note) =>
      onLine(id, (line, state) =>
        note === line.note
          ? {}
          : (overflow(LONGEST_NOTE, note) ?? changed(state, 'note', withLine(state, { ...line, note }), id)),
      ),
    replaceAnswer: (id, answer, inSettings) =>
      onLine(id, (line, state) =>
        changed(state, 'work-again', withLine(state, answeredAnew(line, answer, inSettings, state.document.tape))),
      ),
    clearTape: () =>
      change((state) => {
        const tape = state.document.tape.filter((line) => line.pinned);
        if (tape.length === state.document.tape.length) return {};
        return {
          ...changed(state, 'clear-tape', { ...state.document, tape }),
          notice: notice(tape.length === 0 ? 'tape-cleared' : 'tape-cleared-but-pinned', '', true),
        };
      }),
    chooseTapeForm: (id, chosen) =>
      onLine(id, (line, state) =>
        line.chosen === chosen || !line.forms.some((form) => form.id === chosen)
          ? {}
          : changed(state, 'choose-form', withLine(state, { ...line, chosen }), id),
      ),
  };
}
