import { View } from '@tamagui/core';
import { useState } from 'react';
import { TakeInSheet } from '@/places/columns/TakeInSheet';
import { openNotebookText } from '@/places/files/notebook-file';
import type { DroppedFile } from '@/platform/dropped-file';
import { useHelp } from '@/places/exam/use-help';
import { LARGEST_FILE_MB } from '@/platform/files';
import { useRouter } from 'expo-router';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { closed } from '@/text/exam';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ file: DroppedFile; onClose: () => void }>;

/** Asks before a file that was dropped on the page is opened as a notebook, or its values are taken into Columns. */
export function DroppedSheet({ file, onClose }: Props) {
  const [values, setValues] = useState<string | null>(null);
  const router = useRouter();
  const isNotebook = /\.json$/i.test(file.name);
  const hasColumns = useHelp('columns');
  const take = async (): Promise<void> => {
    const { say } = useStore.getState();
    if (file.isTooLarge) {
      say(notice('file-too-large', `${LARGEST_FILE_MB}`));
      return onClose();
    }
    const text = await file.text().catch(() => null);
    if (text === null) say(notice('file-unreadable'));
    else if (isNotebook) openNotebookText(text);
    else return setValues(text);
    return onClose();
  };
  if (values !== null)
    return (
      <TakeInSheet
        source={values}
        table={null}
        at={null}
        onDone={() => {
          onClose();
          router.navigate('/columns');
        }}
        onClose={onClose}
      />
    );
  if (!isNotebook && !hasColumns)
    return (
      <Panel title={words.dropped} onClose={onClose}>
        <Words>{closed(words.columns)}</Words>
      </Panel>
    );
  return (
    <Panel title={words.dropped} onClose={onClose}>
      <Words>{isNotebook ? words.droppedNotebook(file.name) : words.droppedValues(file.name)}</Words>
      <View flexDirection="row" gap="$2" flexWrap="wrap">
        <Button onPress={() => void take()}>{isNotebook ? words.openIt : words.takeThemIn}</Button>
        <Button onPress={onClose}>{words.leaveIt}</Button>
      </View>
    </Panel>
  );
}
