import { TamaguiProvider } from '@tamagui/core';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { config } from '../theme/config';

/** Renders a part of the interface as the app would show it. */
export const onPage = (children: ReactNode) =>
  render(
    <TamaguiProvider config={config} defaultTheme="light">
      {children}
    </TamaguiProvider>,
  );
