// The first page: whatever is typed is worked out at once, and the address holds it.
import { swap } from "kettle/swap.js";

const PAUSE_MS = 120;
const form = document.getElementById("plan");
let asked = 0;
let pause;

async function ask() {
  const ticket = ++asked;
  const fields = new URLSearchParams(new FormData(form));
  const to = `/?${fields}`;
  try {
    const answer = await fetch(to, { headers: { accept: "text/html", "x-kettle-part": "answer" } });
    if (ticket !== asked || !answer.ok) return;
    swap(await answer.text());
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
