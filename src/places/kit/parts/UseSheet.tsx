import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { itemAt } from '@/core/base/item';
import type { FormId } from '@/core/format/form';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText } from '@/core/language/print-text';
import { rowsOf } from '@/core/language/tree';
import { copy, copyOfLine } from '@/places/bench/copying';
import { WithHelp } from '@/places/exam/use-help';
import { delimitedText } from '@/places/files/delimited-text';
import { KeepTiles } from '@/places/shelf/KeepTiles';
import { useStore } from '@/state/app-store';
import { kitWords } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { ResultForms } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { ToColumns } from './ToColumns';
import { putOnLine } from './to-line';
import type { Result } from './result';

const SPELLING = { decimalSign: '.', impliedFirst: false } as const;

/** The entries of a written matrix as typed texts, row by row; null for anything else. */
function writtenRows(typed: string): readonly (readonly string[])[] | null {
  const reading = parse(typed, { functions: functionNames, ...SPELLING });
  if (!reading.ok || reading.value.tree.kind !== 'matrix') return null;
  return rowsOf(reading.value.tree).map((row) => row.map((entry) => printText(entry, { style: 'typed', ...SPELLING })));
}

/** A result in all its forms, and everywhere it can go: to the line, to the Shelf, to other programs. */
export function UseSheet({ result, onClose }: Readonly<{ result: Result; onClose: () => void }>) {
  const router = useRouter();
  const settings = useStore((s) => s.settings);
  const [chosen, setChosen] = useState<FormId | null>(null);
  const { keepAnswer, appendCell } = useStore.getState();
  const { name, forms, saved, full, from } = result;
  const form = forms.find(({ id }) => id === chosen) ?? itemAt(forms, 0);
  const rows = writtenRows(form.typed);
  const toLine = (): void => {
    putOnLine(form.typed);
    router.navigate('/');
  };
  const copied = (title: string, text: () => string) => (
    <Button
      key={title}
      onPress={() => {
        void copy(text());
        onClose();
      }}
    >
      {title}
    </Button>
  );
  const line = { text: form.typed, ...SPELLING };
  return (
    <Panel title={name} onClose={onClose}>
      <ResultForms forms={forms} chosen={form.id} onChoose={setChosen} shown={settings.display} />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={toLine}>{kitWords.toLine}</Button>
        {rows === null ? (
          <WithHelp help="columns">
            <Button
              onPress={() => {
                appendCell(null, form.typed);
                onClose();
              }}
            >
              {kitWords.toColumn}
            </Button>
          </WithHelp>
        ) : (
          <ToColumns
            name={name}
            columns={() => itemAt(rows, 0).map((_, j) => ({ name: '', cells: rows.map((row) => itemAt(row, j)) }))}
          >
            {kitWords.toColumns}
          </ToColumns>
        )}
      </View>
      <View role="group" aria-label={kitWords.copy} gap="$1">
        <Words strong>{kitWords.copy}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {copied(kitWords.copyTyped, () => form.typed)}
          {copied(kitWords.copyDigits, () => full)}
          {copied(kitWords.copyLatex, () => copyOfLine(line, 'latex'))}
          {copied(kitWords.copyMathml, () => copyOfLine(line, 'mathml'))}
          {rows === null ? null : copied(kitWords.copyCsv, () => delimitedText(rows, ','))}
        </View>
      </View>
      {saved === null ? null : (
        <KeepTiles
          title={kitWords.keepIn}
          onKeep={(place) => {
            keepAnswer(place, { saved, full, forms }, from);
            onClose();
          }}
        />
      )}
    </Panel>
  );
}
