import { chosenForm } from '@/core/format/form';
import { View, useTheme } from '@tamagui/core';
import Pin from 'lucide-react-native/icons/pin';
import { memo, useCallback, useDeferredValue, useMemo } from 'react';
import type { ComponentType, ReactNode } from 'react';
import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';
import type { TapeLine } from '@/core/notebook/schema';
import { ansWasText, tapeActionsName, tapeRowName, unitNames, answerButtonName } from '@/text/labels';
import { Addition } from './Addition';
import { Formula } from '../formula/Formula';
import { typeset } from '../formula/typeset';
import type { NumberLayout } from '../formula/typeset';
import { FormValue, ResultForms, signOf } from '../line/ResultForms';
import { Words } from '../theme/text';
import { unitOf } from './unit-of';

type PartProps = Readonly<{ name: string; place: string; onPress: () => void; children: ReactNode }>;

/** What is pressed in a row. A plain element as the others of a row, which is drawn within the press of `=`. */
const Part = ({ name, place, onPress, children }: PartProps) => (
  <button type="button" className={`tape-part ${place}`} aria-label={name} onClick={onPress}>
    {children}
  </button>
);

const PinIcon = Pin as ComponentType<{ size: number; color: string }>;

function Pinned() {
  const theme = useTheme();
  return (
    <View aria-hidden>
      <PinIcon size={13} color={theme.accent.get()} />
    </View>
  );
}

/** The ruled margin of a line: its marks, and the way to all that can be done with it. */
function Marks({
  line,
  unit,
  onOpen,
}: Readonly<{ line: TapeLine; unit: AngleUnit | null; onOpen: (id: string) => void }>) {
  const marks = [unit, line.kept].filter((mark) => mark !== null).join(' ');
  return (
    <Part place="tape-marks" name={tapeActionsName(line.text)} onPress={() => onOpen(line.id)}>
      {line.pinned ? <Pinned /> : null}
      <span>{marks === '' && !line.pinned ? '⋯' : marks}</span>
    </Part>
  );
}

type ToChooseProps = Readonly<{ line: TapeLine; shown: NumberLayout; onChoose: Props['onChoose'] | null }>;

/** The forms of the newest line. They come, and those of the line before go, once the new line has been painted. */
function ToChoose({ line, shown, onChoose }: ToChooseProps) {
  const choose = useDeferredValue(onChoose, null);
  const { id } = line;
  const chooseForm = useCallback((form: FormId) => choose?.(id, form), [choose, id]);
  if (choose === null || line.forms.length < 2) return null;
  return (
    <View alignItems="flex-end">
      <ResultForms forms={line.forms} chosen={line.chosen} onChoose={chooseForm} shown={shown} isEndwards />
    </View>
  );
}

type Props = Readonly<{
  line: TapeLine;
  grouping: boolean;
  onOpen: (id: string) => void;
  onUseLine: (id: string) => void;
  onUseAnswer: (id: string) => void;
  /** What Ans stood for, where that is another by now; null where it is the same. */
  ansWas?: string | null;
  onAgain?: (id: string) => void;
  /** Where a step of an adding list stands in it. */
  inList?: 'first' | 'middle' | 'last' | 'only';
  /** Chooses another form, where they stand side by side below the line; absent where only the chosen one is shown. */
  onChoose?: (id: string, form: FormId) => void;
}>;

/** A finished line: its marks in the margin, the line (a tap brings it back), and the answer at the right edge (a tap takes it). */
export const TapeRow = memo(function TapeRow({
  line,
  grouping,
  onOpen,
  onUseLine,
  onUseAnswer,
  onChoose,
  ansWas = null,
  onAgain,
  inList = 'only',
}: Props) {
  const step = inList === 'only' ? null : line.addition;
  const form = chosenForm(line);
  const { decimalSign } = line;
  const shown = useMemo(() => ({ decimalSign, grouping }), [decimalSign, grouping]);
  const markup = typeset(line.text, line, shown);
  const unit = unitOf(line);
  const tried = Object.entries(line.tried).map(([letter, value]) => `${letter} = ${value}`);
  const notes = [...tried, line.note].filter((note) => note !== '');
  const name = tapeRowName(line.text, signOf(form), form.text, unit && unitNames[unit], line.kept);
  if (step !== null && inList !== 'only')
    return (
      <div role="group" className="tape-row">
        <Marks line={line} unit={unit} onOpen={onOpen} />
        <Addition
          step={step}
          place={inList}
          form={form}
          shown={shown}
          name={name}
          onUseLine={() => onUseLine(line.id)}
          onUseAnswer={() => onUseAnswer(line.id)}
        />
      </div>
    );
  return (
    <div role="group" className="tape-row">
      <Marks line={line} unit={unit} onOpen={onOpen} />
      <div className="tape-row-body">
        <div className="tape-row-line">
          <Part place="tape-part-line" name={name} onPress={() => onUseLine(line.id)}>
            <div className="tape-row-formula scroll-x ink">
              {markup === null ? <Words>{line.text}</Words> : <Formula markup={markup} size="tape" />}
            </div>
          </Part>
          <Part
            place="tape-part-answer"
            name={answerButtonName(signOf(form), form.text)}
            onPress={() => onUseAnswer(line.id)}
          >
            <FormValue form={form} shown={shown} isChosen />
          </Part>
        </div>
        {ansWas === null || onAgain === undefined ? null : (
          <Part place="tape-part-line" name={ansWasText(ansWas)} onPress={() => onAgain(line.id)}>
            <Words size="medium" tone="accent">
              {ansWasText(ansWas)}
            </Words>
          </Part>
        )}
        <ToChoose line={line} shown={shown} onChoose={onChoose ?? null} />
        {notes.length === 0 ? null : (
          <Words size="medium" tone="muted" paddingHorizontal="$1">
            {notes.join(' · ')}
          </Words>
        )}
      </div>
    </div>
  );
});
