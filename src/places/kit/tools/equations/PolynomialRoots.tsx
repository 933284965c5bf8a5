import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { Slow } from '@/places/columns/Slow';
import { WithHelp } from '@/places/exam/use-help';
import { EntryTable, tableSlots } from '@/places/kit/parts/EntryTable';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import { SizeStepper } from '@/places/kit/parts/SizeStepper';
import { useWriting } from '@/places/kit/parts/slots';
import { isFullTable } from '@/places/kit/parts/table';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { entriesNow } from '@/places/kit/parts/use-entries';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import type { PolynomialView, RootView } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import {
  atPlace,
  coefficientName,
  complexCount,
  equationWords,
  multiplicityText,
  rootName,
} from '@/text/kit/equations';
import { kitWords } from '@/text/kit/kit';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { signOf } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import { MOST_DEGREE, equationEntries } from './inputs';
import type { ScreenProps } from './screen';

const row = (): string => equationWords.polynomial;

/** Typed text as a formula. */
function Written({ text, before = '' }: Readonly<{ text: string; before?: string }>) {
  const display = useStore((s) => s.settings.display);
  const markup = typeset(text, CORE_SPELLING, display);
  return (
    <View className="scroll-x ink" flexDirection="row" alignItems="center" gap="$2">
      {before === '' ? null : <Words>{before}</Words>}
      {markup === null ? <Words>{text}</Words> : <Formula markup={markup} size="tape" />}
    </View>
  );
}

/** A polynomial by its coefficients: its roots, factors, discriminant, and the square of one of degree two. */
export function PolynomialRoots({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const { coefficients } = entries;
  const [texts = []] = coefficients;
  const degree = texts.length - 1;
  const columnName = useCallback((column: number) => coefficientName(degree - column), [degree]);
  const head = useCallback(
    (column: number) =>
      degree - column === 0 ? '1' : degree - column === 1 ? 'x' : `x${superscript(degree - column)}`,
    [degree],
  );
  const named = { id: 'coefficients', table: coefficients, rowName: row, columnName };
  const cells = tableSlots(named, (make, thought) =>
    enter({ coefficients: make(entriesNow(equationEntries).coefficients) }, thought),
  );
  const isEmpty = texts.every((text) => text === '');
  const request = useRequest((state) =>
    isEmpty ? null : { ...kitRequest(state, texts), coefficients: texts, letter: 'x' },
  );
  const worked = useTask('polynomial', request);
  const view = worked.value;
  const refused = view?.kind === 'refused' ? view : null;
  const problem = useMemo(
    () => (refused === null ? null : { row: 0, column: refused.column, text: problemText(refused.problem) }),
    [refused],
  );
  return (
    <ToolFrame
      id={equationEntries.id}
      name={equationWords.name}
      slots={cells}
      writing={writing}
      above={above}
      preview={view === null || !isFullTable(coefficients) ? null : previewOf(view)}
      entries={
        <>
          <EntryTable
            {...named}
            name={equationWords.polynomial}
            slots={cells}
            writing={writing}
            head={head}
            mark={() => ''}
            problem={problem}
          />
          {problem === null ? null : (
            <Words role="alert" size="medium" tone="accent">
              {atPlace(columnName(problem.column), problem.text)}
            </Words>
          )}
          <SizeStepper
            name={equationWords.degree}
            value={degree}
            least={2}
            most={MOST_DEGREE}
            onChange={(next) => {
              // The constant term stays the last.
              const longer = Array.from({ length: Math.max(0, next - degree) }, () => '');
              enter({ coefficients: [[...longer, ...texts].slice(-(next + 1))] }, 'degree');
            }}
          />
        </>
      }
      results={
        isEmpty ? (
          <Words tone="muted">{equationWords.enterFirst}</Words>
        ) : (
          <View gap="$3" aria-busy={worked.isStale} opacity={worked.isStale ? 0.6 : 1}>
            <Slow isSlow={worked.state === 'slow'} share={worked.share} onStop={worked.stop} />
            {worked.problem === null ? null : <Words tone="accent">{problemText(worked.problem)}</Words>}
            {view === null || view.kind === 'refused' ? null : view.kind === 'constant' ? (
              <Words>{equationWords.constant}</Words>
            ) : (
              <Roots
                view={view}
                showsCardano={entries.cardano === 'on'}
                onCardano={(on) => enter({ cardano: on ? 'on' : 'off' }, 'cardano')}
              />
            )}
          </View>
        )
      }
    />
  );
}

function previewOf(view: PolynomialView): string | null {
  if (view.kind !== 'roots') return null;
  const real = view.roots.filter(({ isReal }) => isReal);
  if (real.length === 0) return equationWords.noRealRoot;
  return real.flatMap(({ forms: [form] }) => (form === undefined ? [] : [`x ${signOf(form)} ${form.text}`])).join(', ');
}

const superscript = (n: number): string => [...`${n}`].map((d) => '⁰¹²³⁴⁵⁶⁷⁸⁹'[Number(d)] ?? '').join('');

type Found = PolynomialView & { kind: 'roots' };

function Roots({
  view,
  showsCardano,
  onCardano,
}: Readonly<{ view: Found; showsCardano: boolean; onCardano: (on: boolean) => void }>) {
  const [showsComplex, setShowsComplex] = useState(false);
  const [showsSteps, setShowsSteps] = useState(false);
  const router = useRouter();
  const { text, roots, discriminant, factored, vertex, square, cardano } = view;
  const real = roots.filter(({ isReal }) => isReal);
  const complex = roots.filter(({ isReal }) => !isReal);
  const from = `${equationWords.polynomial}: ${text}`;
  const root = (one: RootView, i: number) => (
    <ResultRow
      key={i}
      result={{ ...one, name: rootName(i), from }}
      sign="x"
      note={one.multiplicity > 1 ? multiplicityText(one.multiplicity) : null}
    />
  );
  const named = (name: string, kept: Found['discriminant']) => (
    <ResultRow key={name} result={{ ...kept, name, from }} />
  );
  return (
    <>
      <View flexDirection="row" alignItems="center" flexWrap="wrap" gap="$3">
        <Written text={`${text}=0`} />
        <WithHelp help="curves">
          <Button
            isTight
            onPress={() => {
              useStore.getState().addFunction(text);
              router.navigate('/curves');
            }}
          >
            {kitWords.draw}
          </Button>
        </WithHelp>
      </View>
      <View role="list" aria-label={equationWords.roots}>
        {real.length === 0 ? <Words>{equationWords.noRealRoot}</Words> : null}
        {real.map(root)}
        {showsComplex ? complex.map((one, i) => root(one, real.length + i)) : null}
      </View>
      {complex.length === 0 ? null : (
        <View flexDirection="row" alignItems="center" flexWrap="wrap" gap="$2">
          <Words size="medium">{complexCount(complex.reduce((sum, { multiplicity }) => sum + multiplicity, 0))}</Words>
          <Button isTight onPress={() => setShowsComplex(!showsComplex)}>
            {showsComplex ? equationWords.hideComplex : equationWords.showComplex}
          </Button>
        </View>
      )}
      {cardano.length === 0 ? null : (
        <View gap="$1">
          <View flexDirection="row">
            <Button isPressed={showsCardano} onPress={() => onCardano(!showsCardano)}>
              {equationWords.cardano}
            </Button>
          </View>
          {showsCardano ? cardano.map((one) => <Written key={one} text={one} before="x =" />) : null}
        </View>
      )}
      <View gap={2}>
        <Words strong>{equationWords.factored}</Words>
        <Written text={factored} />
      </View>
      {square.length === 0 ? null : (
        <View gap="$1">
          <View flexDirection="row" alignItems="center" gap="$2">
            <Words strong>{equationWords.square}</Words>
            {square.length < 2 ? null : (
              <Button isTight isPressed={showsSteps} onPress={() => setShowsSteps(!showsSteps)}>
                {kitWords.steps}
              </Button>
            )}
          </View>
          {(showsSteps ? square : square.slice(-1)).map((step, i) => (
            <Written key={step} text={step} before={i === 0 ? '' : '='} />
          ))}
        </View>
      )}
      <View role="list" aria-label={kitWords.results}>
        {named(equationWords.discriminant, discriminant)}
        {vertex === null ? null : named(`${equationWords.vertex}: x`, vertex.x)}
        {vertex === null ? null : named(`${equationWords.vertex}: y`, vertex.y)}
      </View>
    </>
  );
}
