import type { FormId } from '@/core/format/form';
import { itemAt } from '@/core/base/item';
import type { TapeLine } from '@/core/notebook/schema';
import { TapeRow } from './TapeRow';

export type LinesProps = Readonly<{
  tape: readonly TapeLine[];
  grouping: boolean;
  onOpen: (id: string) => void;
  onUseLine: (id: string) => void;
  onUseAnswer: (id: string) => void;
  /** Lines that rest on an answer that is another by now, with what Ans stood for. */
  outdated: ReadonlyMap<string, string>;
  onAgain: (id: string) => void;
  onChoose?: (id: string, form: FormId) => void;
}>;

/** Where a line stands in an adding list: a list has two steps or more that go on from one another. */
function placeInList(tape: readonly TapeLine[], at: number): 'first' | 'middle' | 'last' | 'only' {
  const step = itemAt(tape, at).addition;
  if (step === null) return 'only';
  const goesOn = step.isNext && tape[at - 1]?.addition != null;
  const next = tape[at + 1]?.addition;
  const isFollowed = next?.isNext === true;
  if (goesOn) return isFollowed ? 'middle' : 'last';
  return isFollowed ? 'first' : 'only';
}

/** One line of a tape. Only the newest has its forms to choose from. */
export function LineAt({ at, tape, onChoose, outdated, ...rest }: LinesProps & Readonly<{ at: number }>) {
  return (
    <TapeRow
      line={itemAt(tape, at)}
      ansWas={outdated.get(itemAt(tape, at).id) ?? null}
      inList={placeInList(tape, at)}
      {...rest}
      {...(at === tape.length - 1 && onChoose !== undefined ? { onChoose } : {})}
    />
  );
}

/** The newest lines, so many, all drawn. */
export function NewestLines({ count, ...props }: LinesProps & Readonly<{ count: number }>) {
  const { tape } = props;
  const from = Math.max(0, tape.length - count);
  return (
    <>
      {tape.slice(from).map(({ id }, i) => (
        <LineAt key={id} at={from + i} {...props} />
      ))}
    </>
  );
}
