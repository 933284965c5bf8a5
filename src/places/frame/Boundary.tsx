import { View } from '@tamagui/core';
import { Suspense, lazy, useState } from 'react';
import type { ComponentType, ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { reloadPage } from '@/platform/new-version';
import { noteFailure } from '@/state/app-store';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { saveNotebook } from '@/places/files/notebook-file';

/** A part of the program that did not come, such as for want of a network. */
class NotLoaded extends Error {}

/** `at`: a failure is left behind when it changes. */
type Props = Readonly<{ children: ReactNode; at?: string; onReset?: () => void }>;

/** Keeps a failure inside to its part of the page: says what happened, and offers to save everything and to try again. */
export function Boundary({ children, at, onReset }: Props) {
  return (
    <ErrorBoundary
      resetKeys={[at]}
      onError={(error) => {
        if (!(error instanceof NotLoaded)) noteFailure();
      }}
      {...(onReset === undefined ? {} : { onReset })}
      fallbackRender={({ error, resetErrorBoundary }) => (
        <View role="alert" flex={1} padding="$4" gap="$3" backgroundColor="$paper" alignItems="flex-start">
          <Words>{error instanceof NotLoaded ? words.notLoaded : words.failed}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button onPress={resetErrorBoundary}>{words.tryAgain}</Button>
            {error instanceof NotLoaded ? <Button onPress={reloadPage}>{words.reload}</Button> : null}
            <Button onPress={saveNotebook}>{words.saveWhatIsHere}</Button>
          </View>
        </View>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}

const lazyOf = <P extends object>(load: () => Promise<ComponentType<P>>) =>
  lazy(async () => ({
    default: await load().catch((error: unknown) => {
      console.error(error);
      throw new NotLoaded();
    }),
  }));

const loading = (
  <Words tone="muted" role="status" padding="$4">
    {words.loading}
  </Words>
);

/**
 * A component that is fetched when it is first shown; where that fails it is told, and fetched anew with the next try.
 * `meanwhile` stands in its place until it has come, or draws what does: nothing, for one that is mostly empty.
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode | ((props: P) => ReactNode) = loading,
): ComponentType<P> {
  let Fetched = lazyOf(load);
  return function Later(props: P) {
    const [, setTries] = useState(0);
    return (
      <Boundary
        onReset={() => {
          Fetched = lazyOf(load);
          setTries((n) => n + 1);
        }}
      >
        <Suspense fallback={typeof meanwhile === 'function' ? meanwhile(props) : meanwhile}>
          <Fetched {...props} />
        </Suspense>
      </Boundary>
    );
  };
}
