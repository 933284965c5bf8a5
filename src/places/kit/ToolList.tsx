import { View, useTheme } from '@tamagui/core';
import { useState } from 'react';
import { useIsThere } from '@/places/exam/use-help';
import { kitWords, toolSpoken } from '@/text/kit/kit';
import { Field } from '@/ui/kit/Field';
import { Pressable } from '@/ui/control/Pressable';
import { Words } from '@/ui/theme/text';
import { findTools } from './find-tools';
import { tools } from './tools';

type Tool = (typeof tools)[number];

/** A tool as it stands in a list: its sign, its name, and what it answers. */
export function ToolItem({ tool, isOpen, onOpen }: Readonly<{ tool: Tool; isOpen: boolean; onOpen: () => void }>) {
  const theme = useTheme();
  const { icon: Icon, name, answers } = tool;
  return (
    <View role="listitem">
      <Pressable
        aria-label={toolSpoken(name, answers)}
        {...(isOpen ? { 'aria-current': 'true' } : {})}
        onPress={onOpen}
        alignSelf="stretch"
        justifyContent="flex-start"
        alignItems="flex-start"
        gap="$3"
        padding="$3"
        borderRadius={0}
        borderBottomWidth={1}
        borderColor="$rule"
        {...(isOpen ? { backgroundColor: '$card' } : {})}
        hoverStyle={{ backgroundColor: '$card' }}
      >
        <View aria-hidden paddingTop={2}>
          <Icon size={22} strokeWidth={1.8} color={theme[isOpen ? 'accent' : 'muted'].get()} />
        </View>
        <View flex={1} minWidth={0} gap={2}>
          <Words strong textAlign="left">
            {name}
          </Words>
          <Words size="medium" tone="muted" textAlign="left">
            {answers}
          </Words>
        </View>
      </Pressable>
    </View>
  );
}

/** All tools, to be searched by plain words. */
export function ToolList({ open, onOpen }: Readonly<{ open: string | null; onOpen: (id: string) => void }>) {
  const [sought, setSought] = useState('');
  const isThere = useIsThere();
  const shown = (sought.trim() === '' ? tools : findTools(sought)).filter(isThere);
  const [first] = shown;
  return (
    <View role="region" aria-label={kitWords.tools} flex={1} minHeight={0}>
      <View padding="$3">
        <Field
          name={kitWords.sought}
          isHidden
          value={sought}
          onChange={setSought}
          placeholder={kitWords.hint}
          onEnter={() => {
            if (first !== undefined) onOpen(first.id);
          }}
        />
      </View>
      <View role="list" aria-label={kitWords.tools} className="scroll-y" flex={1} minHeight={0} aria-live="polite">
        {shown.map((tool) => (
          <ToolItem key={tool.id} tool={tool} isOpen={tool.id === open} onOpen={() => onOpen(tool.id)} />
        ))}
        {shown.length === 0 ? (
          <Words tone="muted" padding="$3">
            {kitWords.nothing}
          </Words>
        ) : null}
      </View>
    </View>
  );
}
