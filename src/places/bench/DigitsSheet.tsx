import { FEWEST_DIGITS, MOST_DIGITS } from '@/core/format/settings';
import type { OwnDigits } from '@/core/notebook/schema';
import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { displayWords } from '@/text/settings';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { Stepper } from '@/ui/control/Stepper';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

/** Places or significant figures for the line being written alone. */
export function DigitsSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const own = useStore((s) => s.document.own);
  const display = useStore((s) => s.settings.display);
  const { setOwnDigits } = useStore.getState();
  const now: OwnDigits = own ?? { mode: display.mode, digits: display.digits };
  return (
    <Panel title={words.ownDigits} onClose={onClose}>
      <Words tone="muted">{words.ownDigitsNote}</Words>
      <Choice
        title={words.roundTo}
        options={[
          { id: 'places', name: words.decimalPlaces },
          { id: 'auto', name: words.significantFigures },
        ]}
        chosen={now.mode}
        onChoose={(mode) => setOwnDigits({ mode: mode, digits: now.digits })}
      />
      <Stepper
        title={now.mode === 'places' ? words.decimalPlaces : words.significantFigures}
        value={now.digits}
        least={FEWEST_DIGITS}
        most={MOST_DIGITS}
        names={{ fewer: displayWords.fewer, more: displayWords.more }}
        onChange={(digits) => setOwnDigits({ mode: now.mode, digits })}
      />
      <Button isDisabled={own === null} onPress={() => setOwnDigits(null)}>
        {words.digitsAsSet}
      </Button>
    </Panel>
  );
}
