// The layers of a pot: built with links that work without a script; here they change the fields of
// the form, so that only the answer is asked for again, and a layer is taken and laid elsewhere.
const form = document.getElementById("plan");
const fields = () => [...form.querySelectorAll('input[name="layer[]"]')];
let taken = null;
// What lay there before each change, the last first; the answer brings a new button every time.
const before_that = [];
const undoable = () => {
  const undo = document.getElementById("layer-undo");
  if (undo) undo.hidden = before_that.length === 0;
};

function lay(texts, back = false) {
  const before = fields();
  if (!back) before_that.unshift(before.map((field) => field.value));
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

new MutationObserver(undoable).observe(form, { childList: true, subtree: true });
document.addEventListener("click", (event) => {
  if (event.target.id === "layer-undo") return lay(before_that.shift(), true);
  const link = event.target.closest("[data-bench]");
  if (!link || event.ctrlKey || event.metaKey || event.shiftKey) return;
  event.preventDefault();
  lay(new URL(link.href).searchParams.getAll("layer[]"));
});

// The drawn layers, stacked from the floor in this order, each as high as it was: so it is in a
// straight pot, and in a tapered one until the answer comes.
function stack(order) {
  const drawing = document.querySelector(".layers-drawing");
  const edge = (band, name) => band.firstElementChild[name].baseVal.value;
  const bands = [...drawing.querySelectorAll(".layer")];
  let bottom = Math.max(...bands.map((band) => edge(band, "y") + edge(band, "height")));
  bands.sort((one, other) => order.indexOf(number(one)) - order.indexOf(number(other)));
  bands.forEach((band) => {
    bottom -= edge(band, "height");
    band.setAttribute("transform", `translate(0 ${bottom - edge(band, "y")})`);
  });
  drawing.classList.add("reckoning");
}

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
  const order = fields().map((_, index) => index);
  order.splice(number(over), 0, ...order.splice(from, 1));
  const texts = order.map((index) => fields()[index].value);
  // Seen at once; the figures follow with the answer.
  stack(order);
  const rows = document.querySelector("ol.layers");
  const row = (index) => rows.querySelector(`[data-row="${index}"]`);
  if (number(over) > from) row(number(over)).before(row(from));
  else row(number(over)).after(row(from));
  lay(texts);
});
document.addEventListener("pointercancel", () => {
  taken = null;
});
