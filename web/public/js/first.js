// The first page: whatever is typed is worked out at once, and the address holds it.
import { partOf } from "kettle/part.js";
import { swap } from "kettle/swap.js";

const PAUSE_MS = 120;
const form = document.getElementById("plan");
const answer = partOf("answer");
let pause;

async function ask() {
  const fields = new URLSearchParams(new FormData(form));
  const to = `/?${fields}`;
  try {
    const html = await answer(to);
    if (html === null) return;
    swap(html);
    history.replaceState({}, "", to);
  } catch {
    document.getElementById("answer").dataset.trouble =
      "The kitchen does not answer. What you typed is kept.";
  }
}

form.addEventListener("input", () => {
  clearTimeout(pause);
  pause = setTimeout(ask, PAUSE_MS);
});
