import { useQuery } from '@tanstack/react-query';
import { judgedOf, madeOf } from './changes';
import { call, type Schemas } from './client';

export type AthleteStory = Schemas['AthleteStoryView'];
export type ClassStory = Schemas['ClassStoryView'];
export type BoxAnswer = Schemas['BoxAnswerView'];
export type BoxQuestion = Schemas['BoxQuestion'];

/** Months of one athlete; for coaches. */
export function useAthleteStory(id: string, mayRead: boolean) {
  return useQuery({
    queryKey: ['story', id],
    queryFn: () => call('GET', '/api/athletes/{id}/story', { path: { id } }),
    enabled: mayRead,
    ...judgedOf('focus', 'go', 'run', 'effort'),
  });
}

/** Months of the class. */
export function useClassStory(mayRead: boolean) {
  return useQuery({
    queryKey: ['class-story'],
    queryFn: () => call('GET', '/api/class-story'),
    enabled: mayRead,
    ...judgedOf('focus', 'go'),
  });
}

/** They change only with the app. */
export function useQuestions(mayRead: boolean) {
  return useQuery({
    queryKey: ['questions'],
    queryFn: () => call('GET', '/api/questions'),
    enabled: mayRead,
    staleTime: Infinity,
    ...madeOf(),
  });
}

export function useAnswer(question: BoxQuestion | null) {
  return useQuery({
    queryKey: ['questions', question],
    queryFn: () => call('GET', '/api/questions/{question}', { path: { question: question ?? 'stuck' } }),
    enabled: question !== null,
    ...judgedOf('focus', 'go'),
  });
}
