import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { NotesPage } from './NotesPage';

const note = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f',
  localDay: '2026-11-24',
  text: 'Two new mats.',
  by: 'Ewan Sallow',
  at: '2026-11-24T18:42:00+00:00',
  removed: false,
  version: 3,
};

describe('notes of an evening', () => {
  it('are written, worded anew and taken away, with the way back', async () => {
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/notes': {
        today: '2026-11-24',
        notes: [note, { ...note, id: 'n0', localDay: '2026-11-22', text: 'Early finish.' }],
        next: null,
      },
      'PUT /api/notes/{id}': note,
      'PATCH /api/notes/{id}': note,
      'DELETE /api/notes/{id}': { ...note, removed: true, version: 4 },
      'POST /api/notes/{id}/restore': note,
    });
    const last = (method: string) => sent.filter((one) => one.method === method).at(-1);
    renderPage(<NotesPage />);
    const tonight = await screen.findByRole('group', { name: 'Tonight' });
    expect(await screen.findByRole('group', { name: 'Sunday, 22 November 2026' })).toHaveTextContent(
      'Early finish.',
    );
    expect(screen.getByRole('button', { name: 'Keep this note' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Note of tonight'), 'Longer ropes');
    await userEvent.click(screen.getByRole('button', { name: 'Keep this note' }));
    await waitFor(() => expect(last('PUT')?.body).toEqual({ text: 'Longer ropes' }));
    await waitFor(() => expect(screen.getByLabelText('Note of tonight')).toHaveValue(''));
    expect(tonight).toBeInTheDocument();
    const own = screen.getByText('Two new mats.').parentElement ?? document.body;
    await userEvent.click(within(own).getByRole('button', { name: 'Word it anew' }));
    await userEvent.type(screen.getByLabelText('The note anew'), ' Blue.');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
    await waitFor(() => expect(last('PATCH')?.body).toEqual({ text: 'Two new mats. Blue.' }));
    expect(last('PATCH')?.headers).toMatchObject({ 'If-Match': '"3"' });
    await userEvent.click(within(own).getByRole('button', { name: 'Take it away' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(last('POST')?.path).toBe(`/api/notes/${note.id}/restore`));
    expect(last('POST')?.headers).toMatchObject({ 'If-Match': '"4"' });
  }, 20_000);

  it('are for coaches', async () => {
    const sent = answerWith({ 'GET /api/me': { ...maren, coach: { ...maren.coach, role: 'helper' } } });
    renderPage(<NotesPage />);
    expect(await screen.findByText(/Notes are for coaches/)).toBeInTheDocument();
    expect(sent.some(({ path }) => path.startsWith('/api/notes'))).toBe(false);
  });
});
