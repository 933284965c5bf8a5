import { View } from '@tamagui/core';
import { useEffect, useRef } from 'react';
import type { ReactNode } from 'react';
import { ScrollView } from 'react-native';
import { words } from '@/text/labels';
import { Button } from '../control/Button';
import { Heading } from '../theme/text';

type Props = Readonly<{
  title: string;
  onClose: () => void;
  /** What a character does that is typed outside a field. */
  onType?: (char: string) => void;
  children: ReactNode;
}>;

const FOCUSABLE = 'button:not([disabled]), input, [tabindex="0"]';

/** A panel over the page: from below on a phone, at the side on a wide screen. Escape and a tap outside close it; Tab stays inside. */
export function Sheet({ title, onClose, onType, children }: Props) {
  const panel = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const before = document.activeElement;
    // A field that asks for the focus has it by now.
    if (panel.current?.contains(before) !== true) panel.current?.querySelector<HTMLElement>(FOCUSABLE)?.focus();
    return () => {
      if (before instanceof HTMLElement && before.isConnected) before.focus();
    };
  }, []);

  const onKeyDown = (event: {
    key: string;
    shiftKey: boolean;
    ctrlKey: boolean;
    metaKey: boolean;
    preventDefault: () => void;
    stopPropagation: () => void;
  }) => {
    event.stopPropagation();
    if (event.key === 'Escape') onClose();
    if (/^[0-9A-Za-z]$/.test(event.key) && !event.ctrlKey && !event.metaKey) onType?.(event.key);
    if (event.key !== 'Tab' || panel.current === null) return;
    const all = [...panel.current.querySelectorAll<HTMLElement>(FOCUSABLE)];
    const edge = event.shiftKey ? all[0] : all.at(-1);
    if (document.activeElement !== edge) return;
    event.preventDefault();
    (event.shiftKey ? all.at(-1) : all[0])?.focus();
  };

  return (
    <View position="absolute" top={0} right={0} bottom={0} left={0} zIndex="$2">
      <View
        position="absolute"
        top={0}
        right={0}
        bottom={0}
        left={0}
        backgroundColor="$shade"
        onPress={onClose}
        aria-hidden
      />
      <View
        ref={panel as never}
        role="dialog"
        aria-modal
        aria-label={title}
        onKeyDown={onKeyDown}
        position="absolute"
        bottom={0}
        left={0}
        right={0}
        maxHeight="88%"
        backgroundColor="$paper"
        borderTopLeftRadius={12}
        borderTopRightRadius={12}
        $wide={{ left: 'auto', top: 0, width: 430, maxHeight: '100%', borderTopRightRadius: 0 }}
      >
        <View
          flexDirection="row"
          alignItems="center"
          justifyContent="space-between"
          paddingLeft="$4"
          paddingRight="$2"
          paddingVertical="$1"
          borderBottomWidth={1}
          borderColor="$rule"
        >
          <Heading role="heading" aria-level={2}>
            {title}
          </Heading>
          <Button isPlain onPress={onClose}>
            {words.close}
          </Button>
        </View>
        <ScrollView>
          <View padding="$4" gap="$4">
            {children}
          </View>
        </ScrollView>
      </View>
    </View>
  );
}
