import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, maren } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { NewAthletePage } from './NewAthletePage';

async function fillIn() {
  await userEvent.type(screen.getByLabelText('Name'), 'Ilse Tannow');
  await userEvent.type(screen.getByLabelText('Height'), '69');
}

describe('adding an athlete', () => {
  it('asks for name and height before it sends anything', async () => {
    const sent = answerWith({ 'GET /api/me': maren });
    renderPage(<NewAthletePage />);
    await userEvent.click(screen.getByRole('button', { name: 'Add and size the rope' }));
    expect(await screen.findByText('A name, as you call them')).toBeVisible();
    expect(sent.filter((one) => one.method === 'PUT')).toHaveLength(0);
  });

  it('puts the server’s question beside the field and sends the same id again', async () => {
    const question = 'Height "69" could be 69 cm or 69 in: write the unit.';
    const answers: Record<string, unknown> = { 'GET /api/me': maren };
    const refused = new Refused(422, question, [
      { field: 'height', value: '69', accepted: '69 cm or 69 in', message: question },
    ]);
    const sent = answerWith(
      new Proxy(answers, { get: (all, key: string) => (key.startsWith('PUT') ? refused : all[key]) }),
    );
    renderPage(<NewAthletePage />);
    await fillIn();
    const button = screen.getByRole('button', { name: 'Add and size the rope' });
    await userEvent.click(button);
    expect(await screen.findByText(question)).toBeVisible();
    await userEvent.type(screen.getByLabelText('Height'), ' in');
    await userEvent.click(button);
    await waitFor(() => expect(sent.filter((one) => one.method === 'PUT')).toHaveLength(2));
    const [first, second] = sent.filter((one) => one.method === 'PUT');
    expect(second?.path).toBe(first?.path);
    expect(second?.body).toMatchObject({
      name: 'Ilse Tannow',
      height: '69 in',
      cautions: [],
      birthYear: null,
    });
  });

  it('goes on to the rope bench', async () => {
    answerWith(new Proxy({}, { get: (_, key: string) => (key.startsWith('PUT') ? ilse : maren) }));
    renderPage(<NewAthletePage />);
    await fillIn();
    await userEvent.click(screen.getByRole('button', { name: 'Add and size the rope' }));
    expect(await screen.findByText('elsewhere')).toBeVisible();
  });
});
