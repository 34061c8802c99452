import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { AttemptPad } from './AttemptPad';

describe('the pad', () => {
  it('logs a try by one touch, clean or not, and no run-in', async () => {
    const onLog = vi.fn();
    render(<AttemptPad countKind="tries" aim={10} onLog={onLog} />);
    await userEvent.click(screen.getByRole('button', { name: 'Log a clean try' }));
    await userEvent.click(screen.getByRole('button', { name: 'Log one not clean' }));
    expect(onLog.mock.calls).toEqual([
      [{ kind: 'tries', reps: 1, misses: 0, end: null, clean: true }],
      [{ kind: 'tries', reps: 0, misses: 1, end: null, clean: true }],
    ]);
  });

  it('counts several tries from nothing, not from ten clean ones', async () => {
    const onLog = vi.fn();
    render(<AttemptPad countKind="tries" aim={10} onLog={onLog} />);
    await userEvent.click(screen.getByRole('button', { name: 'Several at once' }));
    expect(screen.getByRole('button', { name: 'Log 0 clean of 0' })).toBeDisabled();
    const more = screen.getAllByRole('button', { name: '1 more' });
    await userEvent.click(more[0] as HTMLElement);
    await userEvent.dblClick(more[1] as HTMLElement);
    await userEvent.click(screen.getByRole('button', { name: 'Log 1 clean of 3' }));
    expect(onLog).toHaveBeenCalledWith({ kind: 'tries', reps: 1, misses: 2, end: null, clean: true });
  });

  it('starts a hold at what the drill aims at', async () => {
    const onLog = vi.fn();
    render(<AttemptPad countKind="hold" aim={30} onLog={onLog} />);
    await userEvent.click(screen.getByRole('button', { name: 'Log 30 s, misses: 0' }));
    expect(onLog).toHaveBeenCalledWith({ kind: 'hold', reps: 30, misses: 0, end: null, clean: true });
  });
});
