// A planned meal: tasks are chosen, moved and dragged on their lanes; the server answers with what
// follows. While it is not known to be the shortest, something better is looked for.
import { openAtFirst } from "kettle/fold.js";

const answer = document.getElementById("answer");
const token = document.querySelector("input[name=authenticity_token]")?.value;
const NEAR = 24;
const STEP_MIN = 5;
const ROUNDS = 6;
let seeking = true;

const drawings = () => [...document.querySelectorAll("svg.lanes")];
const shownDrawing = () => drawings().find((svg) => svg.getClientRects().length > 0);
const tasks = () => [...document.querySelectorAll("a.meal-task")].map((link) => link.dataset.task);

function put(html) {
  const fresh = new DOMParser().parseFromString(`<div>${html}</div>`, "text/html").body.firstChild;
  const opened = [...answer.querySelectorAll("details.fold")].map((details) => details.open);
  const focused = document.activeElement?.id;
  answer.replaceChildren(...fresh.childNodes);
  answer.querySelectorAll("details.fold").forEach((details, index) => {
    details.open = opened[index] ?? (details.open && openAtFirst(details));
  });
  if (focused) document.getElementById(focused)?.focus();
  listen();
}

async function send(path, fields) {
  const body = new URLSearchParams({ authenticity_token: token, ...fields });
  const response = await fetch(`/clock/${answer.dataset.meal}/${path}`, {
    method: "POST",
    body,
    headers: { "x-kettle-part": "answer", accept: "text/html" },
  });
  const html = await response.text();
  // What is being dragged is not taken from under the finger.
  if ([200, 422].includes(response.status) && !document.querySelector(".is-dragging")) put(html);
  return response.status;
}

async function choose(task) {
  const response = await fetch(`/clock/${answer.dataset.meal}?task=${encodeURIComponent(task)}`, {
    headers: { "x-kettle-part": "answer" },
  });
  if (response.ok) put(await response.text());
  history.replaceState({}, "", `?task=${encodeURIComponent(task)}`);
}

const move = (task, before) => {
  seeking = false;
  return send("move", { task, before: Math.max(0, Math.round(before)) });
};

// Minutes before serving at a place of a drawing.
function minutesAt(svg, event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  const { from, to, span, along } = svg.dataset;
  const place = along === "y" ? point.y : point.x;
  return Number(span) * (1 - (place - Number(from)) / (Number(to) - Number(from)));
}

// Short tasks are narrow: the nearest bar within reach is meant.
function nearest(event) {
  let best = null;
  for (const bar of shownDrawing()?.querySelectorAll(".bar") ?? []) {
    const box = bar.getBoundingClientRect();
    const off = Math.hypot(
      Math.max(box.left - event.clientX, 0, event.clientX - box.right),
      Math.max(box.top - event.clientY, 0, event.clientY - box.bottom),
    );
    if (off <= NEAR && (!best || off < best.off)) best = { bar, off };
  }
  return best?.bar;
}

const startOf = (task) => {
  const svg = shownDrawing();
  const rect = svg.querySelector(`.bar[data-task="${CSS.escape(task)}"] rect`);
  const at = Number(rect.getAttribute(svg.dataset.along));
  return (
    Number(svg.dataset.span) *
    (1 - (at - Number(svg.dataset.from)) / (Number(svg.dataset.to) - Number(svg.dataset.from)))
  );
};

// By finger a task is chosen first, and moved once it is chosen: anywhere else the page scrolls.
function drag(event) {
  const bar = nearest(event);
  if (!bar || event.button > 0) return;
  const svg = shownDrawing();
  const task = bar.dataset.task;
  const holds = event.pointerType !== "touch" || bar.classList.contains("is-chosen");
  const began = minutesAt(svg, event);
  const start = startOf(task);
  let moved = 0;
  const same = [...svg.querySelectorAll(`.bar[data-task="${CSS.escape(task)}"]`)];
  const perMin = (Number(svg.dataset.to) - Number(svg.dataset.from)) / Number(svg.dataset.span);
  const shift = (minutes) =>
    same.forEach((one) => {
      const by = minutes * perMin;
      one.setAttribute("transform", svg.dataset.along === "y" ? `translate(0 ${by})` : `translate(${by} 0)`);
    });
  const follow = (next) => {
    if (!holds) return;
    moved = Math.round(began - minutesAt(svg, next));
    shift(moved);
    if (moved) next.preventDefault();
  };
  const watch = new AbortController();
  const end = (taken) => {
    watch.abort();
    svg.classList.remove("is-dragging");
    if (!taken) shift(0);
    else if (moved) move(task, start - moved);
    else choose(task);
  };
  if (holds) {
    svg.classList.add("is-dragging");
    svg.setPointerCapture?.(event.pointerId);
  }
  const { signal } = watch;
  svg.addEventListener("pointermove", follow, { signal });
  svg.addEventListener("pointerup", () => end(true), { signal });
  svg.addEventListener("pointercancel", () => end(false), { signal });
}

// The page does not scroll away under the task that is held.
function stay(event) {
  const [finger] = event.touches;
  if (event.touches.length === 1 && nearest(finger)?.classList.contains("is-chosen")) event.preventDefault();
}

const chosen = () => document.querySelector(".meal-task[aria-current]")?.dataset.task;

function keys(event) {
  const list = tasks();
  const at = list.indexOf(chosen());
  const sideways = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  const upwards = { ArrowUp: 1, ArrowDown: -1 }[event.key];
  if (sideways && !event.shiftKey)
    choose(list[(Math.max(at, sideways > 0 ? -1 : 0) + sideways + list.length) % list.length]);
  else if (sideways && at >= 0) move(list[at], startOf(list[at]) - sideways * STEP_MIN);
  else if (upwards && at >= 0) move(list[at], startOf(list[at]) + upwards);
  else return;
  event.preventDefault();
}

function listen() {
  drawings().forEach((svg) => {
    svg.addEventListener("pointerdown", drag);
    svg.addEventListener("touchstart", stay, { passive: false });
  });
  document.getElementById("lanes")?.addEventListener("keydown", keys);
  document.querySelectorAll("a.meal-task").forEach((link) =>
    link.addEventListener("click", (event) => {
      event.preventDefault();
      choose(link.dataset.task);
    }),
  );
}

// What is not proved is looked at again, until nothing better comes or the cook has had enough.
async function seek() {
  for (let round = 0; round < ROUNDS && seeking; round += 1) {
    const strip = document.getElementById("seek");
    if (!strip) return;
    strip.hidden = false;
    strip.querySelector("[role=status]").textContent = "Looking for something shorter …";
    strip.querySelector("button").onclick = () => {
      seeking = false;
      strip.hidden = true;
    };
    if ((await send("better", {})) !== 200) break;
  }
  const strip = document.getElementById("seek");
  if (strip) strip.hidden = true;
}

if (answer) {
  listen();
  seek();
}
