/** Pictures come with a library: nobody waits for it who looks at none. */
export const athleteStoryDoor = () => import('./AthleteStoryPage');
export const classStoryDoor = () => import('./ClassStoryPage');
export const questionsDoor = () => import('./QuestionsPage');
