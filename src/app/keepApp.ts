/**
 * Has the app kept on this device for when the server is gone; `newer` is called when a newer version has come and waits for the
 * last window to be closed. A browser that does not allow it (no certificate on the network) goes without.
 */
export function keepApp(newer: () => void): void {
  navigator.serviceWorker
    ?.register('/sw.js')
    .then((kept) => {
      const waits = () => {
        if (kept.waiting && navigator.serviceWorker.controller) newer();
      };
      waits();
      kept.addEventListener('updatefound', () => kept.installing?.addEventListener('statechange', waits));
    })
    .catch(() => undefined);
}
