import { copy } from '@/places/bench/copying';
import { copySpoken, kitWords } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { RowFrame } from './RowFrame';

type Props = Readonly<{ name: string; text: string; note?: string | null }>;

/** A result that is no number, such as a date: it can be copied. */
export function TextRow({ name, text, note = null }: Props) {
  return (
    <RowFrame
      spoken={`${name}: ${text}`}
      name={name}
      note={note}
      buttons={
        <Button isTight name={copySpoken(name)} onPress={() => void copy(text)}>
          {kitWords.copy}
        </Button>
      }
    >
      <Words tone="answer" flexShrink={1}>
        {text}
      </Words>
    </RowFrame>
  );
}
