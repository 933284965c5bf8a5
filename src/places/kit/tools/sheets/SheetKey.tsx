import { View } from '@tamagui/core';
import type { Sheet } from '@/core/practice/sheet-schema';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import type { SheetKeyItem } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { formText } from '@/text/kit/practice';
import { questionName, sheetWords } from '@/text/kit/sheets';
import { problemText } from '@/text/problems';
import { useOver } from '@/places/frame/over';
import { Worked } from '@/places/kit/parts/Worked';
import { graphsOnPaper } from '@/places/kit/tools/practice/curve-graph';
import { PrintedSheet } from '@/places/print/printed-sheet';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Field } from '@/ui/kit/Field';
import { FormValue } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';

type Question = Extract<SheetKeyItem, { kind: 'question' }>;

function KeyRow({ item, name }: Readonly<{ item: Question; name: string }>) {
  const display = useStore((s) => s.settings.display);
  const { words, shown, form, answer, problem } = item;
  const markup = shown === '' ? null : typeset(shown, CORE_SPELLING, display);
  const [first, ...others] = answer?.forms ?? [];
  const decimal = others.find(({ id }) => id === 'decimal');
  return (
    <View role="listitem" aria-label={name} gap={2} paddingVertical="$2" borderTopWidth={1} borderColor="$rule">
      <Words strong>{`${name}${words === '' ? '' : `: ${words}`}`}</Words>
      {markup === null ? null : (
        <View className="scroll-x ink" tabIndex={0}>
          <Formula markup={markup} size="tape" />
        </View>
      )}
      {problem === null ? null : (
        <Words role="alert" tone="accent">
          {problemText(problem)}
        </Words>
      )}
      <View flexDirection="row" flexWrap="wrap" alignItems="center" columnGap="$3">
        {first === undefined ? null : <FormValue form={first} shown={display} isChosen />}
        {decimal === undefined ? null : <FormValue form={decimal} shown={display} isChosen={false} />}
        <Words size="medium" tone="muted">
          {formText(form)}
        </Words>
      </View>
    </View>
  );
}

type Props = Readonly<{ sheet: Sheet; pupil: string; onPupil: (pupil: string) => void }>;

/** The key of a sheet, with the numbers that one pupil has. */
export function SheetKey({ sheet, pupil, onPupil }: Props) {
  const request = useRequest((state) =>
    sheet.items.length === 0 ? null : { ...kitRequest(state, []), sheet, pupil: pupil === '' ? '1' : pupil },
  );
  const display = useStore((s) => s.settings.display);
  const over = useOver();
  const worked = useTask('sheetKey', request);
  if (request === null) return null;
  const items = worked.value ?? [];
  const print = async (hasKey: boolean): Promise<void> => {
    const curves = items.flatMap((item) => (item.kind === 'question' ? [item.curve] : []));
    const graphs = await graphsOnPaper(curves, sheet.angle ?? null);
    const content = <PrintedSheet items={items} graphs={graphs} shown={display} hasKey={hasKey} />;
    // Where numbers are drawn, each pupil has their own.
    const title = sheet.drawn.length === 0 ? sheet.title : `${sheet.title}, ${sheetWords.pupil}: ${pupil || '1'}`;
    over({ panel: 'print', printed: { title, content } });
  };
  let number = -1;
  return (
    <View gap="$2">
      <Words strong>{sheetWords.key}</Words>
      <Field name={sheetWords.pupil} value={pupil} placeholder="1" onChange={(text) => onPupil(text.slice(0, 100))} />
      <Worked task={worked}>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button isDisabled={items.length === 0} onPress={() => void print(false)}>
            {sheetWords.printSheet}
          </Button>
          <Button isDisabled={items.length === 0} onPress={() => void print(true)}>
            {sheetWords.printKey}
          </Button>
        </View>
        <View role="list" aria-label={sheetWords.key}>
          {items.map((item, i) => {
            if (item.kind === 'text')
              return (
                <View key={i} role="listitem" paddingVertical="$2">
                  <Words tone="muted">{item.text}</Words>
                </View>
              );
            number += 1;
            return <KeyRow key={i} item={item} name={questionName(number)} />;
          })}
        </View>
      </Worked>
    </View>
  );
}
