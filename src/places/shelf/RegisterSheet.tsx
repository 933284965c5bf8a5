import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { FormId } from '@/core/format/form';
import { memoryOperations } from '@/core/memory/shelf';
import type { MemoryOperation } from '@/core/memory/shelf';
import { useStore } from '@/state/app-store';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { exactText } from '@/state/slices/bench/substitution';
import { shownForm } from '@/state/slices/tape/line';
import { operationNames, keptAt } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { capital, registerName } from '@/text/registers';
import { Button } from '@/ui/control/Button';
import { SourceText } from '@/ui/keyed/SourceText';
import { ResultForms } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { copy } from '@/places/bench/copying';
import { OpenInKit } from '@/places/kit/tools/matrices/OpenInKit';
import { KeepNumber } from './KeepNumber';

/** Deeds by which the value on the Bench goes into a place. */
const fromBench = memoryOperations.filter((d) => d !== 'recall' && d !== 'recallValue' && d !== 'clear');

/** A place of the Shelf: its value in every form, where it came from, and what can be done with it. */
export function RegisterSheet({ name, onClose }: Readonly<{ name: string; onClose: () => void }>) {
  const kept = useStore((s) => s.document.shelf[name]);
  const formsCache = useStore((s) => s.formsCache);
  const settings = useStore((s) => s.settings);
  const { remember } = useStore.getState();
  const [chosen, setChosen] = useState<FormId | null>(null);
  const router = useRouter();
  const known = formsOfHolder({ formsCache }, kept ?? null);
  const take = (operation: MemoryOperation) => () => {
    onClose();
    remember(operation, name);
    if (operation === 'recall' || operation === 'recallValue') router.navigate('/');
  };
  const exact = exactText(known);
  return (
    <Panel title={capital(registerName(name))} onClose={onClose}>
      {kept === undefined ? (
        <Words tone="muted">{capital(words.nothingHeld)}.</Words>
      ) : (
        <View gap="$2">
          <ResultForms
            forms={known}
            chosen={known.length === 0 ? null : shownForm(known, chosen, settings).id}
            onChoose={setChosen}
            shown={settings.display}
          />
          <View flexDirection="row" alignItems="center" gap="$2">
            <Words size="medium" tone="muted">
              {words.from}
            </Words>
            <View flex={1} minWidth={0}>
              <SourceText text={kept.from} shown={settings.display} />
            </View>
          </View>
          {kept.at === null ? null : (
            <Words size="medium" tone="muted">
              {words.keptWhen} {keptAt(kept.at)}
            </Words>
          )}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button onPress={take('recall')}>{words.recallAsReference}</Button>
            <Button onPress={take('recallValue')}>{words.recallAsValue}</Button>
            <Button onPress={() => void copy(kept.full)}>{words.copyDigits2}</Button>
            {exact === null ? null : <Button onPress={() => void copy(exact)}>{words.copyExact}</Button>}
            <OpenInKit forms={[kept]} onDone={onClose} />
            <Button onPress={take('clear')}>{words.clear}</Button>
          </View>
        </View>
      )}
      <KeepNumber name={name} onClose={onClose} />
      <View role="group" aria-label={words.withAtHand} gap="$1">
        <Words strong>{words.withAtHand}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {fromBench.map((operation) => (
            <Button key={operation} isDisabled={kept === undefined && operation !== 'keep'} onPress={take(operation)}>
              {operationNames[operation]}
            </Button>
          ))}
        </View>
      </View>
    </Panel>
  );
}
