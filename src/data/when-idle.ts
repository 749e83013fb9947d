/** Runs something when the browser has nothing better to do. @returns what calls it off */
export function whenIdle(run: () => void): () => void {
  if ('requestIdleCallback' in window) {
    const asked = window.requestIdleCallback(run, { timeout: 10_000 });
    return () => window.cancelIdleCallback(asked);
  }
  const timer = setTimeout(run, 3000);
  return () => clearTimeout(timer);
}
