import { View } from '@tamagui/core';
import { useState } from 'react';
import { helps, planCode } from '@/core/notebook/exam';
import type { ExamPlan, Help, SavedExam } from '@/core/notebook/exam';
import { copy } from '@/places/bench/copying';
import { handedOn } from '@/core/notebook/settings';
import { examLink } from '@/places/files/shared-links';
import { useStore } from '@/state/app-store';
import { examWords, helpNames, helpNotes } from '@/text/exam-labels';
import { duration, examName } from '@/text/exam';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Apart } from '@/ui/control/Group';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { Toggle } from '@/ui/kit/Switch';
import { Heading, Words } from '@/ui/theme/text';
import { useMinutesSince } from './ExamBar';

/** The code, large enough to be read from where the class is. */
function Code({ plan }: Readonly<{ plan: ExamPlan }>) {
  return (
    <View role="group" aria-label={examWords.code}>
      <Words strong>{examWords.code}</Words>
      <Words fontSize="$6" lineHeight="$6" tone="accent" letterSpacing={3} userSelect="text">
        {planCode(plan)}
      </Words>
      <Words size="medium" tone="muted">
        {examWords.codeNote}
      </Words>
    </View>
  );
}

/** What a plan has off, and what it sets. */
function PlanInWords({ plan }: Readonly<{ plan: ExamPlan }>) {
  const off = helps.filter((help) => plan.off.includes(help));
  return (
    <>
      <View role="group" aria-label={examWords.off} gap="$2">
        <Heading role="heading" aria-level={3}>
          {examWords.off}
        </Heading>
        {off.length === 0 ? <Words>{examWords.nothingOff}</Words> : null}
        {off.map((help) => (
          <View key={help}>
            <Words strong>{helpNames[help]}</Words>
            <Words size="medium" tone="muted">
              {helpNotes[help]}
            </Words>
          </View>
        ))}
      </View>
      {plan.settings === null ? null : <Words>{examWords.itsSettings}</Words>}
      <Code plan={plan} />
    </>
  );
}

/** The examination that is on, and how it ends. */
function UnderWay({ exam, onClose }: Readonly<{ exam: SavedExam; onClose: () => void }>) {
  const [keyed, setKeyed] = useState('');
  const minutes = useMinutesSince(exam.since);
  const isRight = keyed.trim().toUpperCase() === planCode(exam);
  const end = () => {
    if (!isRight) return;
    onClose();
    useStore.getState().endExam();
  };
  return (
    <>
      <Words strong>{examWords.since(duration(minutes))}</Words>
      <PlanInWords plan={exam} />
      <Words>{examWords.bounds}</Words>
      <Field name={examWords.end} value={keyed} onChange={setKeyed} onEnter={end} />
      <Words tone="muted">{examWords.endNote}</Words>
      <Apart>
        <Button isDanger isDisabled={!isRight} onPress={end}>
          {examWords.endIt}
        </Button>
      </Apart>
    </>
  );
}

/** Answers have their forms, unless a teacher wants it otherwise; all else is off. */
const OFF_AT_FIRST: readonly Help[] = helps.filter((help) => help !== 'forms');

function begin(plan: ExamPlan, then: () => void): void {
  then();
  useStore.getState().startExam(plan);
}

/** Plans an examination: what is off in it, for oneself or for a class. */
function Planning({ onClose }: Readonly<{ onClose: () => void }>) {
  const settings = useStore((s) => s.settings);
  const [off, setOff] = useState(OFF_AT_FIRST);
  const [hasSettings, setHasSettings] = useState(false);
  const plan: ExamPlan = { off: [...off], settings: hasSettings ? handedOn(settings) : null };
  return (
    <>
      <Words>{examWords.whatHappens}</Words>
      <View role="group" aria-label={examWords.helps} gap="$3">
        <Heading role="heading" aria-level={3}>
          {examWords.helps}
        </Heading>
        {helps.map((help) => (
          <Toggle
            key={help}
            title={helpNames[help]}
            note={examWords.whenOff(helpNotes[help])}
            isOn={!off.includes(help)}
            onChange={(isOn) => setOff(isOn ? off.filter((one) => one !== help) : [...off, help])}
          />
        ))}
      </View>
      <Toggle
        title={examWords.withSettings}
        note={examWords.withSettingsNote}
        isOn={hasSettings}
        onChange={setHasSettings}
      />
      <Code plan={plan} />
      <Words>{examWords.bounds}</Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button isMain onPress={() => begin(plan, onClose)}>
          {examWords.begin}
        </Button>
        <Button onPress={() => void copy(examLink(plan))}>{examWords.copyLink}</Button>
      </View>
    </>
  );
}

/** An examination: the one that is on, or one that is planned. */
export function ExamSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const exam = useStore((s) => s.document.exam);
  return (
    <Panel title={examName} onClose={onClose}>
      {exam === null ? <Planning onClose={onClose} /> : <UnderWay exam={exam} onClose={onClose} />}
    </Panel>
  );
}

/** Asks before an examination that a link or a file brings begins. */
export function ExamOffer({ plan, onClose }: Readonly<{ plan: ExamPlan; onClose: () => void }>) {
  return (
    <Panel title={examName} onClose={onClose}>
      <Words>{examWords.whatHappens}</Words>
      <PlanInWords plan={plan} />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button isMain onPress={() => begin(plan, onClose)}>
          {examWords.begin}
        </Button>
        <Button onPress={onClose}>{words.leaveIt}</Button>
      </View>
    </Panel>
  );
}
