// Finds dishes as they are typed: the server searches, the list is swapped in.
const box = document.getElementById("q");
const list = document.getElementById("found");
const PAUSE_MS = 90;
let asked = 0;
let pause;

async function answer() {
  const fields = new URLSearchParams({ q: box.value, as: list.dataset.as });
  const answer = await fetch(`/dishes?${fields}`, {
    headers: { accept: "text/html", "x-kettle-part": "found" },
  });
  return answer.ok ? answer.text() : null;
}

async function find() {
  const ticket = ++asked;
  const chosen = list.querySelector("input:checked")?.value;
  try {
    const html = await answer();
    if (html === null || ticket !== asked) return;
    list.innerHTML = html;
    const again = chosen && list.querySelector(`input[value="${CSS.escape(chosen)}"]`);
    if (again) again.checked = true;
    timed();
  } catch {
    /* the list stays as it was; the button asks again */
  }
}

// What takes long to work out comes bit by bit: the words of a dish change, what the cook chooses by stays.
async function timed() {
  const waiting = [...list.querySelectorAll("[data-untimed]")];
  if (waiting.length === 0) return;
  const ticket = asked;
  try {
    const html = await answer();
    // A newer list brings its own.
    if (html === null || ticket !== asked) return;
    const fresh = new DOMParser().parseFromString(html, "text/html");
    for (const dish of waiting) {
      const now = fresh.querySelector(`input[value="${CSS.escape(dish.querySelector("input").value)}"]`);
      if (!now || now.parentElement.hasAttribute("data-untimed")) continue;
      dish.querySelector(".seat-note").replaceWith(now.parentElement.querySelector(".seat-note"));
      dish.removeAttribute("data-untimed");
    }
    timed();
  } catch {
    /* without their times they can be chosen, too */
  }
}

timed();

// Enter looks, as the button does; it does not lay the table.
box.addEventListener("keydown", (event) => {
  if (event.key !== "Enter") return;
  event.preventDefault();
  find();
});

box.addEventListener("input", () => {
  clearTimeout(pause);
  pause = setTimeout(find, PAUSE_MS);
});
