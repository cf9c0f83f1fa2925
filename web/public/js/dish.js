// Reads the lines as they are typed: what was understood, what is asked and the
// fields are swapped in under the text, which itself is left alone.
const form = document.querySelector(".dish-form");
const read = document.getElementById("read");
const READ_FROM = ["lines", "steps", "note"];
const PAUSE_MS = 250;
let asked = 0;
let pause;

async function look() {
  const ticket = ++asked;
  const body = new URLSearchParams(new FormData(form));
  body.set("use", "text");
  try {
    const answer = await fetch("/dishes/look", {
      method: "POST",
      body,
      headers: { "x-kettle-part": "read" },
    });
    if (!answer.ok || ticket !== asked) return;
    const open = read.querySelector("details").open;
    read.innerHTML = await answer.text();
    read.querySelector("details").open = open;
  } catch {
    /* what is typed is still there; "Look it over" asks again */
  }
}

form.addEventListener("input", (event) => {
  if (!READ_FROM.includes(event.target.name)) return;
  clearTimeout(pause);
  pause = setTimeout(look, PAUSE_MS);
});
