import { useRouter } from 'expo-router';
import type { Form } from '@/core/format/form';
import { useHelp } from '@/places/exam/use-help';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { matrixIn, openMatrix } from './open-matrix';

/** Opens a matrix in the tool Matrices; nothing for any other value. */
export function OpenInKit({
  forms,
  onDone,
}: Readonly<{ forms: readonly Pick<Form, 'exact' | 'typed'>[]; onDone: () => void }>) {
  const router = useRouter();
  const matrix = matrixIn(forms);
  const hasKit = useHelp('kit');
  if (matrix === null || !hasKit) return null;
  return (
    <Button
      onPress={() => {
        openMatrix(matrix);
        onDone();
        router.navigate('/kit?tool=matrices');
      }}
    >
      {words.openInKit}
    </Button>
  );
}
