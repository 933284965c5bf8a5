import { createElement } from 'react';
import type { KeyboardEvent } from 'react';
import { View } from '@tamagui/core';
import { Words } from '../theme/text';

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
      {createElement('input', {
        className: 'field',
        'aria-label': name,
        value,
        placeholder,
        autoFocus,
        autoComplete: 'off',
        autoCapitalize: 'off',
        spellCheck: false,
        onChange: (event: { currentTarget: HTMLInputElement }) => onChange(event.currentTarget.value),
        onKeyDown: (event: KeyboardEvent) => {
          if (event.key !== 'Enter' || onEnter === undefined) return;
          // Else the stroke would press what has the focus once this field is gone.
          event.preventDefault();
          onEnter();
        },
      })}
    </View>
  );
}
