/** Keeps the page for when the server is away, in browsers that can and in the built application only. */
export function registerWorker(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  // A page of before may ask for parts that a newer build no longer has: it is loaded anew.
  window.addEventListener('vite:preloadError', () => window.location.reload());
  window.addEventListener('load', () => {
    navigator.serviceWorker.register('/sw.js', { type: 'classic' }).catch(() => undefined);
  });
}
