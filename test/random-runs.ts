/**
 * How often what is random is tried. Every run of the tests tries some, enough to notice what breaks often; `RANDOM_RUNS=all`
 * tries as many as are wanted before a release.
 * @param all so many then
 * @param usual so many in every run
 */
export const randomRuns = (all: number, usual = 50): number =>
  process.env.RANDOM_RUNS === 'all' ? all : Math.min(all, usual);
