import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useEffect } from 'react';
import { describe, expect, it } from 'vitest';
import { useOutbox } from '../../api/OutboxProvider';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { LogPage } from './LogPage';

/** Logs one entry as soon as there is an outbox. */
function WithOneEntry() {
  const { outbox } = useOutbox();
  useEffect(() => {
    void outbox?.add({ rowId: 'r', method: 'PUT', path: '/api/attempts/r', body: {}, said: 'Ilse 23, miss' });
  }, [outbox]);
  return <LogPage />;
}

describe('the log', () => {
  it('says that everything is on the server', async () => {
    answerWith({});
    renderPage(<LogPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Everything is on the server' }),
    ).toBeVisible();
  });

  it('shows what waits', async () => {
    answerWith({});
    renderPage(<WithOneEntry />);
    expect(await screen.findByRole('heading', { level: 1, name: '1 kept here, not sent yet' })).toBeVisible();
    expect(screen.getByRole('listitem')).toHaveTextContent('Ilse 23, miss not sent yet');
  });

  it('names what the server failed on, which is tried again by itself or by hand', async () => {
    const sent = answerWith({ 'PUT /api/attempts/r': new Refused(500, 'Our fault.') });
    renderPage(<WithOneEntry />);
    expect(await screen.findByText(/the server failed on it: it is tried again every half/)).toBeVisible();
    expect(screen.getByRole('heading', { level: 1, name: '1 the server could not take yet' })).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Try now' }));
    expect(await screen.findByText(/failed on it, 2 times/)).toBeVisible();
    // By hand; on a slow machine the half minute may be over meanwhile, and it is tried once more.
    expect(sent.filter((one) => one.method === 'PUT').length).toBeGreaterThanOrEqual(2);
  });

  it('keeps what was refused with its reason until it is dropped or tried again', async () => {
    const sent = answerWith({
      'PUT /api/attempts/r': new Refused(422, 'Drill moonwalk: one of hop-in-place.'),
    });
    renderPage(<WithOneEntry />);
    expect(await screen.findByText(/Drill moonwalk: one of hop-in-place/)).toBeVisible();
    const before = sent.length;
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(sent.length).toBeGreaterThan(before));
    await userEvent.click(await screen.findByRole('button', { name: 'Drop Ilse 23, miss' }));
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Everything is on the server' }),
    ).toBeVisible();
  });
});
