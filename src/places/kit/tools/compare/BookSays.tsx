import { useRouter } from 'expo-router';
import type { LineRef } from '@/places/bench/sheets';
import { useHelp } from '@/places/exam/use-help';
import { compareWords } from '@/text/kit/compare';
import { Button } from '@/ui/control/Button';
import { openCompare } from './open-compare';

/** Asks for the answer that a line is to be compared with. */
export function BookSays({ of, onDone }: Readonly<{ of: LineRef; onDone: () => void }>) {
  const router = useRouter();
  if (!useHelp('kit')) return null;
  return (
    <Button
      onPress={() => {
        openCompare(of);
        onDone();
        router.navigate('/kit?tool=compare&ask=1');
      }}
    >
      {compareWords.bookSays}
    </Button>
  );
}
