import { openAtFirst } from "kettle/fold.js";

// Takes the parts of a page that the server answered and puts them into this one,
// leaving every field the cook types in alone.
export function swap(html) {
  const answer = new DOMParser().parseFromString(html, "text/html");
  const focused = document.activeElement;
  const again =
    focused?.closest("#answer") &&
    (focused.dataset?.drag
      ? `[data-drag="${focused.dataset.drag}"]`
      : focused.id
        ? `#${focused.id}`
        : focused.name && `#answer [name="${focused.name}"]`);
  const opened = [...document.querySelectorAll("#answer details")].map((details) => details.open);
  document.getElementById("answer").replaceChildren(...answer.getElementById("answer").childNodes);
  document.querySelectorAll("#answer details").forEach((details, index) => {
    details.open = opened[index] ?? (details.open && openAtFirst(details));
  });
  for (const spot of document.querySelectorAll("[data-swap]")) {
    // Where the cook is typing, fields stay; what is said beside them is swapped by itself.
    if (spot.contains(focused)) continue;
    const fresh = answer.querySelector(`[data-swap="${spot.dataset.swap}"]`);
    spot.replaceChildren(...(fresh ? fresh.childNodes : []));
  }
  for (const control of document.querySelectorAll("#plan [aria-describedby]")) {
    const problem = document.getElementById(`${control.id}-problem`);
    if (problem?.textContent.trim()) {
      control.setAttribute("aria-invalid", "true");
      control.closest("details")?.setAttribute("open", "");
    } else control.removeAttribute("aria-invalid");
  }
  if (again) document.querySelector(again)?.focus();
}
