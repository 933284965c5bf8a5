import { View } from '@tamagui/core';
import { patternOf } from '@/core/radix/word';
import type { FormId } from '@/core/format/form';
import type { Word } from '@/core/radix/word';
import type { BitsOperationId } from '@/core/radix/bits';
import { inColumns } from '@/core/radix/working';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import { useStore } from '@/state/app-store';
import { baseWords, operationName } from '@/text/kit/bases';
import { fewerSpoken, moreSpoken } from '@/text/kit/kit';
import { Stepper } from '@/ui/control/Stepper';
import { Words } from '@/ui/theme/text';
import { bitsTold } from './told';

const ALONE: readonly BitsOperationId[] = ['not', 'neg'];
const SHIFTS: readonly BitsOperationId[] = ['shl', 'shr', 'sar', 'rol', 'ror'];
const OF_TWO: readonly BitsOperationId[] = ['and', 'or', 'xor', 'nand', 'nor', 'xnor', 'add', 'sub', 'mul'];

const BESIDE: ReadonlySet<FormId> = new Set(['exact', 'hexadecimal']);

type Props = Readonly<{
  a: bigint;
  b: bigint | null;
  word: Word;
  places: string;
  onPlaces: (places: string) => void;
}>;

/** Everything that can be done with the bits of a number, and with those of a second one. */
export function BitsResults({ a, b, word, places, onPlaces }: Props) {
  const display = useStore((s) => s.settings.display);
  const count = Math.max(0, Math.min(word.bits, Number(places) || 0));
  const list = (name: string, ids: readonly BitsOperationId[], second: bigint) => (
    <View role="list" aria-label={name}>
      {ids.map((id) => {
        const told = bitsTold(id, a, second, word, display);
        return told === null ? null : (
          <ResultRow key={id} result={told.result} note={told.note} most={3} beside={BESIDE} />
        );
      })}
    </View>
  );
  return (
    <View gap="$3">
      <View>
        <Words strong>{baseWords.operations}</Words>
        {list(baseWords.operations, ALONE, 0n)}
      </View>
      {b === null ? null : (
        <View>
          <Words strong>{baseWords.withSecond}</Words>
          {list(baseWords.withSecond, OF_TWO, b)}
          <Columns op="add" a={a} b={b} word={word} />
          <Columns op="sub" a={a} b={b} word={word} />
        </View>
      )}
      <View>
        <Stepper
          title={baseWords.places}
          value={count}
          least={0}
          most={word.bits}
          names={{ fewer: fewerSpoken(baseWords.places), more: moreSpoken(baseWords.places) }}
          onChange={(next) => onPlaces(`${next}`)}
        />
        {list(baseWords.places, SHIFTS, BigInt(count))}
      </View>
    </View>
  );
}

/** A sum or a difference in columns, what was carried above it. */
function Columns({ op, a, b, word }: Readonly<{ op: 'add' | 'sub'; a: bigint; b: bigint; word: Word }>) {
  const {
    carries,
    a: top,
    b: bottom,
    result,
  } = inColumns(op, patternOf(a, word.bits), patternOf(b, word.bits), word.bits);
  const inFours = (digits: string): string => digits.replace(/(.)(?=(?:.{4})+$)/g, '$1\u2007');
  const rows = [
    [carries.replaceAll('0', '\u2007'), 'carries'],
    [top, 'a'],
    [bottom, 'b'],
    [result, 'result'],
  ] as const;
  return (
    <View
      role="group"
      aria-label={`${baseWords.inColumns}: ${operationName(op)}`}
      alignSelf="flex-start"
      maxWidth="100%"
      className="scroll-x"
      paddingVertical="$2"
      tabIndex={0}
    >
      <Words size="medium" tone="muted">{`${baseWords.inColumns}: ${operationName(op)}`}</Words>
      {rows.map(([digits, id]) => (
        <View
          key={id}
          flexDirection="row"
          justifyContent="flex-end"
          gap="$2"
          {...(id === 'result' ? { borderTopWidth: 1, borderColor: '$ink' } : {})}
        >
          <Words {...(id === 'carries' ? { tone: 'muted' as const } : {})} whiteSpace="pre">
            {id === 'b' ? `${op === 'add' ? '+' : '−'}\u2007` : ''}
            {inFours(digits)}
          </Words>
        </View>
      ))}
    </View>
  );
}
