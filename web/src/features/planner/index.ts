/** The planner comes when it is asked for. */
export const planDoor = () => import('./PlanPage');
export const weeksDoor = () => import('./WeeksPage');
export const athleteWeeksDoor = () => import('./AthleteWeeksPage');
export const onePracticeDoor = () => import('./OnePracticePage');
export const routineDoor = () => import('./RoutinePage');
