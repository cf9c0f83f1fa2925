// Along the minutes of a pot: the server draws it as it stands then.
const form = document.getElementById("course");
const pot = document.getElementById("course-pot");
const PAUSE_MS = 40;
let asked = 0;
let pause;

async function show() {
  const ticket = ++asked;
  const fields = new URLSearchParams(new FormData(form));
  try {
    const answer = await fetch(`/pot/course?${fields}`, {
      headers: { accept: "text/html", "x-kettle-part": "course" },
    });
    if (!answer.ok || ticket !== asked) return;
    pot.innerHTML = await answer.text();
  } catch {
    /* the pot stays as it was */
  }
}

form.addEventListener("input", () => {
  clearTimeout(pause);
  pause = setTimeout(show, PAUSE_MS);
});
