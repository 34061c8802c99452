import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, maren } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { tonight } from '../../../testing/tonight';
import { ClassPage } from '../ClassPage';

describe('at the door', () => {
  const bram = { id: 'b1', firstName: 'Bram', why: 'not seen for 5 weeks' };

  it('stands who is not in the hall, and comes in by one touch', async () => {
    const sent = answerWith({ 'GET /api/me': maren, 'GET /api/class': { ...tonight, absent: [bram] } });
    renderPage(<ClassPage />);
    const absent = await screen.findByRole('list', { name: 'Not in the hall' });
    expect(absent).toHaveTextContent('Bram not seen for 5 weeks');
    await userEvent.click(await screen.findByRole('button', { name: 'Bram is here' }));
    const marked = () => sent.find(({ path }) => path.startsWith('/api/attendance/'));
    await waitFor(() => expect(marked()?.body).toEqual({ athleteId: 'b1', mark: 'here' }));
  });

  it('takes a guest by two touches, a name and a height', async () => {
    const sent = answerWith({ 'GET /api/me': maren, 'GET /api/class': tonight });
    renderPage(<ClassPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'A guest tonight' }));
    await userEvent.type(screen.getByLabelText('Name'), 'Enna');
    await userEvent.type(screen.getByLabelText('Height'), '171');
    await userEvent.click(screen.getByRole('button', { name: 'Add the guest' }));
    const added = () => sent.find(({ path }) => path.startsWith('/api/guests/'));
    await waitFor(() => expect(added()?.body).toEqual({ name: 'Enna', height: '171' }));
  });

  it('is closed to a helper', async () => {
    answerWith({ 'GET /api/me': helper, 'GET /api/class': { ...tonight, absent: [bram] } });
    renderPage(<ClassPage />);
    expect(await screen.findByText('not seen for 5 weeks')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Bram is here' })).not.toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'A guest tonight' })).not.toBeInTheDocument();
  });
});
