import { View } from '@tamagui/core';
import { askedFormOf, formChoices } from '@/core/practice/asked-form';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import type { Slot, Writing } from '@/places/kit/parts/slots';
import { useStore } from '@/state/app-store';
import { formName } from '@/text/kit/practice';
import { sheetWords } from '@/text/kit/sheets';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Field } from '@/ui/kit/Field';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import type { ItemRow } from './inputs';

type Change = (row: ItemRow, field: string) => void;

/** Which text of a row each line is written into. */
const lines = [
  { at: 2, id: 'line', name: sheetWords.line },
  { at: 3, id: 'answer', name: sheetWords.answer },
  { at: 5, id: 'tolerance', name: sheetWords.tolerance },
  { at: 6, id: 'curve', name: sheetWords.curve },
] as const;

const withText = (row: ItemRow, at: number, text: string): ItemRow =>
  row.map((one, i) => (i === at ? text : one)) as unknown as ItemRow;

/** The lines of a question, to be written in turn. */
export const slotsOfItem = (row: ItemRow, onChange: Change): readonly Omit<Slot, 'after' | 'below'>[] =>
  row[0] === 'text'
    ? []
    : lines.map(({ at, id, name }) => ({
        id,
        name,
        text: row[at],
        keep: (text: string) => onChange(withText(row, at, text), id),
      }));

const options = formChoices.map((id) => ({ id: id, name: formName(id) }));

type EditorProps = Readonly<{
  name: string;
  row: ItemRow;
  slots: readonly Slot[];
  writing: Writing;
  onChange: Change;
  onDone: () => void;
}>;

/** An item that is being changed. */
export function ItemEditor({ name, row, slots, writing, onChange, onDone }: EditorProps) {
  const [kind, words, , , form] = row;
  const isText = kind === 'text';
  return (
    <View role="listitem" aria-label={name} gap="$2" padding="$2" borderWidth={1} borderColor="$accent">
      <Field
        name={isText ? sheetWords.text : sheetWords.asked}
        value={words}
        placeholder={isText ? '' : sheetWords.askedHint}
        onChange={(text) => onChange(withText(row, 1, text.slice(0, 1000)), 'words')}
      />
      {slots.map((slot) => (
        <EntryRow key={slot.id} slot={slot} writing={writing} />
      ))}
      {isText ? null : (
        <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
          <Words strong aria-hidden>
            {sheetWords.form}
          </Words>
          <Select
            name={sheetWords.form}
            options={options}
            chosen={askedFormOf(form) ?? 'any'}
            onChoose={(id) => onChange(withText(row, 4, id), 'form')}
          />
        </View>
      )}
      <View flexDirection="row">
        <Button name={`${sheetWords.done}: ${name}`} onPress={onDone}>
          {sheetWords.done}
        </Button>
      </View>
    </View>
  );
}

type SummaryProps = Readonly<{
  name: string;
  row: ItemRow;
  onEdit: () => void;
  onUp: (() => void) | null;
  onTakeOut: () => void;
}>;

/** An item in short, with what can be done with it. */
export function ItemSummary({ name, row, onEdit, onUp, onTakeOut }: SummaryProps) {
  const display = useStore((s) => s.settings.display);
  const [kind, words, line, answer] = row;
  const shown = line === '' ? answer : line;
  const markup = shown === '' ? null : typeset(shown, CORE_SPELLING, display);
  return (
    <View role="listitem" aria-label={name} gap={2} paddingVertical="$2" borderTopWidth={1} borderColor="$rule">
      {words === '' ? null : <Words {...(kind === 'text' ? { tone: 'muted' as const } : {})}>{words}</Words>}
      {shown === '' ? null : (
        <View className="scroll-x ink" tabIndex={0}>
          {markup === null ? <Words>{shown}</Words> : <Formula markup={markup} size="tape" />}
        </View>
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$1">
        <Button isTight name={`${sheetWords.edit}: ${name}`} onPress={onEdit}>
          {sheetWords.edit}
        </Button>
        {onUp === null ? null : (
          <Button isTight name={`${sheetWords.up}: ${name}`} onPress={onUp}>
            {sheetWords.up}
          </Button>
        )}
        <Button isTight name={`${sheetWords.takeOut}: ${name}`} onPress={onTakeOut}>
          {sheetWords.takeOut}
        </Button>
      </View>
    </View>
  );
}
