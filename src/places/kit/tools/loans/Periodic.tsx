import { View } from '@tamagui/core';
import { loanParts } from '@/core/loan/loan';
import type { LoanPart } from '@/core/loan/loan';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { Worked } from '@/places/kit/parts/Worked';
import { kitRequest } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { changedName, loanWords, partName } from '@/text/kit/loans';
import { problemText } from '@/text/problems';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Toggle } from '@/ui/kit/Switch';
import { Words } from '@/ui/theme/text';
import { compoundingOf, loanEntries, ratings, yearlyPayments } from './inputs';
import type { LoanEntries } from './inputs';
import { ByFormula, Compared, LoanResults } from './LoanResults';
import { Schedule } from './Schedule';
import type { ScreenProps } from './screen';

const ratingNames: Readonly<Record<LoanEntries['rating'], string>> = {
  payments: loanWords.nominal,
  effective: loanWords.effective,
  12: loanWords.nominalMonthly,
  4: loanWords.nominalQuarterly,
  2: loanWords.nominalHalf,
  365: loanWords.nominalDaily,
};

/** What a part is entered under: a loan and savings have their own ends. */
const keyOf = (part: LoanPart, isSavings: boolean) =>
  isSavings && part === 'amount' ? 'start' : isSavings && part === 'balance' ? 'end' : part;
/** Nothing is as good as zero there. */
const mayBeEmpty = (part: LoanPart, isSavings: boolean): boolean =>
  isSavings ? part === 'amount' || part === 'payment' : part === 'balance';

const ORDER: readonly LoanPart[] = ['amount', 'rate', 'term', 'payment', 'balance'];

/** A loan that is paid off, or regular saving: all numbers but one are written, and that one is worked out. */
export function Periodic({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const isSavings = entries.kind === 'savings';
  const { solve, change, changeTo, perYear } = entries;
  const textOf = (part: LoanPart): string => entries[keyOf(part, isSavings)];
  const isComparing = entries.compare === 'on';
  const given = ORDER.filter((part) => part !== solve);
  const slots = inTurn([
    ...given.map((part) => ({
      id: part,
      name: partName(part, isSavings),
      text: textOf(part),
      keep: (text: string) => enter({ [keyOf(part, isSavings)]: text }, `loan ${part}`),
    })),
    ...(isSavings
      ? []
      : [
          {
            id: 'deposit',
            name: loanWords.deposit,
            text: entries.deposit,
            keep: (text: string) => enter({ deposit: text }, 'loan deposit'),
          },
        ]),
    ...(isComparing
      ? [
          {
            id: 'changeTo',
            name: changedName(partName(change, isSavings)),
            text: changeTo,
            keep: (text: string) => enter({ changeTo: text }, 'loan change'),
          },
        ]
      : []),
  ]);
  const isReady = given.every((part) => textOf(part) !== '' || mayBeEmpty(part, isSavings));
  const request = useRequest((state) => {
    if (!isReady) return null;
    const texts = {
      payment: textOf('payment'),
      amount: textOf('amount'),
      rate: entries.rate,
      term: entries.term,
      balance: textOf('balance'),
      deposit: isSavings ? '' : entries.deposit,
    };
    return {
      ...kitRequest(state, [...Object.values(texts), changeTo]),
      isSavings,
      solve,
      texts,
      compounding: compoundingOf(entries),
      perYear: Number(perYear),
      atBeginning: entries.atBeginning === 'on',
      places: entries.coins === 'on' ? 2 : null,
      change: isComparing ? { part: change, text: changeTo } : null,
    };
  });
  const worked = useTask('loan', request);
  const view = worked.value;
  const solved = view?.solved ?? null;
  const noteOf = (id: string): string | null =>
    view?.fault?.part === id
      ? problemText(view.fault.problem)
      : id === 'changeTo' && view?.changeProblem != null
        ? problemText(view.changeProblem)
        : null;
  const [form] = solved?.parts[solve].forms.filter(({ id }) => id === 'decimal') ?? [];
  const sought = solved?.parts[solve].forms[0];
  const preview = sought === undefined ? null : `${partName(solve, isSavings)}: ${(form ?? sought).text}`;
  return (
    <ToolFrame
      id={loanEntries.id}
      name={loanWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      preview={preview}
      above={above}
      entries={
        <>
          <View gap="$1">
            <Words strong>{loanWords.sought}</Words>
            <Radios
              name={loanWords.sought}
              isTight
              options={ORDER.map((id) => ({ id, name: partName(id, isSavings) }))}
              chosen={solve}
              onChoose={(id) => enter({ solve: id })}
            />
            {preview === null || worked.problem !== null ? null : (
              <Words role="status" tone="answer" strong>
                {preview}
              </Words>
            )}
          </View>
          {slots
            .filter(({ id }) => id !== 'changeTo')
            .map((slot) => (
              <EntryRow
                key={slot.id}
                slot={slot}
                writing={writing}
                note={noteOf(slot.id)}
                hint={slot.id === 'deposit' || mayBeEmpty(slot.id as LoanPart, isSavings) ? '0' : ''}
              />
            ))}
          <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
            <Words strong>{loanWords.perYear}</Words>
            <Select
              name={loanWords.perYear}
              options={yearlyPayments.map((id) => ({ id, name: id }))}
              chosen={perYear}
              onChoose={(id) => enter({ perYear: id })}
            />
            <Words strong>{loanWords.compounding}</Words>
            <Select
              name={loanWords.compounding}
              options={ratings.map((id) => ({ id, name: ratingNames[id] }))}
              chosen={entries.rating}
              onChoose={(id) => enter({ rating: id })}
            />
          </View>
          <Toggle
            title={loanWords.atBeginning}
            note={loanWords.atBeginningNote}
            isOn={entries.atBeginning === 'on'}
            onChange={(isOn) => enter({ atBeginning: isOn ? 'on' : 'off' })}
          />
          <Toggle
            title={loanWords.coins}
            note={loanWords.coinsNote}
            isOn={entries.coins === 'on'}
            onChange={(isOn) => enter({ coins: isOn ? 'on' : 'off' })}
          />
          <Toggle
            title={loanWords.compare}
            note={loanWords.compareNote}
            isOn={isComparing}
            onChange={(isOn) => enter({ compare: isOn ? 'on' : 'off' })}
          />
          {isComparing ? (
            <>
              <Radios
                name={loanWords.changes}
                isTight
                options={loanParts.map((id) => ({ id, name: partName(id, isSavings) }))}
                chosen={change}
                onChoose={(id) => enter({ change: id })}
              />
              {slots
                .filter(({ id }) => id === 'changeTo')
                .map((slot) => (
                  <EntryRow key={slot.id} slot={slot} writing={writing} note={noteOf(slot.id)} />
                ))}
            </>
          ) : null}
        </>
      }
      results={
        !isReady ? (
          <Words tone="muted">{loanWords.first}</Words>
        ) : (
          <Worked task={worked}>
            {solved === null || worked.problem !== null ? null : (
              <>
                <LoanResults solved={solved} solve={solve} isSavings={isSavings} perYear={Number(perYear)} />
                {view === null ? null : <Compared view={view} isSavings={isSavings} />}
                <ByFormula
                  entries={entries}
                  numbers={{
                    payment: textOf('payment'),
                    amount:
                      isSavings || entries.deposit === '' ? textOf('amount') : `${textOf('amount')}-${entries.deposit}`,
                    term: entries.term,
                    balance: textOf('balance'),
                  }}
                />
                <Schedule solved={solved} />
              </>
            )}
          </Worked>
        )
      }
    />
  );
}
