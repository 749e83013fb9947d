/** The planning worker's own thread: forecasts are not held up by it. */
import '../core/food/catalogue/more';
import { expose } from 'comlink';
import { plannerApi } from './planner-api';

expose(plannerApi);
