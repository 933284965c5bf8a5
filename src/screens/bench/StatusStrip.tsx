import { memo } from 'react';
import { useStore } from '@/state/app-store';
import { complexButton, displayButton, displaySummary, unitButton, unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';

/** What every answer depends on, always in sight: the angle unit and the number display. */
export const StatusStrip = memo(function StatusStrip({ onSettings }: Readonly<{ onSettings: () => void }>) {
  const angle = useStore((s) => s.settings.angle);
  const isComplex = useStore((s) => s.settings.complex);
  const display = useStore((s) => s.settings.display);
  const { nextAngleUnit } = useStore.getState();
  return (
    <PlaceHeader title={words.bench}>
      <Button keepsFocus name={unitButton(angle)} onPress={nextAngleUnit}>
        {unitNames[angle]}
      </Button>
      {isComplex ? (
        <Button name={complexButton} onPress={onSettings}>
          {words.complexOn}
        </Button>
      ) : null}
      <Button name={displayButton(display)} onPress={onSettings}>
        {displaySummary(display)}
      </Button>
    </PlaceHeader>
  );
});
