import { ConfigProvider } from 'antd';
import { useMemo, type ReactNode } from 'react';
import { themeFor } from '../theme';
import { useFloor, useStill } from './useMedia';

/**
 * Ant Design in our clothes, around whatever uses it. Not around the whole app: the hall of a class does without, and is
 * there sooner for it.
 */
export function Dressed({ children }: { children: ReactNode }) {
  const [floor, still] = [useFloor(), useStill()];
  // Another object is another theme: everything in it would be dressed anew.
  const theme = useMemo(() => themeFor(floor, still), [floor, still]);
  return (
    // Our lists are short: a window over them would hide most options from a screen reader.
    <ConfigProvider theme={theme} virtual={false}>
      {children}
    </ConfigProvider>
  );
}
