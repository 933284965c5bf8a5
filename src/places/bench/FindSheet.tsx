import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { keys } from '@/keys/catalogue';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import { meansIn } from '@/keys/press';
import { useStore } from '@/state/app-store';
import { keyText } from '@/text/keys';
import { words } from '@/text/labels';
import { helpWords } from '@/text/help';
import { findElsewhere } from '@/text/help-index';
import { findKeys } from '@/text/search';
import { useHelp, useIsThere } from '@/places/exam/use-help';
import { HelpItem } from '@/places/frame/HelpSheet';
import { useOver } from '@/places/frame/over';
import { findTools } from '@/places/kit/find-tools';
import { ToolItem } from '@/places/kit/ToolList';
import { unitEntries, unitsEntered } from '@/places/kit/tools/units/inputs';
import { questionIn } from '@/places/kit/tools/units/names';
import { openConversion } from '@/text/kit/units';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Pressable } from '@/ui/control/Pressable';
import { Face } from '@/ui/key/Face';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

/** Finds keys and functions by plain words, tells what they do, and puts them into the line. */
export function FindSheet({
  onPress,
  onClose,
}: Readonly<{ onPress: (action: KeyAction) => void; onClose: () => void }>) {
  const [sought, setSought] = useState('');
  const isComplex = useStore((s) => s.settings.complex);
  const style = useStore((s) => s.settings.style);
  const isLacking = (id: KeyId): boolean =>
    (keys[id].needs === 'complex' && !isComplex) || !meansIn(style, keys[id].does);
  const found = findKeys(sought);
  const elsewhere = findElsewhere(sought);
  const hasKit = useHelp('kit');
  const isThere = useIsThere();
  const tools = hasKit ? findTools(sought).filter(isThere) : [];
  const conversion = hasKit ? questionIn(sought) : null;
  const router = useRouter();
  const over = useOver();
  const take = (action: KeyAction) => {
    onClose();
    onPress(action);
  };
  const first = found.find((id) => !isLacking(id));
  const convert = (): void => {
    if (conversion === null) return;
    const { kind, value, from, to } = conversion;
    useStore.getState().enter(unitEntries.id, { kind, value, ...unitsEntered(kind, from, to) });
    onClose();
    router.navigate(`/kit?tool=${unitEntries.id}`);
  };
  return (
    <Panel title={words.findTitle} onClose={onClose}>
      <Field
        name={words.findTitle}
        isHidden
        value={sought}
        onChange={setSought}
        placeholder={words.findHint}
        autoFocus
        onEnter={() => {
          if (conversion !== null) convert();
          else if (first !== undefined) take(keys[first].does);
        }}
      />
      {sought.trim() === '' ? <Words tone="muted">{words.findNote}</Words> : null}
      {sought.trim() !== '' && conversion === null && found.length + elsewhere.length + tools.length === 0 ? (
        <Words tone="muted">{words.findNothing}</Words>
      ) : null}
      {conversion === null ? null : (
        <View flexDirection="row">
          <Button isWide onPress={convert}>
            {openConversion(conversion.value, conversion.from, conversion.to)}
          </Button>
        </View>
      )}
      <View aria-live="polite">
        {found.map((id) => {
          const { say, help } = keyText(id, style);
          const { face, does, example } = keys[id];
          const isDimmed = isLacking(id);
          return (
            <Pressable
              key={id}
              aria-label={`${say}: ${help}`}
              aria-disabled={isDimmed}
              opacity={isDimmed ? 0.55 : 1}
              justifyContent="flex-start"
              alignItems="center"
              gap="$3"
              paddingVertical={6}
              borderTopWidth={1}
              borderColor="$rule"
              borderRadius={0}
              hoverStyle={{ backgroundColor: '$card' }}
              onPress={() => {
                if (!isDimmed) take(does);
              }}
            >
              <View width={56} alignItems="center">
                <Face face={face} tone="ink" size={16} strong={false} />
              </View>
              <View flex={1} minWidth={0}>
                <Words strong textAlign="left">
                  {say}
                </Words>
                <Words size="medium" tone="muted" textAlign="left">
                  {help} {words.example}: {example.shows}
                </Words>
              </View>
            </Pressable>
          );
        })}
      </View>
      {tools.length === 0 ? null : (
        <View>
          <Words strong>{words.kit}</Words>
          <View role="list" aria-label={words.kit}>
            {tools.map((tool) => (
              <ToolItem
                key={tool.id}
                tool={tool}
                isOpen={false}
                onOpen={() => {
                  onClose();
                  router.navigate(`/kit?tool=${tool.id}`);
                }}
              />
            ))}
          </View>
        </View>
      )}
      {elsewhere.length === 0 ? null : (
        <View>
          <Words strong>{helpWords.elsewhere}</Words>
          <View role="list" aria-label={helpWords.elsewhere}>
            {elsewhere.map((entry) => (
              <HelpItem key={`${entry.kind} ${entry.title}`} entry={entry} />
            ))}
          </View>
        </View>
      )}
      <View flexDirection="row">
        <Button
          onPress={() => {
            onClose();
            over({ panel: 'help' });
          }}
        >
          {words.help}
        </Button>
      </View>
    </Panel>
  );
}
