// Reads the dish as it is typed: what was understood and what is asked are swapped
// in beside the text, which itself is left alone.
const form = document.querySelector(".dish-form");
const read = document.getElementById("read");
const PAUSE_MS = 250;
let asked = 0;
let pause;

async function look(mend = "") {
  const ticket = ++asked;
  const body = new URLSearchParams(new FormData(form));
  if (mend) body.set("mend", mend);
  try {
    const answer = await fetch("/dishes/look", {
      method: "POST",
      body,
      headers: { "x-kettle-part": "read" },
    });
    if (!answer.ok || ticket !== asked) return;
    const open = read.querySelector("details")?.open;
    read.innerHTML = await answer.text();
    if (open) read.querySelector("details").open = true;
  } catch {
    /* what is typed is still there; "Look it over" asks again */
  }
}

form.addEventListener("input", (event) => {
  if (event.target.name !== "text") return;
  clearTimeout(pause);
  pause = setTimeout(() => look(), PAUSE_MS);
});

// What was read is tied to the cook's own words: a tap finds them in the text.
read.addEventListener("click", (event) => {
  const words = event.target.closest("[data-words]")?.dataset.words;
  const text = form.elements.text;
  const from = words && text ? text.value.indexOf(words) : -1;
  if (from < 0) return;
  text.focus();
  text.setSelectionRange(from, from + words.length);
});

// A correction opens where it stands, and is read without leaving the place.
read.addEventListener("click", async (event) => {
  const button = event.target.closest(".mend, .mended button");
  if (!button) return;
  event.preventDefault();
  const id = button.value || button.closest(".mended").id.replace("mend-", "");
  await look(button.value);
  const item = document.getElementById(`mend-${id}`);
  (item?.querySelector("input:not([type=hidden]), select") ?? read.querySelector(".mend"))?.focus();
});
