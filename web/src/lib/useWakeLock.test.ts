import { renderHook } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { useWakeLock } from './useWakeLock';

it('keeps the screen on while something runs, and lets go after it', async () => {
  const release = vi.fn(() => Promise.resolve());
  const request = vi.fn(() => Promise.resolve({ release }));
  Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
  const { rerender, unmount } = renderHook(({ running }) => useWakeLock(running), {
    initialProps: { running: false },
  });
  expect(request).not.toHaveBeenCalled();
  rerender({ running: true });
  await vi.waitFor(() => expect(request).toHaveBeenCalledOnce());
  document.dispatchEvent(new Event('visibilitychange'));
  await vi.waitFor(() => expect(request).toHaveBeenCalledTimes(2));
  unmount();
  await vi.waitFor(() => expect(release).toHaveBeenCalled());
});
