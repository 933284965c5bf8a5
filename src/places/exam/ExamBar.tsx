import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { planCode } from '@/core/notebook/exam';
import { useOver } from '@/places/frame/over';
import { useStore } from '@/state/app-store';
import { barName, duration, examName, examShort } from '@/text/exam';
import { Pressable } from '@/ui/control/Pressable';
import { Words } from '@/ui/theme/text';

const OFTEN_MS = 5000;

/** Whole minutes since a time, told anew as they pass. */
export function useMinutesSince(since: number): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), OFTEN_MS);
    return () => clearInterval(timer);
  }, []);
  return Math.max(0, Math.floor((now - since) / 60_000));
}

/** That an examination is on, its code and the time since it began: on every place, above it or beside the places. */
export function ExamBar({ isSmall }: Readonly<{ isSmall: boolean }>) {
  const exam = useStore((s) => s.document.exam);
  return exam === null ? null : <Bar code={planCode(exam)} since={exam.since} isSmall={isSmall} />;
}

/** Three lines of it are as high as a key. */
const SMALL = { fontSize: '$1', lineHeight: 14 } as const;
const MEDIUM = { size: 'medium' } as const;

function Bar({ code, since, isSmall }: Readonly<{ code: string; since: number; isSmall: boolean }>) {
  const over = useOver();
  const time = duration(useMinutesSince(since));
  return (
    <View role="region" aria-label={examName} flexShrink={0} justifyContent="center" backgroundColor="$accent">
      <Pressable
        aria-label={barName(code, time)}
        onPress={() => over({ panel: 'exam' })}
        alignSelf="stretch"
        flexDirection={isSmall ? 'column' : 'row'}
        justifyContent="center"
        columnGap="$3"
        paddingHorizontal={4}
        borderRadius={0}
        backgroundColor="$accent"
        hoverStyle={{ backgroundColor: '$accentDown' }}
        pressStyle={{ backgroundColor: '$accentDown' }}
      >
        {[isSmall ? examShort : examName, code, time].map((text, i) => (
          <Words key={i} {...(isSmall ? SMALL : MEDIUM)} strong={i < 2} color="$onAccent">
            {text}
          </Words>
        ))}
      </Pressable>
    </View>
  );
}
