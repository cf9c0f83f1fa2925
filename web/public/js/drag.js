// The drawing as the instrument: water line, rice bed and soak ring are dragged, or
// moved with the arrow keys; each writes into its plain field and the server answers.
const form = document.getElementById("plan");
const STEP = { water: 1, bed: 10, soak: 5, done: 1, sharp: 1, sweet: 0.5, salty: 0.1 };
const RING_MIN = 240;
let drag = null;

function put(name, value) {
  const field = form.elements[name];
  field.value = value;
  field.dispatchEvent(new Event("input", { bubbles: true }));
}

// A part of a dressing, in steps of so many to one.
const part = (name, value, steps) => put(name, Math.max(0, Math.round(value * steps) / steps));

const set = {
  water(value) {
    form.elements.own_kind.value = "depth";
    put("own", Math.round(value));
  },
  bed(value) {
    form.elements.for.value = "amount";
    form.elements.unit.value = "g";
    put("amount", Math.max(10, Math.round(value / 5) * 5));
  },
  done(value) {
    put("done", Math.min(100, Math.max(0, Math.round(value))));
  },
  sharp(value) {
    part("sharp", value, 2);
  },
  sweet(value) {
    part("sweet", value, 2);
  },
  salty(value) {
    part("salty", value, 10);
  },
  soak(value) {
    put("soak", Math.max(0, Math.round(value / 5) * 5));
  },
};

const grip = (event) => event.target.closest("[data-drag]");
const now = (slider) => Number(slider.getAttribute("aria-valuenow"));

// Drawing units per screen pixel.
function unit(svg) {
  return svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
}

function angle(event) {
  const turn = Math.atan2(event.clientX - drag.x, drag.y - event.clientY) / (2 * Math.PI);
  return ((turn + 1) % 1) * RING_MIN;
}

document.addEventListener("pointerdown", (event) => {
  const slider = grip(event);
  if (!slider) return;
  event.preventDefault();
  slider.focus();
  const svg = slider.ownerSVGElement;
  const ring = (svg.querySelector(".ring") ?? svg).getBoundingClientRect();
  drag = {
    name: slider.dataset.drag,
    from: now(slider),
    start: event.clientY,
    perPx: unit(svg) / Number(svg.dataset.scale),
    gPerMm: Number(slider.dataset.gPerMm || 1),
    left: event.clientX,
    perUnit: unit(svg) * Number(slider.dataset.perUnit || 0),
    perStep: (Number(svg.dataset.right) - Number(svg.dataset.left)) / 100 / unit(svg),
    x: ring.x + ring.width / 2,
    y: ring.y + ring.height / 2,
  };
});

document.addEventListener("pointermove", (event) => {
  if (!drag) return;
  const mm = (drag.start - event.clientY) * drag.perPx;
  if (drag.name === "soak") set.soak(angle(event));
  else if (drag.name === "done") set.done(drag.from + (event.clientX - drag.left) / drag.perStep);
  else if (drag.name === "bed") set.bed(drag.from + mm * drag.gPerMm);
  else if (drag.perUnit) set[drag.name](drag.from + (drag.start - event.clientY) * drag.perUnit);
  else set.water(drag.from + mm);
});

document.addEventListener("pointerup", () => {
  if (!drag) return;
  drag = null;
  form.elements.own.dispatchEvent(new Event("change", { bubbles: true }));
});

document.addEventListener("keydown", (event) => {
  const slider = grip(event);
  const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[
    event.key
  ];
  if (!slider || !way) return;
  event.preventDefault();
  const name = slider.dataset.drag;
  const next = now(slider) + way * STEP[name];
  slider.setAttribute("aria-valuenow", next); // until the answer is here
  set[name](next);
});
