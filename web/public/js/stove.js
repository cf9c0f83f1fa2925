// At the stove: counts down to times that the server keeps, tells when a step is over, follows
// what another device did, and takes what a wet hand, a foot or a clicker gives.
import { alarm, arm, ring, stayAwake } from "kettle/bell.js";
import { runClock, written } from "kettle/clock.js";
import { follow as followLevel } from "kettle/level.js";
import { onKeys } from "kettle/clicker.js";
import { reader } from "kettle/aloud.js";
import { steps } from "kettle/pour.js";
import { onChange } from "kettle/events.js";
import { keepTaps } from "kettle/stove_taps.js";

const stove = document.querySelector(".stove");
const note = document.getElementById("ring-note");
const next = document.getElementById("next");
// A page that has only just come takes no tap: it was meant for the one before.
const SETTLE_MS = 650;
const ALARM = "kettle-alarm";

const say = (words) => {
  if (note) note.textContent = words;
};

async function follow() {
  try {
    const answer = await fetch(`${window.location.pathname}/state`, {
      headers: { accept: "application/json" },
    });
    if (!answer.ok) return;
    const { state } = await answer.json();
    // A tap that is on its way brings the next page itself.
    if (document.querySelector("form[data-sent]")) return;
    if (state !== stove.dataset.state && !document.activeElement?.matches("input")) window.location.reload();
  } catch {
    say("The kitchen's server does not answer. The clock goes on; nothing is lost.");
  }
}

// How long the page has been in sight, ms: on a slow device its script comes late.
function inSightMs() {
  const [painted] = performance.getEntriesByType("paint");
  return painted ? performance.now() - painted.startTime : 0;
}

// One tap is one step: the bar rests until the page has settled, and once it was tapped.
function settle() {
  const bar = [...document.querySelectorAll(".stove-bar button, .taps button")].filter(
    (button) => !button.disabled,
  );
  bar.forEach((button) => {
    button.disabled = true;
  });
  setTimeout(
    () => {
      bar.forEach((button) => {
        button.disabled = false;
      });
      stove.dataset.settled = "yes";
    },
    Math.max(0, SETTLE_MS - inSightMs()),
  );
  document.addEventListener("submit", (event) => {
    if (event.target.dataset.sent) {
      event.preventDefault();
      return;
    }
    event.target.dataset.sent = "yes";
    event.submitter?.classList.add("tapped");
  });
  window.addEventListener("pageshow", (event) => {
    if (event.persisted) window.location.reload();
  });
}

// What was tapped can be taken back for some seconds; then the strip goes.
function forgetUndo() {
  const undo = document.querySelector(".undo");
  if (undo) setTimeout(() => undo.remove(), Number(undo.dataset.seconds) * 1000);
}

// Minutes ago: what was seen is sent along.
for (const button of document.querySelectorAll("[data-seen]")) {
  button.addEventListener("click", () => {
    const seen = Object.assign(document.createElement("input"), {
      type: "hidden",
      name: "seen",
      value: button.dataset.seen,
    });
    button.form.append(seen);
  });
}

let hiddenSince = null;
function over(sinceS) {
  const words = "Time is up. Look and listen, then go on.";
  const clockNote = document.getElementById("clock-note");
  if (clockNote) clockNote.textContent = words;
  const icon = document.querySelector("link[rel=icon]");
  icon.href = icon.dataset.over;
  document.body.classList.add("flash");
  if (sinceS < 30 || hiddenSince) ring(`${document.title}: time is up`);
  if (hiddenSince) say(`It was over ${written(sinceS)} ago, while this page was out of sight.`);
}

// The look at the water that is kept hot has its own time.
const look = Number(stove.dataset.look) - Number(stove.dataset.now);
if (look > 0)
  setTimeout(() => {
    ring(`${document.title}: look at the water that is kept hot`);
    window.location.reload();
  }, look);

const awake = document.getElementById("awake");
if (awake) {
  awake.hidden = sessionStorage.getItem(ALARM) === "on";
  awake.addEventListener("click", async () => {
    say(await alarm());
    awake.hidden = true;
    sessionStorage.setItem(ALARM, "on");
  });
  // Asked for once on a device, it goes on from page to page, at the latest with the next tap.
  if (awake.hidden) {
    arm();
    document.addEventListener("pointerdown", arm, { once: true });
  }
}
stayAwake();

settle();
forgetUndo();
reader(document.getElementById("read"), document.querySelector(".stove"));
steps(document.querySelector(".pour[data-step-g]"));
onKeys({ on: () => next?.click(), back: () => document.querySelector(".stove-bar .bar-button")?.click() });
const drawing = document.querySelector(".pot-picture[data-levels]");
if (drawing) setInterval(followLevel(drawing), 1000);
const offset = Number(stove.dataset.now) - Date.now();
let clock = null;
if (document.getElementById("clock")) {
  const tick = runClock(stove, over);
  clock = tick;
  document.addEventListener("visibilitychange", () => {
    if (document.hidden) hiddenSince = Date.now();
    else {
      tick();
      stayAwake();
      follow();
      setTimeout(() => {
        hiddenSince = null;
      }, 500);
    }
  });
}
keepTaps({
  stove,
  now: () => Date.now() + offset,
  began: (step) => {
    clock?.from(step);
    const note = document.getElementById("clock-note");
    if (note) note.textContent = "";
  },
});
// Another device is told of by the server.
onChange(follow);
