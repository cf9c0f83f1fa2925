// The layers of a pot: built with links that work without a script; here they change the fields of
// the form, so that only the answer is asked for again, and a layer is taken and laid elsewhere.
const form = document.getElementById("plan");
const fields = () => [...form.querySelectorAll('input[name="layer[]"]')];
let taken = null;

function lay(texts) {
  const before = fields();
  const fresh = texts.map((text) => {
    const field = document.createElement("input");
    Object.assign(field, { type: "hidden", name: "layer[]", value: text });
    return field;
  });
  const bench = form.querySelector(".bench");
  before.forEach((field) => field.remove());
  bench.append(...fresh);
  (fresh[0] ?? form.elements.own).dispatchEvent(new Event("change", { bubbles: true }));
}

document.addEventListener("click", (event) => {
  const link = event.target.closest("[data-bench]");
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey) return;
  event.preventDefault();
  lay(new URL(link.href).searchParams.getAll("layer[]"));
});

// A row of the list, or a layer of the drawing: both know which layer they are.
const grip = (target) => target.closest?.("[data-layer], [data-row]");
const number = (held) => Number(held.dataset.layer ?? held.dataset.row);

document.addEventListener("pointerdown", (event) => {
  const held = grip(event.target);
  if (!held || event.target.closest("a")) return;
  taken = number(held);
  held.classList.add("taken");
  if (held.dataset.layer) event.preventDefault();
});

document.addEventListener("pointerup", (event) => {
  document.querySelectorAll(".taken").forEach((held) => held.classList.remove("taken"));
  const from = taken;
  taken = null;
  const over = grip(document.elementFromPoint(event.clientX, event.clientY) ?? document.body);
  if (from === null || !over || number(over) === from) return;
  const texts = fields().map((field) => field.value);
  const [moved] = texts.splice(from, 1);
  texts.splice(number(over), 0, moved);
  lay(texts);
});
document.addEventListener("pointercancel", () => { taken = null; });
