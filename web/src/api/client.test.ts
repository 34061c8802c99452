import { describe, expect, it, vi } from 'vitest';
import { KEPT_EVENT, KEPT_HEADER } from '../lib/keptAnswer';
import { FakeUpload } from '../testing/upload';
import { call, fetchFile, href, outgoing, ProblemError, sendFile, Unreachable } from './client';

function answering(body: string, init: ResponseInit): typeof fetch {
  return vi.fn(() => Promise.resolve(new Response(body, init)));
}

const problem = {
  type: 'about:blank',
  title: 'Bad input',
  status: 422,
  detail: 'Height 19 cm: between 90 and 230 cm.',
};

describe('call', () => {
  it('sends a change with its id, the version seen and the header against other sites', async () => {
    const fetched = answering('{"ok":true}', { status: 200 });
    vi.stubGlobal('fetch', fetched);
    await call('PATCH', '/api/athletes/{id}/stage', {
      path: { id: '1' },
      body: { stage: 'mix' },
      change: { mutationId: 'm', version: 3 },
    });
    const [path, init] = vi.mocked(fetched).mock.calls[0] ?? [];
    expect(path).toBe('/api/athletes/1/stage');
    expect(init?.headers).toMatchObject({
      'Mutation-Id': 'm',
      'If-Match': '"3"',
      'csrf-token': 'csrf-token',
    });
    expect(init?.body).toBe('{"stage":"mix"}');
  });

  it('throws the sentence of a refusal', async () => {
    vi.stubGlobal(
      'fetch',
      answering(JSON.stringify(problem), {
        status: 422,
        headers: { 'Content-Type': 'application/problem+json' },
      }),
    );
    const refused = call('GET', '/api/me');
    await expect(refused).rejects.toThrow(ProblemError);
    await expect(call('GET', '/api/me')).rejects.toThrow('Height 19 cm: between 90 and 230 cm.');
  });

  it.each([
    [
      'a proxy answers HTML',
      answering('<h1>502</h1>', { status: 502, headers: { 'Content-Type': 'text/html' } }),
    ],
    ['the network is cut', vi.fn(() => Promise.reject(new TypeError('failed')))],
  ])('says that nothing is lost when %s', async (_, fetched) => {
    vi.stubGlobal('fetch', fetched);
    await expect(call('GET', '/api/me')).rejects.toThrow(Unreachable);
  });

  it('tells when an answer was kept on the device and may be old', async () => {
    const told = vi.fn();
    window.addEventListener(KEPT_EVENT, told);
    vi.stubGlobal('fetch', answering('1', { status: 200 }));
    await call('GET', '/api/me');
    expect(told).not.toHaveBeenCalled();
    vi.stubGlobal('fetch', answering('1', { status: 200, headers: { [KEPT_HEADER]: '1' } }));
    await call('GET', '/api/me');
    expect(told).toHaveBeenCalledOnce();
    window.removeEventListener(KEPT_EVENT, told);
  });

  it('takes an empty answer as nothing', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.resolve(new Response(null, { status: 204 }))),
    );
    await expect(call('POST', '/api/sign-out')).resolves.toBeUndefined();
  });
});

describe('sendFile', () => {
  const send = (answer: typeof fetch, onSent?: (share: number) => void) => {
    vi.stubGlobal('XMLHttpRequest', FakeUpload);
    vi.stubGlobal('fetch', answer);
    const file = new Blob(['RIFF']);
    const sent = { path: { id: '1' }, query: { keep: true } };
    return sendFile('PUT', '/api/recordings/{id}', sent, file, 'audio/wav', onSent);
  };

  it('sends the file by its type, and tells how far it is', async () => {
    const fetched = answering('{"id":"1"}', { status: 201 });
    const shares: number[] = [];
    expect(await send(fetched, (share) => shares.push(share))).toEqual({ id: '1' });
    expect(shares).toEqual([0.5]);
    const [path, init] = vi.mocked(fetched).mock.calls[0] ?? [];
    expect(path).toBe('/api/recordings/1?keep=true');
    expect(init?.method).toBe('PUT');
    expect(init?.headers).toMatchObject({ 'Content-Type': 'audio/wav', 'csrf-token': 'csrf-token' });
  });

  it('throws the sentence of a refusal, and says that nothing is lost when nobody answers', async () => {
    const headers = { 'Content-Type': 'application/problem+json' };
    await expect(send(answering(JSON.stringify(problem), { status: 422, headers }))).rejects.toThrow(
      problem.detail,
    );
    await expect(send(vi.fn(() => Promise.reject(new TypeError('cut'))))).rejects.toThrow(Unreachable);
  });
});

describe('an address', () => {
  it('has its words filled in, and only what was asked', () => {
    expect(
      href('/api/athletes/{id}/fit', { path: { id: 'a b' }, query: { cable: '240 cm', handle: null } }),
    ).toBe('/api/athletes/a%20b/fit?cable=240+cm');
    expect(href('/api/rack')).toBe('/api/rack');
  });

  it('can be made ready now and sent later', () => {
    expect(
      outgoing('PUT', '/api/pins/{id}', { path: { id: 'p' }, body: { athleteId: 'a', rackRopeId: 'r' } }),
    ).toEqual({
      method: 'PUT',
      path: '/api/pins/p',
      body: { athleteId: 'a', rackRopeId: 'r' },
    });
  });
});

describe('fetchFile', () => {
  it('gives the file, or throws the sentence of a refusal', async () => {
    vi.stubGlobal('fetch', answering('RIFF', { status: 200 }));
    const file = await fetchFile('GET', '/api/takes/example.wav');
    expect(await file.text()).toBe('RIFF');
    const headers = { 'Content-Type': 'application/problem+json' };
    vi.stubGlobal('fetch', answering(JSON.stringify(problem), { status: 422, headers }));
    await expect(fetchFile('GET', '/api/takes/example.wav')).rejects.toThrow(problem.detail);
  });
});
