import { lazy } from 'react';

const story = () => import('../features/story');

/** Months: of an athlete, of the class, and what a coach asks of them. */
export const AthleteStoryPage = lazy(() =>
  story()
    .then((door) => door.athleteStoryDoor())
    .then((door) => ({ default: door.AthleteStoryPage })),
);
export const ClassStoryPage = lazy(() =>
  story()
    .then((door) => door.classStoryDoor())
    .then((door) => ({ default: door.ClassStoryPage })),
);
export const QuestionsPage = lazy(() =>
  story()
    .then((door) => door.questionsDoor())
    .then((door) => ({ default: door.QuestionsPage })),
);
