import { entryStyles } from '@/core/notebook/schema';
import { runningOrders } from '@/core/running/state';
import { stackDepths } from '@/core/stack/stack';
import { depthExamples, orderExamples, slashExamples, styleNames, styleNotes, viewExamples } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { Choice } from '@/ui/kit/Choice';
import { Toggle } from '@/ui/kit/Switch';
import { Section, exampleOf } from './section';
import type { SettingsProps } from './section';

const orderOptions = { precedence: words.orderPrecedence, leftToRight: words.orderLeftToRight } as const;
const depthOptions = { unlimited: words.depthUnlimited, four: words.depthFour } as const;

/** How keys and strokes are read. */
export function EntrySettings(props: SettingsProps) {
  const { settings, set } = props;
  return (
    <Section title={words.forEntry}>
      <Choice
        title={words.entryStyle}
        example={styleNotes[settings.style]}
        options={entryStyles.map((id) => ({ id, name: styleNames[id] }))}
        chosen={settings.style}
        onChoose={(style) => set({ style })}
      />
      <Choice
        title={words.order}
        note={words.orderNote}
        example={orderExamples[settings.order]}
        options={runningOrders.map((id) => ({ id, name: orderOptions[id] }))}
        chosen={settings.order}
        onChoose={(order) => set({ order })}
      />
      <Choice
        title={words.depth}
        note={words.depthNote}
        example={depthExamples[settings.depth]}
        options={stackDepths.map((id) => ({ id, name: depthOptions[id] }))}
        chosen={settings.depth}
        onChoose={(depth) => set({ depth })}
      />
      <Toggle
        title={words.impliedFirst}
        note={words.impliedFirstNote}
        {...exampleOf(props, 'impliedFirst')}
        isOn={settings.impliedFirst}
        onChange={(impliedFirst) => set({ impliedFirst })}
      />
      <Choice
        title={words.view}
        note={words.viewNote}
        example={viewExamples[settings.view]}
        options={[
          { id: 'boxed', name: words.viewBoxed },
          { id: 'typed', name: words.viewTyped },
        ]}
        chosen={settings.view}
        onChoose={(view) => set({ view })}
      />
      <Choice
        title={words.slash}
        note={words.slashNote}
        example={slashExamples[settings.slash]}
        options={[
          { id: 'fraction', name: words.slashFraction },
          { id: 'divide', name: words.slashDivide },
        ]}
        chosen={settings.slash}
        onChoose={(slash) => set({ slash })}
      />
      <Toggle
        title={words.keyStrip}
        note={words.keyStripNote}
        isOn={settings.keyStrip}
        onChange={(keyStrip) => set({ keyStrip })}
      />
      <Toggle
        title={words.backToPad}
        note={words.backToPadNote}
        isOn={settings.backToPad}
        onChange={(backToPad) => set({ backToPad })}
      />
    </Section>
  );
}
