import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { themeFor } from '../theme';
import { useFloor, useStill } from './useMedia';

/**
 * Ant Design in our clothes, around whatever uses it. Not around the whole app: the hall of a class does without, and is
 * there sooner for it.
 */
export function Dressed({ children }: { children: ReactNode }) {
  return (
    // Our lists are short: a window over them would hide most options from a screen reader.
    <ConfigProvider theme={themeFor(useFloor(), useStill())} virtual={false}>
      {children}
    </ConfigProvider>
  );
}
