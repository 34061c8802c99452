import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren } from '../../testing/people';
import { answerWith, renderPage } from '../../testing/render';
import { ApiPage } from './ApiPage';

describe('the API', () => {
  it('is told route by route, found by words, opened to its fields', async () => {
    const view = {
      type: 'object',
      properties: { name: { type: 'string' }, born: { type: ['integer', 'null'] } },
      required: ['name'],
    };
    answerWith({
      'GET /api/me': maren,
      'GET /api/openapi.json': {
        paths: {
          '/api/ropes/{id}': {
            get: {
              operationId: 'r',
              summary: 'One kept rope.',
              description: 'For coaches.',
              responses: { 200: {} },
            },
          },
          '/api/people': {
            get: {
              operationId: 'p',
              summary: 'Who may sign in.',
              description: 'For owners.',
              responses: {
                200: {
                  content: {
                    'application/json': {
                      schema: { type: 'array', items: { $ref: '#/components/schemas/PersonView' } },
                    },
                  },
                },
              },
            },
          },
        },
        components: { schemas: { PersonView: view } },
      },
    });
    renderPage(<ApiPage />);
    expect(await screen.findByText(/One kept rope. For coaches./)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Find in the API'), 'get sign');
    expect(screen.queryByText(/One kept rope/)).not.toBeInTheDocument();
    expect(screen.getByText(/application\/json: list of PersonView/)).toBeInTheDocument();
    await userEvent.click(screen.getByText('PersonView'));
    expect(await screen.findByText('born')).toBeInTheDocument();
    expect(screen.getByText('born').parentElement).toHaveTextContent('integer or nothing, may be left out');
  });
});
