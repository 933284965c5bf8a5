import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useStore } from '@/state/app-store';
import { kitWords, lineSpoken } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Words } from '@/ui/theme/text';
import { putOnLine } from './to-line';

/** The line that works something out, which can be taken to the Bench. `text`: typed, with a point. */
export function LineRow({ name, text }: Readonly<{ name: string; text: string }>) {
  const router = useRouter();
  const display = useStore((s) => s.settings.display);
  const markup = typeset(text, CORE_SPELLING, display);
  return (
    <View role="group" aria-label={lineSpoken(name)} flexDirection="row" alignItems="center" gap="$2">
      <View flex={1} minWidth={0} className="scroll-x ink" tabIndex={0}>
        {markup === null ? <Words>{text}</Words> : <Formula markup={markup} size="tape" />}
      </View>
      <Button
        isTight
        name={`${kitWords.toLine}: ${name}`}
        onPress={() => {
          putOnLine(text);
          router.navigate('/');
        }}
      >
        {kitWords.toLine}
      </Button>
    </View>
  );
}
