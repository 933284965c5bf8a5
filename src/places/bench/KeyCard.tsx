import { View } from '@tamagui/core';
import type { EntryStyle } from '@/core/notebook/schema';
import type { KeyId } from '@/keys/catalogue';
import { words } from '@/text/labels';
import { keyboardHelp } from '@/text/shortcuts';
import { KeyboardList } from '@/ui/key/KeyboardList';
import { KeyHelp } from '@/ui/key/KeyHelp';
import { Heading, Words } from '@/ui/theme/text';

type Where = Readonly<{ style: EntryStyle; isComplex: boolean }>;

/** Beside the tape on a wide screen: what the key does that is pointed at, and what the keyboard can do. */
export function KeyCard({ explained, style, isComplex }: Readonly<{ explained: KeyId | null }> & Where) {
  return (
    <View
      flex={1}
      minHeight={0}
      margin="$3"
      padding="$4"
      gap="$4"
      backgroundColor="$paper"
      borderWidth={1}
      borderColor="$rule"
      borderRadius="$3"
      className="scroll-y"
      tabIndex={0}
      role="region"
      aria-label={words.keyHelp}
    >
      {explained === null ? (
        <View gap="$1">
          <Heading>{words.keyHelp}</Heading>
          <Words tone="muted">{words.keyHelpNote}</Words>
        </View>
      ) : (
        <KeyHelp id={explained} style={style} isComplex={isComplex} />
      )}
      <View marginTop="auto">
        <KeyboardList help={keyboardHelp[style]} />
      </View>
    </View>
  );
}

/** The same above the keys of a phone, while a key is held down. */
export function HelpStrip({ id, style, isComplex }: Readonly<{ id: KeyId }> & Where) {
  return (
    <View role="status" padding="$3" backgroundColor="$paper" borderTopWidth={2} borderColor="$accent">
      <KeyHelp id={id} style={style} isComplex={isComplex} />
    </View>
  );
}
