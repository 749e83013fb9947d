/** What the planning worker can be asked: anything about a day. */
import { shoppingList } from '../core/day/shopping';
import { planDay, stopPlanning } from './planner';

export const plannerApi = { planDay, shoppingList, stopPlanning };
export type PlannerApi = typeof plannerApi;
