import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Import } from '../../api/exchange';
import { helper, ilse, maren } from '../../testing/people';
import { answerWith, Refused, renderPage, type Answers, type Sent } from '../../testing/render';
import { ExchangePage } from './ExchangePage';

const ID = '01934f2e-7a4c-7cc0-98c4-dc0c0c0739ff';

const preview: Import = {
  id: ID,
  state: 'preview',
  done: 3,
  total: 3,
  counts: [
    { table: 'athletes', add: 2, change: 1, same: 4 },
    { table: 'attempts', add: 40, change: 0, same: 0 },
  ],
  errors: [],
  errorCount: 0,
  examples: ['athletes, line 2: name “Bram” becomes “Bram of the Harbour”'],
  fault: null,
  version: 5,
};

const refused: Import = {
  ...preview,
  state: 'refused',
  errors: [
    {
      where: 'line 3',
      field: 'stature_m',
      value: '19',
      accepted: 'a number from 0.9 to 2.3',
      message: 'Line 3: stature_m "19": a number from 0.9 to 2.3.',
    },
  ],
  errorCount: 7,
};

const known: Answers = { 'GET /api/me': maren, 'GET /api/athletes': [ilse] };

/** An import that is under way already: as after a reload. */
function withImport(one: Import, more: Answers = {}): Sent[] {
  sessionStorage.setItem('zumbo-import', ID);
  return answerWith({ ...known, [`GET /api/imports/${ID}`]: one, ...more });
}

describe('files', () => {
  beforeEach(() => sessionStorage.clear());

  it('take out all of it, a table, or one athlete', async () => {
    answerWith(known);
    renderPage(<ExchangePage />);
    const out = await screen.findByRole('group', { name: 'Export' });
    expect(within(out).getByRole('link', { name: 'All of it, JSON' })).toHaveAttribute(
      'href',
      '/api/export.json',
    );
    expect(within(out).getByRole('link', { name: 'attempts, CSV' })).toHaveAttribute(
      'href',
      '/api/export/attempts.csv',
    );
    await userEvent.click(within(out).getByLabelText('Athlete'));
    await userEvent.click(await screen.findByText('Ilse Tannow'));
    expect(within(out).getByRole('link', { name: 'All of it, JSON' })).toHaveAttribute(
      'href',
      `/api/export.json?athlete=${ilse.id}`,
    );
    expect(within(out).getByRole('link', { name: 'All of it, a page to read' })).toHaveAttribute(
      'href',
      `/api/export/${ilse.id}.html`,
    );
  });

  it('are sent as they are, by their type', async () => {
    const sent = answerWith(known);
    renderPage(<ExchangePage />);
    await screen.findByRole('button', { name: 'Choose a file to import' });
    await userEvent.upload(screen.getByLabelText('File to import'), new File(['id,tag'], 'rack.csv'));
    await waitFor(() => expect(sent.some((one) => one.method === 'PUT')).toBe(true));
    const put = sent.find((one) => one.method === 'PUT');
    expect(put?.path).toMatch(/^\/api\/imports\/[0-9a-f-]{36}$/);
    expect(put?.headers).toMatchObject({ 'Content-Type': 'text/csv', 'csrf-token': 'csrf-token' });
  });

  it('are shown before anything is written, and brought in with one touch', async () => {
    const sent = withImport(preview, { [`POST /api/imports/${ID}/agree`]: { ...preview, state: 'agreed' } });
    renderPage(<ExchangePage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'The file has 42 new, 1 changed' }),
    ).toBeVisible();
    expect(screen.getByRole('row', { name: 'athletes 2 1 4' })).toBeVisible();
    expect(screen.getByRole('list', { name: 'What changes' })).toHaveTextContent(
      'becomes “Bram of the Harbour”',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Import 42 new, 1 changed' }));
    await waitFor(() =>
      expect(sent.some((one) => one.method === 'POST' && one.headers['If-Match'] === '"5"')).toBe(true),
    );
  });

  it('tell how far they are, and can be called off', async () => {
    const sent = withImport({ ...preview, state: 'writing', done: 250, total: 1000 });
    renderPage(<ExchangePage />);
    expect(await screen.findByText('Row 250 of 1000')).toBeVisible();
    expect(screen.getByRole('progressbar')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Cancel the import' }));
    await waitFor(() => expect(sent.some((one) => one.method === 'DELETE')).toBe(true));
  });

  it('that can not be taken say every line that is to be mended', async () => {
    withImport(refused);
    renderPage(<ExchangePage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Nothing was taken: 7 errors' }),
    ).toBeVisible();
    expect(screen.getByRole('alert')).toHaveTextContent('Line 3: stature_m "19": a number from 0.9 to 2.3.');
    expect(screen.getByRole('alert')).toHaveTextContent('and 6 more');
    expect(screen.queryByRole('button', { name: /Bring in/ })).toBeNull();
  });

  it('that say nothing new need no yes', async () => {
    withImport({ ...preview, counts: [{ table: 'rack', add: 0, change: 0, same: 18 }] });
    renderPage(<ExchangePage />);
    expect(await screen.findByRole('heading', { level: 1, name: 'Nothing new in the file' })).toBeVisible();
    expect(screen.queryByRole('button', { name: /Bring in/ })).toBeNull();
  });

  it('that are refused at once are told in the server’s words', async () => {
    answerWith(known);
    renderPage(<ExchangePage />);
    await screen.findByRole('button', { name: 'Choose a file to import' });
    const answers = new Proxy({}, { get: () => new Refused(413, 'A CSV file of 4.2 MB: at most 4 MB.') });
    answerWith(answers);
    await userEvent.upload(screen.getByLabelText('File to import'), new File(['x'], 'big.csv'));
    expect(await screen.findByText('A CSV file of 4.2 MB: at most 4 MB.')).toBeVisible();
  });

  it('are not for helpers', async () => {
    answerWith({ ...known, 'GET /api/me': helper });
    renderPage(<ExchangePage />);
    expect(await screen.findByText(/the files hold health notes/)).toBeVisible();
    expect(screen.queryByRole('group', { name: 'Export' })).toBeNull();
  });
});
