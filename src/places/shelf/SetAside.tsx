import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { useRouter } from 'expo-router';
import type { SetAside as Part } from '@/core/notebook/set-aside';
import { saveFile } from '@/platform/files';
import { deviceCopies, readCopy, removeCopy, useStore } from '@/state/app-store';
import type { OldCopy } from '@/state/kernel/old-copies';
import { asideReason, asideTitle, copyTitle } from '@/text/aside-labels';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Heading, Words } from '@/ui/theme/text';
import { openNotebookText, saveRaw } from '@/places/files/notebook-file';

const LONGEST_SEEN = 300;
/** Few, since the places stand below them. */
const MOST_SEEN = 5;

/** One part: what it was, why it lies here, and what can be done with it. */
function PartRow({ part }: Readonly<{ part: Part }>) {
  const router = useRouter();
  const { asideToLine, removeAside } = useStore.getState();
  const title = asideTitle(part);
  return (
    <View role="listitem" aria-label={title} borderTopWidth={1} borderColor="$rule" padding="$3" gap="$2">
      <Words strong>{title}</Words>
      <Words size="medium" tone="muted">
        {asideReason(part)}
      </Words>
      {part.text === '' ? null : (
        <Words selectable numberOfLines={4}>
          {part.text.slice(0, LONGEST_SEEN)}
        </Words>
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {part.text === '' || part.of === 'column' ? null : (
          <Button
            onPress={() => {
              asideToLine(part.id);
              router.navigate('/');
            }}
          >
            {words.intoLine}
          </Button>
        )}
        <Button onPress={() => saveFile('ulkav-part.json', part.raw, 'application/json')}>{words.saveIt}</Button>
        <Button isPlain onPress={() => removeAside(part.id)}>
          {words.remove}
        </Button>
      </View>
    </View>
  );
}

/** Whole notebooks that were set aside on this device. */
function Copies() {
  const [copies, setCopies] = useState<readonly OldCopy[]>([]);
  const keeping = useStore((s) => s.keeping);
  const look = () => void deviceCopies().then(setCopies, () => undefined);
  useEffect(look, [keeping]);
  const withCopy = (key: string, act: (raw: string) => void) => () =>
    void readCopy(key).then((raw) => (raw === null ? look() : act(raw)));
  return copies.map((copy) => (
    <View
      key={copy.key}
      role="listitem"
      aria-label={copyTitle(copy)}
      borderTopWidth={1}
      borderColor="$rule"
      padding="$3"
      gap="$2"
    >
      <Words strong>{copyTitle(copy)}</Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={withCopy(copy.key, openNotebookText)}>{words.openSoundParts}</Button>
        <Button onPress={withCopy(copy.key, saveRaw)}>{words.saveSetAside}</Button>
        <Button isPlain onPress={() => void removeCopy(copy.key).then(look, look)}>
          {words.remove}
        </Button>
      </View>
    </View>
  ));
}

/** What could not be read, and what gave way to another tab: kept here until it is removed. */
export function SetAside() {
  const parts = useStore((s) => s.document.setAside);
  const [all, setAll] = useState(false);
  const { removeAside } = useStore.getState();
  const seen = all ? parts : parts.slice(0, MOST_SEEN);
  return (
    <View role="group" aria-label={words.setAside} backgroundColor="$paper">
      {parts.length === 0 ? null : (
        <View flexDirection="row" alignItems="center" paddingHorizontal="$3" paddingTop="$2">
          <Heading role="heading" aria-level={2} flex={1}>
            {words.setAside}
          </Heading>
          <Button isPlain onPress={() => removeAside(null)}>
            {words.removeAll}
          </Button>
        </View>
      )}
      <View role="list" aria-label={words.setAside}>
        {seen.map((part) => (
          <PartRow key={part.id} part={part} />
        ))}
        {seen.length < parts.length ? (
          <View padding="$3">
            <Button onPress={() => setAll(true)}>{words.showAll}</Button>
          </View>
        ) : null}
        <Copies />
      </View>
    </View>
  );
}
