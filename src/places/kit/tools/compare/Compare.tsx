import { View } from '@tamagui/core';
import { useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { angleUnits } from '@/core/base/angle';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useEntries } from '@/places/kit/parts/use-entries';
import { Worked } from '@/places/kit/parts/Worked';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import type { CompareView } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { compareWords, samenessText, slipTexts } from '@/text/kit/compare';
import { unitNames } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { Claims } from './Claims';
import { compareEntries } from './inputs';

/** What the answer is beside the value of the line, in one line. */
function verdict(view: CompareView): string | null {
  if ('wrong' in view) return null;
  const { same, claims } = view;
  if (same?.how === 'form') return compareWords.same;
  if (same !== null) return samenessText(same.how, same.places);
  const [first] = claims;
  return first === undefined ? compareWords.none : first.slips.map((name) => slipTexts[name]).join(' ');
}

/** A line beside another answer: the same, or by which slip it differs. */
export function Compare() {
  const [entries, enter] = useEntries(compareEntries);
  const set = useStore((s) => s.settings.angle);
  const angle = entries.angle === '' ? set : entries.angle;
  const { line, answer } = entries;
  const writing = useWriting();
  const { write } = writing;
  const { ask } = useLocalSearchParams<{ ask?: string }>();
  useEffect(() => {
    if (ask !== undefined) write('answer');
  }, [ask, write]);
  const request = useRequest((state) =>
    line === '' || answer === '' ? null : { ...kitRequest(state, [line, answer]), angle, line, answer },
  );
  const worked = useTask('slips', request);
  const view = request === null ? null : worked.value;
  const slots = inTurn([
    { id: 'line', name: compareWords.line, text: line, keep: (text) => enter({ line: text }, 'compare line'), angle },
    {
      id: 'answer',
      name: compareWords.answer,
      text: answer,
      keep: (text) => enter({ answer: text }, 'compare answer'),
      angle,
    },
  ]);
  const told = view === null ? null : verdict(view);
  const noteAt = (id: string): string | null =>
    view !== null && 'wrong' in view && view.wrong === id ? problemText(view.problem) : null;
  return (
    <ToolFrame
      id={compareEntries.id}
      name={compareWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      preview={told}
      entries={
        <>
          {slots.map((slot) => (
            <EntryRow key={slot.id} slot={slot} writing={writing} note={noteAt(slot.id)} />
          ))}
          <Words aria-hidden tone="muted" size="medium">
            {compareWords.unit}
          </Words>
          <Radios
            name={compareWords.unit}
            isTight
            options={angleUnits.map((id) => ({ id, name: unitNames[id] }))}
            chosen={angle}
            onChoose={(unit) => enter({ angle: unit })}
          />
        </>
      }
      results={
        request === null ? (
          <Words tone="muted">{compareWords.first}</Words>
        ) : (
          <Worked task={worked}>
            {view === null || 'wrong' in view ? null : (
              <>
                <View role="list" aria-label={compareWords.comesTo}>
                  <ResultRow
                    result={{
                      name: compareWords.comesTo,
                      forms: view.line.forms,
                      saved: view.line.saved,
                      full: view.line.full,
                      from: line,
                    }}
                  />
                </View>
                <Words role="status" strong {...(view.same === null ? {} : { tone: 'answer' })}>
                  {view.same === null && view.claims.length > 0 ? compareWords.claims : told}
                </Words>
                {view.same !== null && view.claims.length > 0 ? <Words>{compareWords.alsoSlip}</Words> : null}
                <Claims claims={view.claims} angle={angle} />
                {view.isWhole ? null : (
                  <Words tone="muted" size="medium">
                    {compareWords.cutShort}
                  </Words>
                )}
              </>
            )}
          </Worked>
        )
      }
    />
  );
}
