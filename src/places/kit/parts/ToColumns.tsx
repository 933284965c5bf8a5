import { useRouter } from 'expo-router';
import { WithHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { Button } from '@/ui/control/Button';

type Props = Readonly<{
  children: string;
  /** The name of the table. */
  name: string;
  /** Its columns, made when they are asked for. */
  columns: () => readonly Readonly<{ name: string; cells: readonly string[] }>[];
  isTight?: boolean;
  isDisabled?: boolean;
}>;

/** Makes a table of Columns of what a tool found, and goes there. */
export function ToColumns({ children, name, columns, isTight = false, isDisabled = false }: Props) {
  const router = useRouter();
  const take = (): void => {
    useStore.getState().putTable(
      name,
      columns().map((column) => ({ ...column, unit: '' })),
    );
    router.navigate('/columns');
  };
  return (
    <WithHelp help="columns">
      <Button isTight={isTight} isDisabled={isDisabled} onPress={take}>
        {children}
      </Button>
    </WithHelp>
  );
}
