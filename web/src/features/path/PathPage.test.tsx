import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { answerWith, renderPage, type Answers } from '../../testing/render';
import { athleteTerms, ilse, maren } from '../../testing/people';
import { path } from '../../testing/path';
import { today } from '../../testing/tonight';
import { PathPage } from './PathPage';

const answers: Answers = {
  'GET /api/me': maren,
  'GET /api/athlete-terms': athleteTerms,
  [`GET /api/athletes/${ilse.id}/path`]: path,
  [`GET /api/athletes/${ilse.id}/today`]: today,
};

const show = () => renderPage(<PathPage />, '/athletes/:id/path', `/athletes/${ilse.id}/path`);

describe('the path of an athlete', () => {
  it('says first whether they are ready, then what each stage asks', async () => {
    answerWith(answers);
    show();
    expect(await screen.findByRole('heading', { level: 1, name: /not yet ready for/ })).toBeVisible();
    expect(screen.getByText('20 unbroken, with a calm exit')).toBeVisible();
    expect(screen.getByText(/Put here by two minutes/)).toBeVisible();
    const outlook = within(screen.getByRole('group', { name: 'Gate outlook' }));
    expect(
      outlook.getByRole('img', { hidden: true, name: /20 in a row: 20 of 100, between 10 and 40/ }),
    ).toBeInTheDocument();
  });

  it('lets a coach confirm where two minutes put somebody', async () => {
    const sent = answerWith({ ...answers, [`PATCH /api/athletes/${ilse.id}/stage`]: ilse });
    show();
    await userEvent.click(await screen.findByRole('button', { name: /^Confirm/ }));
    const patch = sent.find(({ method }) => method === 'PATCH');
    expect(patch?.body).toEqual({ stage: 'mix' });
    expect(patch?.headers['If-Match']).toBe('"3"');
  });

  it('waives a gate only with a reason', async () => {
    const sent = answerWith({ ...answers, 'PUT /api/gates/{id}': { id: 'x', version: 1 } });
    show();
    await userEvent.click(await screen.findByRole('button', { name: /^Change what .*link asks/i }));
    await userEvent.click(screen.getByRole('radio', { name: 'don’t ask it' }));
    expect(screen.getByRole('button', { name: 'Waive it' })).toBeDisabled();
    await userEvent.type(screen.getByRole('textbox', { name: 'Why' }), 'came from another gym');
    await userEvent.click(screen.getByRole('button', { name: 'Waive it' }));
    const put = sent.find(({ method }) => method === 'PUT');
    expect(put?.body).toMatchObject({
      stage: 'link',
      deed: 'waived',
      reason: 'came from another gym',
      athleteId: ilse.id,
    });
  });

  it('keeps the other answers when one is chosen', async () => {
    const sent = answerWith({ ...answers, [`PATCH /api/athletes/${ilse.id}/ways`]: path });
    show();
    await userEvent.click(await screen.findByText('From singles to doubles'));
    await userEvent.click(screen.getAllByRole('radio', { name: /^Every jump the same/ })[0] as HTMLElement);
    expect(sent.find(({ method }) => method === 'PATCH')?.body).toEqual({
      method: 'even-jump',
      arms: 'pattern',
    });
  });
});
