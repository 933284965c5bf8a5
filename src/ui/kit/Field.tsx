import { View, styled } from '@tamagui/core';
import { Input, TextArea as KitTextArea } from '@tamagui/input';
import { useContext, useEffect, useLayoutEffect, useRef } from 'react';
import { typedLine } from '@/core/line/typed-line';
import { TARGET } from '../theme/config';
import { edged } from '../theme/look';
import { Words } from '../theme/text';
import { FieldKeys } from './field-keys';

const look = {
  unstyled: true,
  width: '100%',
  minWidth: 0,
  minHeight: TARGET,
  paddingHorizontal: 10,
  paddingVertical: 6,
  ...edged,
  color: '$ink',
  fontFamily: '$body',
  fontSize: '$4',
  placeholderTextColor: '$muted',
  focusStyle: { outlineWidth: 2, outlineStyle: 'solid', outlineColor: '$accent' },
} as const;

export const TextInput = styled(Input, look);
/** A field of several lines. */
export const TextArea = styled(KitTextArea, look);

type Props = Readonly<{
  name: string;
  value: string;
  onChange: (value: string) => void;
  onEnter?: () => void;
  placeholder?: string;
  /** The name stands beside the field and not above it. */
  isInline?: boolean;
  isHidden?: boolean;
  autoFocus?: boolean;
}>;

type FocusEvent = Readonly<{ currentTarget: unknown }>;

/** Lets the keys of a deck that stands beside the field write into it while it has the focus. */
function useDeckKeys(value: string, onChange: (value: string) => void) {
  const onFocused = useContext(FieldKeys);
  const focused = useRef<HTMLInputElement | null>(null);
  const latest = useRef(onChange);
  const caret = useRef<number | null>(null);
  useLayoutEffect(() => {
    latest.current = onChange;
  });
  // What React writes into a field leaves the caret at its end.
  useLayoutEffect(() => {
    if (caret.current !== null) focused.current?.setSelectionRange(caret.current, caret.current);
    caret.current = null;
  }, [value]);
  // A field that is taken away while it has the focus hears no blur.
  useEffect(
    () => () => {
      if (focused.current !== null) onFocused?.(null);
    },
    [onFocused],
  );
  if (onFocused === null) return {};
  return {
    // The deck is the keyboard.
    inputMode: 'none' as const,
    onFocus: ({ currentTarget }: FocusEvent) => {
      const field = currentTarget as HTMLInputElement;
      focused.current = field;
      onFocused({
        read: () => typedLine(field.value, field.selectionEnd ?? field.value.length, field.selectionStart ?? undefined),
        write: (line) => {
          if (line.text === field.value) field.setSelectionRange(line.caret, line.caret);
          else {
            caret.current = line.caret;
            latest.current(line.text);
          }
        },
      });
    },
    onBlur: () => {
      focused.current = null;
      onFocused(null);
    },
  };
}

/** A field of text with its name. */
export function Field({
  name,
  value,
  onChange,
  onEnter,
  placeholder,
  isInline = false,
  isHidden = false,
  autoFocus,
}: Props) {
  const deckKeys = useDeckKeys(value, onChange);
  return (
    <View
      flexDirection={isInline ? 'row' : 'column'}
      alignItems={isInline ? 'center' : 'stretch'}
      gap={isInline ? '$2' : '$1'}
      flexGrow={1}
    >
      {isHidden ? null : (
        <Words strong={!isInline} aria-hidden whiteSpace="nowrap">
          {name}
        </Words>
      )}
      <TextInput
        {...(isInline ? { flexGrow: 1, flexShrink: 1, width: 0 } : {})}
        aria-label={name}
        value={value}
        autoComplete="off"
        autoCapitalize="none"
        spellCheck={false}
        onChangeText={onChange}
        {...deckKeys}
        onKeyDown={(event: { key: string; preventDefault: () => void }) => {
          if (event.key !== 'Enter' || onEnter === undefined) return;
          // Else the stroke would press what has the focus once this field is gone.
          event.preventDefault();
          onEnter();
        }}
        {...(placeholder === undefined ? {} : { placeholder })}
        {...(autoFocus === undefined ? {} : { autoFocus })}
      />
    </View>
  );
}
