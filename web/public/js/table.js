// Tonight's table: whatever is chosen is laid again at once; + and − seat and unseat a guest.
import { partOf } from "kettle/part.js";
import "kettle/search.js";

const form = document.querySelector(".table-form");
const PAUSE_MS = 120;
const answer = partOf("table");
let pause;

async function lay() {
  const fields = new URLSearchParams(new FormData(form));
  // Nobody seated is something else than nothing said.
  if (!fields.has("who[]")) fields.append("who[]", "");
  try {
    const html = await answer(`/?${fields}`);
    if (html === null) return;
    const fresh = new DOMParser().parseFromString(html, "text/html");
    for (const spot of form.querySelectorAll("[data-swap]")) {
      const now = fresh.querySelector(`[data-swap="${spot.dataset.swap}"]`);
      if (now) spot.replaceChildren(...now.childNodes);
    }
  } catch {
    /* the table stays as it was; the page that follows works it out */
  }
}

form.addEventListener("input", (event) => {
  if (event.target.name === "q") return;
  clearTimeout(pause);
  pause = setTimeout(lay, event.target.type === "checkbox" ? 0 : PAUSE_MS);
});

form.addEventListener("click", (event) => {
  const more = event.target.closest("[data-guests]");
  if (!more) return;
  event.preventDefault();
  const guests = form.elements.namedItem("guests");
  const field = guests.length ? [...guests].find((one) => one.tagName === "INPUT") : guests;
  field.value = Math.max(0, (Number(field.value) || 0) + Number(more.dataset.guests));
  lay();
});
