import { useState } from 'react';

/** The last answer that could be had about `of`: it stays on the screen while the next wish can't be answered. */
export function useKept<Data>(of: string, data: Data | undefined): Data | undefined {
  const [kept, setKept] = useState<{ of: string; data: Data }>();
  if (data !== undefined && (kept?.data !== data || kept.of !== of)) {
    setKept({ of, data });
  }
  return data ?? (kept?.of === of ? kept.data : undefined);
}
