import { View, styled } from '@tamagui/core';
import { Input, TextArea as KitTextArea } from '@tamagui/input';
import { TARGET } from '../theme/config';
import { edged } from '../theme/look';
import { Words } from '../theme/text';

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

const TextInput = styled(Input, look);
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
      <TextInput
        {...(isInline ? { flexGrow: 1, flexShrink: 1, width: 0 } : {})}
        aria-label={name}
        value={value}
        autoComplete="off"
        autoCapitalize="none"
        spellCheck={false}
        onChangeText={onChange}
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
