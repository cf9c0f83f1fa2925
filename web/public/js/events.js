// Calls back when something in the kitchen has changed. The server tells it; where it cannot (too many
// devices, an old browser), it is asked now and then.
const ASK_MS = 15_000;
const LEAVING_MS = 8000;
let leaving = 0;

// A page that has just sent a form is on its way to the next one: its own tap is not told to it.
window.addEventListener("submit", (event) => {
  if (!event.defaultPrevented) leaving = Date.now();
});
// A script that is about to leave the page says so itself.
export const leave = () => {
  leaving = Date.now();
};
window.addEventListener("pageshow", () => {
  leaving = 0;
});

export function onChange(changed, silent = () => {}) {
  const callback = () => {
    if (Date.now() - leaving > LEAVING_MS) changed();
  };
  let asking = null;
  const ask = () => {
    asking ??= setInterval(callback, ASK_MS);
  };
  if (!window.EventSource) {
    ask();
    return;
  }
  const source = new EventSource("/events");
  source.addEventListener("changed", () => callback());
  source.addEventListener("open", () => {
    clearInterval(asking);
    asking = null;
    callback();
  });
  source.addEventListener("error", () => {
    silent();
    if (source.readyState === EventSource.CLOSED) ask();
  });
  window.addEventListener("pagehide", () => source.close());
}
