import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { sheetIn } from '@/core/practice/sheet-schema';
import type { Sheet } from '@/core/practice/sheet-schema';
import { copy } from '@/places/bench/copying';
import { chosenText } from '@/places/files/chosen-file';
import { saveSheet, sheetLink } from '@/places/files/sheet-files';
import { openSheet } from '@/places/kit/tools/practice/open-sheet';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { sheetWords } from '@/text/kit/sheets';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { entriesOf } from './inputs';
import type { ScreenProps } from './screen';

/** How a sheet goes out, as a file or a link where it is short, and how one is opened. */
export function HandOut({ sheet, enter }: Readonly<{ sheet: Sheet; enter: ScreenProps['enter'] }>) {
  const router = useRouter();
  const isEmpty = sheet.items.length === 0;
  const link = isEmpty ? null : sheetLink(sheet);
  const open = async (): Promise<void> => {
    const raw = await chosenText('.json,application/json');
    if (raw === null) return;
    const found = sheetIn(raw);
    if (found === null) useStore.getState().say(notice('sheet-unreadable'));
    else enter(entriesOf(found));
  };
  return (
    <View gap="$2">
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button isDisabled={isEmpty} onPress={() => saveSheet(sheet)}>
          {sheetWords.save}
        </Button>
        <Button isDisabled={link === null} onPress={() => void copy(link ?? '')}>
          {sheetWords.link}
        </Button>
        <Button
          isDisabled={isEmpty}
          onPress={() => {
            openSheet(sheet);
            router.navigate('/kit?tool=practice');
          }}
        >
          {sheetWords.try}
        </Button>
        <Button onPress={() => void open()}>{sheetWords.open}</Button>
      </View>
      {isEmpty || link !== null ? null : (
        <Words size="medium" tone="muted">
          {sheetWords.linkLong}
        </Words>
      )}
    </View>
  );
}
