// Finds dishes as they are typed: the server searches, the list is swapped in.
const box = document.getElementById("q");
const list = document.getElementById("found");
const PAUSE_MS = 90;
let asked = 0;
let pause;

async function find() {
  const ticket = ++asked;
  const chosen = list.querySelector("input:checked")?.value;
  const fields = new URLSearchParams({ q: box.value, as: list.dataset.as });
  try {
    const answer = await fetch(`/dishes?${fields}`, {
      headers: { accept: "text/html", "x-kettle-part": "found" },
    });
    if (!answer.ok || ticket !== asked) return;
    list.innerHTML = await answer.text();
    const again = chosen && list.querySelector(`input[value="${CSS.escape(chosen)}"]`);
    if (again) again.checked = true;
    timed();
  } catch {
    /* the list stays as it was; the button asks again */
  }
}

// What takes time to work out comes bit by bit.
function timed() {
  if (list.querySelector("[data-untimed]")) find();
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
