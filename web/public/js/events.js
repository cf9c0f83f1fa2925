// Calls back when something in the kitchen has changed. The server tells it; where it cannot (too many
// devices, an old browser), it is asked now and then.
const ASK_MS = 15_000;

export function onChange(callback, silent = () => {}) {
  let asking = null;
  const ask = () => { asking ??= setInterval(callback, ASK_MS); };
  if (!window.EventSource) { ask(); return; }
  const source = new EventSource("/events");
  source.addEventListener("changed", () => callback());
  source.addEventListener("open", () => { clearInterval(asking); asking = null; callback(); });
  source.addEventListener("error", () => { silent(); if (source.readyState === EventSource.CLOSED) ask(); });
  window.addEventListener("pagehide", () => source.close());
}
