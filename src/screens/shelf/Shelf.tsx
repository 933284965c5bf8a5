import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { held } from '@/core/memory/letters';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Heading, Words } from '@/ui/theme/text';
import { copy } from '../bench/copying';

/** Everything kept: each letter with its value and where it came from. */
export function Shelf() {
  const letters = useStore((s) => s.document.letters);
  const canUndo = useStore((s) => s.history.past.length > 0);
  const { recall, clearLetter, clearLetters, press } = useStore.getState();
  const router = useRouter();
  const { decimalSign, grouping } = useStore((s) => s.settings.display);
  const shown = { decimalSign, grouping };
  const all = held(letters);
  return (
    <View flex={1} minHeight={0} backgroundColor="$paper">
      <PlaceHeader title={words.shelf}>
        <Button isDisabled={!canUndo} onPress={() => press({ type: 'undo' })}>
          {words.undo}
        </Button>
        <Button isDisabled={all.length === 0} onPress={clearLetters}>
          {words.clearLetters}
        </Button>
      </PlaceHeader>
      <View flex={1} minHeight={0} className="paper-grid scroll-y" role="list" aria-label={words.letters} tabIndex={0}>
        {all.length === 0 ? (
          <View role="listitem" padding="$4">
            <Words tone="muted">{words.emptyShelf}</Words>
          </View>
        ) : null}
        {all.map(([name, kept]) => {
          const source = typeset(kept.from, CORE_SPELLING, shown);
          const value = typeset(kept.typed, CORE_SPELLING, shown);
          return (
            <View
              key={name}
              role="listitem"
              flexDirection="row"
              flexWrap="wrap"
              alignItems="center"
              gap="$2"
              padding="$2"
              borderBottomWidth={1}
              borderColor="$rule"
              backgroundColor="$paper"
            >
              <Heading width={36} textAlign="center">
                {name}
              </Heading>
              <View flex={1} minWidth={150} gap={2}>
                <View className="scroll-x ink-answer" flexDirection="row" alignItems="center" gap={6}>
                  <Words size="large" tone="answer">
                    {kept.exact ? '=' : '≈'}
                  </Words>
                  {value === null ? <Words tone="answer">{kept.typed}</Words> : <Formula markup={value} size="tape" />}
                </View>
                <View className="scroll-x ink" flexDirection="row" alignItems="center" gap="$1">
                  <Words size="medium" tone="muted">
                    {words.from}
                  </Words>
                  {source === null ? (
                    <Words size="medium">{kept.from}</Words>
                  ) : (
                    <Formula markup={source} size="small" />
                  )}
                </View>
              </View>
              <View flexDirection="row" gap="$1">
                <Button
                  name={`${words.recall} ${name}`}
                  onPress={() => {
                    recall(name);
                    router.navigate('/');
                  }}
                >
                  {words.recall}
                </Button>
                <Button name={`${words.copyValue} ${name}`} onPress={() => void copy(kept.full)}>
                  {words.copyValue}
                </Button>
                <Button name={`${words.clear} ${name}`} onPress={() => clearLetter(name)}>
                  {words.clear}
                </Button>
              </View>
            </View>
          );
        })}
      </View>
    </View>
  );
}
