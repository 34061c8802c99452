/** The planner comes when it is asked for. */
export const planDoor = () => import('./PlanPage');
