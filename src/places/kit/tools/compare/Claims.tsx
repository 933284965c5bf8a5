import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import type { AngleUnit } from '@/core/base/angle';
import { putOnLine } from '@/places/kit/parts/to-line';
import { useStore } from '@/state/app-store';
import type { ClaimView } from '@/state/slices/kit/requests';
import { compareWords, slipTexts } from '@/text/kit/compare';
import { unitNames } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Words } from '@/ui/theme/text';

/** The line that a slip amounts to, the part that differs marked, and a way to take it over. */
function Claim({ claim, angle }: Readonly<{ claim: ClaimView; angle: AngleUnit }>) {
  const router = useRouter();
  const display = useStore((s) => s.settings.display);
  const { slips, line, differs, isOfAnswer } = claim;
  const markup = typeset(line, CORE_SPELLING, display);
  const unit = claim.angle === angle ? '' : ` (${unitNames[claim.angle]})`;
  const take = (): void => {
    const { set, settings } = useStore.getState();
    if (claim.angle !== settings.angle) set({ angle: claim.angle });
    putOnLine(line);
    router.navigate('/');
  };
  return (
    <View role="listitem" gap={2} paddingVertical="$2" borderTopWidth={1} borderColor="$rule">
      {slips.map((name, i) => (
        <Words key={`${i}${name}`}>{`${slipTexts[name]}${isOfAnswer ? ` (${compareWords.inAnswer})` : ''}`}</Words>
      ))}
      <View flexDirection="row" alignItems="center" gap="$2">
        <View flex={1} minWidth={0} className="scroll-x ink" tabIndex={0} flexDirection="row" alignItems="center">
          {markup === null ? (
            <Words>{line}</Words>
          ) : (
            <Formula markup={markup} size="tape" {...(differs === null ? {} : { marked: differs })} />
          )}
          {unit === '' ? null : <Words tone="accent">{unit}</Words>}
        </View>
        {isOfAnswer ? null : (
          <Button isTight name={`${compareWords.take}: ${line}`} onPress={take}>
            {compareWords.take}
          </Button>
        )}
      </View>
    </View>
  );
}

/** Slips that lead to an answer, the likeliest first. */
export function Claims({ claims, angle }: Readonly<{ claims: readonly ClaimView[]; angle: AngleUnit }>) {
  if (claims.length === 0) return null;
  return (
    <View role="list" aria-label={compareWords.claims}>
      {claims.map((claim) => (
        <Claim key={`${claim.slips.join()}${claim.line}${claim.angle}`} claim={claim} angle={angle} />
      ))}
    </View>
  );
}
