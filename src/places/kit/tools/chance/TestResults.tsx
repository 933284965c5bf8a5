import { View } from '@tamagui/core';
import type { Tail, TestId, TestNumber } from '@/core/inference/test-names';
import { copy } from '@/places/bench/copying';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import type { OutcomeView, TestView } from '@/state/slices/kit/requests';
import { useStore } from '@/state/app-store';
import {
  assumedText,
  doubtText,
  effectNames,
  hypothesesOf,
  hypothesisText,
  outcomeNames,
  testNames,
  testWords,
  verdictText,
} from '@/text/kit/tests';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { SharePicture } from './SharePicture';

type Kept = OutcomeView['p'];
type Props = Readonly<{
  test: TestId;
  tail: Tail;
  numbers: Readonly<Partial<Record<TestNumber, string>>>;
  view: TestView;
}>;

/** The form that reads best beside others: the decimal. */
const decimalOf = ({ forms }: Kept): string => (forms.find(({ id }) => id === 'decimal') ?? forms[0])?.text ?? '';

/** Decimals before exact forms, which are long here. */
const inDecimals = (kept: Kept): Kept => {
  const decimal = kept.forms.find(({ id }) => id === 'decimal');
  return decimal === undefined ? kept : { ...kept, forms: [decimal, ...kept.forms.filter((f) => f !== decimal)] };
};

/** A statistic with its degrees of freedom and its chance, in one line: t(9) = −4.06, p = 0.0028. */
const outcomeText = ({ letter, statistic, df, p }: OutcomeView): string => {
  const freedom = df.length === 0 ? '' : `(${df.map(decimalOf).join('; ')})`;
  return `${letter}${freedom} = ${decimalOf(statistic)}, p = ${decimalOf(p)}`;
};

/** What a test says: its hypotheses, its statistic with its chance, the interval, the picture, and a sentence. */
export function TestResults({ test, tail, numbers, view }: Props) {
  const sign = useStore((s) => s.settings.display.decimalSign);
  const told = Object.fromEntries(
    Object.entries(numbers).map(([name, text]) => [name, text.replaceAll('-', '−').replaceAll('.', sign)]),
  );
  const [nothing, claimed] = hypothesesOf(test, tail, told);
  const row = (name: string, kept: Kept | null, key = name) =>
    kept === null ? null : <ResultRow key={key} result={{ name, ...inDecimals(kept), from: name }} most={1} />;
  const { doubts } = view;
  const [first] = view.outcomes;
  const sentence = view.outcomes
    .map((outcome) =>
      verdictText(
        outcome.of === null ? testNames[test] : `${testNames[test]}, ${outcomeNames[outcome.of]}`,
        outcomeText(outcome),
        outcome.chance,
        view.left,
        nothing,
      ),
    )
    .join(' ');
  return (
    <>
      <View gap={2} role="group" aria-label={testWords.hypotheses}>
        <Words strong>{hypothesisText.nothing(nothing)}</Words>
        <Words strong>{hypothesisText.claimed(claimed)}</Words>
      </View>
      <View role="list" aria-label={testWords.results}>
        {view.outcomes.flatMap(({ of, letter, statistic, df, p }) => {
          const about = of === null ? '' : `, ${outcomeNames[of]}`;
          const freedom = df.length === 0 ? '' : ` (${df.map(decimalOf).join('; ')})`;
          return [
            row(`${letter}${freedom}${about}`, statistic, `statistic ${of}`),
            row(`${testWords.p}${about}`, p, `p ${of}`),
          ];
        })}
        {row(testWords.estimate, view.estimate)}
        {row(testWords.low, view.low)}
        {row(testWords.high, view.high)}
        {view.effect === null ? null : row(`${testWords.effect}: ${effectNames[view.effect.id]}`, view.effect.value)}
      </View>
      {view.marks === null || first === undefined ? null : (
        <SharePicture
          view={view}
          note={testWords.against}
          told={`${testWords.against}: ${outcomeText(first)}`}
          onDrag={null}
        />
      )}
      {view.quantiles === null ? null : (
        <SharePicture view={view.quantiles} note={testWords.quantiles} told={testWords.quantiles} onDrag={null} />
      )}
      <Words>{sentence}</Words>
      <View flexDirection="row">
        <Button isTight onPress={() => void copy(sentence)}>
          {testWords.copy}
        </Button>
      </View>
      <View gap={2}>
        <Words strong>{testWords.assumed}</Words>
        <Words size="medium" tone="muted">
          {`${assumedText(test)}${view.isApproximate ? ` ${testWords.approximate}` : ''}`}
        </Words>
      </View>
      {doubts === null ? null : (
        <View gap={2} role="group" aria-label={testWords.doubts}>
          <Words strong>{testWords.doubts}</Words>
          {doubts.found.length === 0 ? (
            <Words size="medium" tone="muted">
              {testWords.noDoubt}
            </Words>
          ) : (
            doubts.found.map((doubt, i) => <Words key={i}>{doubtText(doubt, doubts)}</Words>)
          )}
        </View>
      )}
    </>
  );
}
