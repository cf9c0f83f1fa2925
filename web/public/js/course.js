// Along the minutes of a pot: the server draws it as it stands then.
import { partOf } from "kettle/part.js";

const form = document.getElementById("course");
const pot = document.getElementById("course-pot");
const PAUSE_MS = 40;
const answer = partOf("course");
let pause;

async function show() {
  try {
    const html = await answer(`/pot/course?${new URLSearchParams(new FormData(form))}`);
    if (html !== null) pot.innerHTML = html;
  } catch {
    /* the pot stays as it was */
  }
}

form.addEventListener("input", () => {
  clearTimeout(pause);
  pause = setTimeout(show, PAUSE_MS);
});
