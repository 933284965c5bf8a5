import { View } from '@tamagui/core';
import { useState } from 'react';
import { useStore } from '@/state/app-store';
import { quadrantText, words } from '@/text/labels';
import { problemText } from '@/text/problems';
import type { AngleForms } from '@/state/background';
import { AngleDial } from '@/ui/angle/AngleDial';
import { Choice } from '@/ui/kit/Choice';
import { FormValue } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { useLineRequest } from './line-ref';
import type { LineRef } from './sheets';
import { useAnswer } from '@/state/use-task';

/** An angle in degrees, in degrees-minutes-seconds and as a multiple of π, side by side. */
function AngleRow({ name, forms }: Readonly<{ name: string; forms: AngleForms }>) {
  const shown = useStore((s) => s.settings.display);
  const all = [forms.degrees, forms.dms, forms.turn].filter((form) => form !== null);
  return (
    <View gap={2} paddingVertical={6} borderTopWidth={1} borderColor="$rule">
      <Words size="medium" tone="muted">
        {name}
      </Words>
      <View flexDirection="row" flexWrap="wrap" columnGap="$4" rowGap="$1">
        {all.map((form) => (
          <View key={form.id} flexDirection="row" alignItems="center">
            <FormValue form={form} shown={shown} isChosen={form === forms.degrees} />
            {form === forms.degrees ? <Words tone="answer">°</Words> : null}
          </View>
        ))}
      </View>
    </View>
  );
}

/** The circle with the arm of an angle, and what can be said of it. */
export function AngleSheet({ of, onClose }: Readonly<{ of: LineRef; onClose: () => void }>) {
  const request = useLineRequest(of);
  const result = useAnswer('angles', request);
  const [at, setAt] = useState('0');
  const angles = result?.ok ? result.value : [];
  const view = angles[Number(at)] ?? angles[0];
  return (
    <Panel title={words.angleView} onClose={onClose}>
      {result === null ? <Words tone="muted">{words.working}</Words> : null}
      {result !== null && !result.ok ? <Words tone="accent">{problemText(result.problem)}</Words> : null}
      {result?.ok && angles.length === 0 ? <Words tone="muted">{words.noAngle}</Words> : null}
      {angles.length > 1 ? (
        <Choice
          title={words.theAngle}
          options={angles.map((a, i) => ({ id: String(i), name: a.text }))}
          chosen={at}
          onChoose={setAt}
        />
      ) : null}
      {view === undefined ? null : (
        <View>
          <View alignItems="center" gap="$1" paddingBottom="$2">
            <AngleDial turn={view.turn} name={`${view.text}, ${quadrantText(view.quadrant, view.isOnAxis)}`} />
            <Words strong>{quadrantText(view.quadrant, view.isOnAxis)}</Words>
          </View>
          <AngleRow name={view.text} forms={view.angle} />
          <AngleRow name={words.coterminal} forms={view.coterminal} />
          <AngleRow name={words.reference} forms={view.reference} />
          {view.toAxis === null ? null : <AngleRow name={words.toAxis} forms={view.toAxis} />}
        </View>
      )}
    </Panel>
  );
}
