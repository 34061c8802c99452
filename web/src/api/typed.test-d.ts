import { call, fetchFile, href, outgoing, sendFile } from './client';
import type { Schemas } from './typed';

// Each line is wrong in one thing only and must not compile: the compiler itself complains when it does
// ("Unused '@ts-expect-error' directive"). Never run.
const id = 'x';
const change = { mutationId: 'm', version: 1 };
const file = new Blob([]);
const cable = { name: 'a', diameterMm: 2, piece: '1 m', grams: 12 };
const entry = { athleteId: id, drill: 'fifty-calm', kind: 'streak', reps: 1 } as const;

// @ts-expect-error no such address: fitt
void call('GET', '/api/athletes/{id}/fitt', { path: { id } });
// @ts-expect-error a rope can't be patched
void call('PATCH', '/api/ropes/{id}', { path: { id } });
// @ts-expect-error the word of the path is missing
void call('GET', '/api/athletes/{id}', {});
// @ts-expect-error the word of the path is called id
void call('GET', '/api/athletes/{id}', { path: { athleteId: id } });
// @ts-expect-error a school that is none
void call('GET', '/api/athletes/{id}/sizing', { path: { id }, query: { school: 'knee' } });
// @ts-expect-error a query that nobody reads
void call('GET', '/api/athletes/{id}/sizing', { path: { id }, query: { schol: 'chest' } });
// @ts-expect-error the notation is needed
void call('GET', '/api/pattern', { query: {} });
// @ts-expect-error the body is missing
void call('PUT', '/api/cables/{id}', { path: { id } });
// @ts-expect-error grams are a number
void call('PUT', '/api/cables/{id}', { path: { id }, body: { ...cable, grams: '12' } });
// @ts-expect-error a change says from which version it was made
void call('DELETE', '/api/ropes/{id}', { path: { id } });
// @ts-expect-error a creation carries no version
void call('PUT', '/api/pins/{id}', { path: { id }, body: { athleteId: id, rackRopeId: id }, change });
// @ts-expect-error sizing answers another view
void call('GET', '/api/athletes/{id}/sizing', { path: { id } }).then((view: Schemas['FitView']) => view);
// @ts-expect-error a list, not one
void call('GET', '/api/athletes').then((all: Schemas['AthleteView']) => all);
// @ts-expect-error what waits on the device is checked when it is written
outgoing('PUT', '/api/attempts/{id}', { path: { id }, body: { ...entry, kind: 'dance' } });
// @ts-expect-error no such file
href('/api/export.xml');
// @ts-expect-error recordings are sound
void sendFile('PUT', '/api/recordings/{id}', { path: { id } }, file, 'text/csv');
// @ts-expect-error an athlete is no file
void sendFile('PUT', '/api/athletes/{id}', { path: { id } }, file, 'application/json+zip');
// @ts-expect-error the fault is none that is known
void fetchFile('GET', '/api/takes/example.wav', { query: { fault: 'flying' } });

// And what is right compiles.
void call('GET', '/api/athletes/{id}/sizing', { path: { id }, query: { school: 'chest' } }).then(
  (view: Schemas['SizingView']) => view,
);
void call('POST', '/api/athletes/{id}/restore', { path: { id }, change }).then(
  (view: Schemas['AthleteView']) => view,
);
void call('POST', '/api/sign-out').then((nothing: undefined) => nothing);
void call('PUT', '/api/cables/{id}', { path: { id }, body: cable });
outgoing('PUT', '/api/attempts/{id}', { path: { id }, body: entry });
