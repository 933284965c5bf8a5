import { View } from '@tamagui/core';
import type { LoanPart } from '@/core/loan/loan';
import { LineRow } from '@/places/kit/parts/LineRow';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import type { LoanView, SolvedLoan } from '@/state/slices/kit/requests';
import { loanWords, partName, termNote } from '@/text/kit/loans';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { useStore } from '@/state/app-store';
import { Words } from '@/ui/theme/text';
import { compoundingOf } from './inputs';
import type { LoanEntries } from './inputs';
import { formulaOf, periodicText } from './formula';
import type { Numbers } from './formula';

type Kept = SolvedLoan['total'];

/** Money and rates are read as decimals, however long their fractions are. */
const inDecimals = (forms: Kept['forms']): Kept['forms'] => {
  const decimal = forms.find(({ id }) => id === 'decimal');
  return decimal === undefined ? forms : [decimal, ...forms.filter((form) => form !== decimal)];
};

/** The cards of a loan, the one that was sought first. */
export function LoanResults({
  solved,
  solve,
  isSavings,
  perYear,
}: Readonly<{ solved: SolvedLoan; solve: LoanPart; isSavings: boolean; perYear: number }>) {
  const row = (name: string, { forms, saved, full }: Kept, note: string | null = null) => (
    <ResultRow key={name} result={{ name, forms: inDecimals(forms), saved, full, from: name }} note={note} most={1} />
  );
  const sought = partName(solve, isSavings);
  return (
    <View role="list" aria-label={loanWords.results}>
      {row(sought, solved.parts[solve], solve === 'term' ? termNote(solved.count, perYear) : null)}
      {solve === 'payment' ? null : row(partName('payment', isSavings), solved.parts.payment)}
      <View role="listitem" paddingVertical="$2" borderTopWidth={1} borderColor="$rule">
        <Words>{`${loanWords.count}: ${solved.count}`}</Words>
      </View>
      {row(loanWords.last, solved.last)}
      {row(isSavings ? loanWords.saved : loanWords.total, solved.total)}
      {row(loanWords.interest, solved.interest)}
      {row(loanWords.effectiveRate, solved.effective)}
    </View>
  );
}

/** The formula in letters, and with the numbers in their place. */
export function ByFormula({ entries, numbers }: Readonly<{ entries: LoanEntries; numbers: Omit<Numbers, 'rate'> }>) {
  const display = useStore((s) => s.settings.display);
  const { solve, perYear, rate } = entries;
  const formula = formulaOf(
    solve,
    { ...numbers, rate: periodicText(rate, compoundingOf(entries), Number(perYear)) },
    entries.atBeginning === 'on',
    entries.kind === 'savings',
  );
  // Without interest there is nothing to divide by.
  if (/^0*\.?0*$/.test(rate)) return null;
  if (formula === null) return <Words tone="muted">{loanWords.noFormula}</Words>;
  const markup = typeset(formula.letters, CORE_SPELLING, display);
  return (
    <View gap="$1">
      <Words strong>{loanWords.formula}</Words>
      {markup === null ? null : (
        <View className="scroll-x ink" tabIndex={0}>
          <Formula markup={markup} size="tape" />
        </View>
      )}
      <LineRow name={loanWords.withNumbers} text={formula.numbers} />
    </View>
  );
}

const first = ({ forms }: Kept): string => inDecimals(forms)[0]?.text ?? '';
const numberOf = ({ full }: Kept): number => Number(full);

/** Two loans side by side, and how they differ. */
export function Compared({ view, isSavings }: Readonly<{ view: LoanView; isSavings: boolean }>) {
  const { solved, changed } = view;
  const display = useStore((s) => s.settings.display);
  if (solved === null || changed === null) return null;
  const kept = (of: SolvedLoan): readonly (readonly [string, Kept])[] => [
    [partName('payment', isSavings), of.parts.payment],
    [partName('term', isSavings), of.parts.term],
    [partName('rate', isSavings), of.parts.rate],
    [loanWords.last, of.last],
    [isSavings ? loanWords.saved : loanWords.total, of.total],
    [loanWords.interest, of.interest],
  ];
  const others = new Map(kept(changed.solved));
  const differenceText = (a: Kept, b: Kept): string => {
    const by = numberOf(b) - numberOf(a);
    const text = `${Number(Math.abs(by).toFixed(2))}`.replace('.', display.decimalSign);
    return by === 0 || text === '0' ? '0' : `${by > 0 ? '+' : '−'}${text}`;
  };
  return (
    <View className="scroll-x" tabIndex={0} role="region" aria-label={loanWords.compare}>
      <View role="table" aria-label={loanWords.compare} minWidth={340}>
        <View role="row" flexDirection="row" borderBottomWidth={1} borderColor="$ink">
          {[loanWords.number, loanWords.asItIs, loanWords.changed, loanWords.difference].map((title, j) => (
            <View key={j} role="columnheader" flex={j === 0 ? 1.4 : 1} padding={3}>
              <Words size="medium" strong textAlign={j === 0 ? 'left' : 'right'}>
                {title}
              </Words>
            </View>
          ))}
        </View>
        {kept(solved).map(([name, a]) => {
          const b = others.get(name);
          return b === undefined ? null : (
            <View key={name} role="row" flexDirection="row" borderBottomWidth={1} borderColor="$rule">
              {[name, first(a), first(b), differenceText(a, b)].map((text, j) => (
                <View key={j} role={j === 0 ? 'rowheader' : 'cell'} flex={j === 0 ? 1.4 : 1} minWidth={0} padding={3}>
                  <Words size="medium" textAlign={j === 0 ? 'left' : 'right'}>
                    {text}
                  </Words>
                </View>
              ))}
            </View>
          );
        })}
      </View>
    </View>
  );
}
