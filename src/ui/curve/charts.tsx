/** One part of the program: all that draws with the chart library, which is large. */
export { default as Curve } from './curve';
export { default as TrendChart } from './trend-chart';
