// Space, a foot switch, a clicker or a headset: every key that such a thing sends goes on, or
// back. Never while something is typed, and a key that is held counts once.
const ON = new Set([
  " ",
  "Enter",
  "PageDown",
  "ArrowRight",
  "ArrowDown",
  "MediaPlayPause",
  "MediaTrackNext",
  "n",
]);
const BACK = new Set(["PageUp", "ArrowLeft", "ArrowUp", "MediaTrackPrevious"]);
const TAKEN = "input, textarea, select, a, button, summary, dialog";

export function onKeys({ on, back }) {
  document.addEventListener("keydown", (event) => {
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey || event.target.closest?.(TAKEN))
      return;
    const act = ON.has(event.key) ? on : BACK.has(event.key) ? back : null;
    if (!act) return;
    event.preventDefault();
    act();
  });
}
