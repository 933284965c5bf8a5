import type { ShownValue } from '@/state/slices/columns/requests';
import { columnWords } from '@/text/column-labels';
import { NoStatistic, StatisticRow, shownText } from './Statistic';
import type { Told } from './Statistic';

type Props = Readonly<{
  name: string;
  shown: ShownValue;
  /** Its standard error; null or undefined where it is not known. */
  error: ShownValue | null | undefined;
  onOpen: (told: Told) => void;
}>;

/** A coefficient with its standard error. */
export function CoefficientRows({ name, shown, error, onOpen }: Props) {
  return (
    <>
      <StatisticRow name={name} note="" shown={shown} onOpen={onOpen} />
      {error == null ? null : <NoStatistic name={columnWords.standardError} why={shownText(error)} />}
    </>
  );
}
