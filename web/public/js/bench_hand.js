// What is taken in hand on a bench: a chip or a step, by a tap, by dragging or by its key, and put
// elsewhere. Each change is an answer about the cook's own words; the last ones can be taken back.
const LEAST_PX = 6;
const EDGE_PX = 60;
// Minutes by which a key turns the dial.
const KEYS = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 5, PageDown: -5 };

export function benchHand({ form, read, look }) {
  let held = null;
  let half = false;
  let drag = null;
  const taken_back = [];
  const bench = () => read.querySelector(".dish-bench");
  const hand = () => read.querySelector(".bench-hand");

  // Answers that the form holds now.
  function said() {
    const found = {};
    for (const [name, value] of new FormData(form)) {
      const [, index, part] = name.match(/^answers\[([^\]]+)\]\[(\w+)\]$/) ?? [];
      if (index) (found[index] ??= {})[part] = value;
    }
    return Object.values(found).filter((one) => one.answer?.trim());
  }

  function say(about, field, answer) {
    return change(() => {
      const before = said();
      taken_back.push(before);
      const others = before.filter((one) => one.about !== about || one.field !== field);
      return [...others, { about, field, answer }];
    });
  }

  async function change(answers) {
    const key = held?.key;
    putBack();
    await look({ answers });
    undoable();
    if (key) bench()?.querySelector(key)?.focus();
  }

  function undoable() {
    const undo = document.getElementById("bench-undo");
    undo.hidden = taken_back.length === 0;
  }

  const stepOf = (node) => node.closest(".bench-step");
  const data = (node) => (node.matches(".chip") ? node.dataset : stepOf(node).dataset);

  // While something is dragged nothing moves out of its way: places are marked, not given buttons.
  function take(node, dragged = false) {
    putBack();
    const chip = node.matches(".chip");
    const { about, line, from, step } = data(node);
    held = { node, chip, about, from, step: chip ? null : step };
    held.key = chip ? `.chip[data-line="${line}"]` : `[data-step="${step}"] .bench-grip`;
    node.setAttribute("aria-pressed", "true");
    show(chip, dragged);
  }

  function show(chip, dragged) {
    const bar = hand();
    bar.hidden = false;
    const words = chip ? held.node.textContent.trim().replace(/\s+/g, " ") : held.about;
    bar.querySelector("#bench-held").textContent = words;
    bar.querySelector("#bench-where").textContent = chip
      ? "Put it at a step."
      : "Put it in a vessel, sooner or later.";
    for (const act of bar.querySelectorAll("[data-act]"))
      act.hidden = act.dataset.act !== "back" && (act.dataset.act === "half") !== chip;
    for (const here of read.querySelectorAll(".bench-here"))
      here.hidden = (dragged && !here.closest(".is-empty")) || !fits(here);
    const empty = read.querySelector(".is-empty");
    if (empty) empty.hidden = chip;
    if (!chip) turnTo(Number(stepOf(held.node).dataset.minutes) || 0);
    const moves = chip ? {} : data(held.node);
    for (const act of ["sooner", "later"])
      bar.querySelector(`[data-act="${act}"]`).disabled = !moves[act];
  }

  const fits = (here) => (held.chip ? here.dataset.step : here.dataset.vessel && !inside(here));
  const inside = (here) => held.node.closest(".bench-vessel").dataset.vessel === here.dataset.vessel;

  function putBack() {
    held?.node.setAttribute("aria-pressed", "false");
    held = null;
    half = false;
    const bar = hand();
    if (!bar) return;
    bar.hidden = true;
    bar.querySelector('[data-act="half"]').setAttribute("aria-pressed", "false");
    read.querySelectorAll(".bench-here").forEach((here) => (here.hidden = true));
    const empty = read.querySelector(".is-empty");
    if (empty) empty.hidden = true;
  }

  // A chip goes to a step, a step to a vessel.
  function put(target) {
    if (!held) return;
    const { step, vessel } = target.dataset;
    if (held.chip && step && step !== held.from) return say(held.about, half ? "also" : "at", step);
    if (!held.chip && vessel) return say(held.about, "vessel", vessel);
    putBack();
  }

  const acts = {
    half(button) {
      half = !half;
      button.setAttribute("aria-pressed", String(half));
    },
    sooner: () => say(held.about, "before", data(held.node).sooner),
    later: () => say(held.about, "before", data(held.node).later),
    back() {
      const { node } = held;
      putBack();
      node.focus();
    },
  };

  const dial = () => hand().querySelector(".bench-dial");

  function turnTo(minutes) {
    const face = dial();
    face.setAttribute("aria-valuenow", minutes);
    face.setAttribute("aria-valuetext", `${minutes} min`);
    face.querySelector(".dial-hand").setAttribute("transform", `rotate(${minutes * 6})`);
    face.querySelector(".dial-text").textContent = minutes;
  }

  function turned(event) {
    const box = dial().getBoundingClientRect();
    const x = event.clientX - box.left - box.width / 2;
    const angle = Math.atan2(x, box.top + box.height / 2 - event.clientY);
    const part = Math.round(((angle / Math.PI) * 30 + 60) % 60);
    // Over the top it is an hour more, or less.
    const now = Number(dial().getAttribute("aria-valuenow"));
    const around = [part, part + 60, part + 120, part + 180];
    turnTo(around.reduce((near, one) => (Math.abs(one - now) < Math.abs(near - now) ? one : near)));
  }

  const set = () => {
    const minutes = Number(dial().getAttribute("aria-valuenow"));
    if (held && minutes > 0) say(held.about, "minutes", `${minutes} min`);
  };

  read.addEventListener("click", (event) => {
    const node = event.target.closest(".chip, .bench-grip");
    if (node) {
      event.preventDefault();
      if (drag?.moved) return;
      return node === held?.node ? putBack() : take(node);
    }
    const here = event.target.closest(".bench-here");
    if (here) return put(here);
    const act = event.target.closest("button[data-act]");
    if (act && held) acts[act.dataset.act](act);
  });

  read.addEventListener("keydown", (event) => {
    if (event.target.closest(".bench-dial")) return keyed(event);
    if (!held) return;
    if (event.key === "Escape") return acts.back();
    const moves = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };
    if (!moves[event.key]) return;
    event.preventDefault();
    const places = [...read.querySelectorAll(".bench-here:not([hidden])")];
    const now = places.indexOf(document.activeElement);
    const by = moves[event.key];
    const next = now < 0 ? (by > 0 ? 0 : -1) : (now + by) % places.length;
    places.at(next)?.focus();
  });

  function keyed(event) {
    const by = KEYS[event.key];
    if (event.key === "Enter") {
      event.preventDefault();
      return set();
    }
    if (event.key === "Escape") return acts.back();
    if (!by) return;
    event.preventDefault();
    turnTo(Math.min(240, Math.max(0, Number(dial().getAttribute("aria-valuenow")) + by)));
  }

  read.addEventListener("pointerdown", (event) => {
    const node = event.target.closest(".chip, .bench-grip, .bench-dial");
    if (!node || event.button > 0) return;
    drag = { node, x: event.pageX, y: event.pageY, moved: false };
  });
  document.addEventListener("pointermove", (event) => {
    if (!drag) return;
    if (drag.node.matches(".bench-dial")) {
      drag.moved = true;
      return turned(event);
    }
    if (!drag.moved && Math.hypot(event.pageX - drag.x, event.pageY - drag.y) < LEAST_PX) return;
    if (!drag.moved) take(drag.node, true);
    drag.moved = true;
    bench().classList.add("is-dragging", held.chip ? "of-chip" : "of-step");
    drag.node.style.translate = `${event.pageX - drag.x}px ${event.pageY - drag.y}px`;
    atTheEdge(event.clientY);
  });
  // What is dragged to the edge of the window goes on.
  function atTheEdge(y) {
    if (y < EDGE_PX) window.scrollBy(0, -EDGE_PX / 3);
    if (y > window.innerHeight - EDGE_PX) window.scrollBy(0, EDGE_PX / 3);
  }

  document.addEventListener("pointerup", (event) => {
    if (!drag) return;
    const { node, moved } = drag;
    if (moved && node.matches(".bench-dial")) set();
    else if (moved) drop(node, event);
    // A click comes after it, and is not meant.
    setTimeout(() => (drag = null));
  });
  document.addEventListener("pointercancel", () => {
    if (drag) drag.node.style.translate = "";
    letGo();
    drag = null;
  });

  const letGo = () => bench()?.classList.remove("is-dragging", "of-chip", "of-step");

  function drop(node, event) {
    letGo();
    node.style.translate = "";
    node.style.pointerEvents = "none";
    const under = document.elementFromPoint(event.clientX, event.clientY);
    node.style.pointerEvents = "";
    const place = under?.closest(held?.chip ? ".bench-step[data-step]" : ".bench-here, .bench-vessel");
    if (!place || !held) return putBack();
    if (!held.chip && place.matches(".bench-vessel") && (place.dataset.vessel === "new" || inside(place)))
      return putBack();
    put(place);
  }

  document.getElementById("bench-undo").addEventListener("click", () => {
    if (taken_back.length) change(() => taken_back.pop());
  });
}
