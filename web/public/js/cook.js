// A meal at the stove. Every task stands in the page with its times, so that a device which has lost the
// kitchen goes on with what it knows: its taps are kept with their times and handed over later, each once.
import { arm, ring, stayAwake } from "kettle/bell.js";
import { onKeys } from "kettle/clicker.js";
import { written } from "kettle/clock.js";
import { onChange } from "kettle/events.js";
import { lateTaps } from "kettle/late_taps.js";
import { tapKey } from "kettle/tap_key.js";

const cook = document.getElementById("cook");
const meal = cook.dataset.meal;
const store = `kettle-taps-${meal}`;
const token = document.querySelector("input[name=authenticity_token]").value;
const DUE_MS = 180_000;
const UNDO_MS = 10_000;
const FAR_S = 3600;
// How far the kitchen's clock is from the device's. A page that the device has kept tells an old time, so
// what was learned last from the kitchen itself counts.
const OFFSET = "kettle-offset";
const told = () => Number(cook.querySelector(".meal-cards").dataset.now) - Date.now();
let offset = Number(localStorage.getItem(OFFSET) ?? told());
const learn = () => {
  offset = told();
  localStorage.setItem(OFFSET, offset);
};
let sending = false;
let forget = null;
const rung = new Set();
const late = lateTaps({ store: `${store}-late`, box: () => document.getElementById("late-taps") });

const now = () => Date.now() + offset;
const kept = () => JSON.parse(localStorage.getItem(store) ?? "[]");
const keep = (taps) => localStorage.setItem(store, JSON.stringify(taps));
const cards = () => [...cook.querySelectorAll(".meal-card")];
const cardOf = (task) => cards().find((card) => card.dataset.task === task);
const mine = (name) => cards().filter((card) => card.dataset.cook === name);
// What comes before a task is over, or is on the go by itself.
const done = (card) =>
  !card || card.dataset.state === "over" || (card.dataset.state === "going" && card.dataset.hands !== "true");
const open = (card) =>
  card.dataset.state === "to-come" && card.dataset.after.split(" ").every((task) => done(cardOf(task)));
const current = (name) =>
  mine(name).find((card) => card.dataset.state === "going" && card.dataset.hands === "true") ??
  mine(name).find(open);

function applied(tap) {
  const card = cardOf(tap.task);
  if (!card) return;
  if (tap.what === "begun") {
    Object.assign(card.dataset, {
      state: "going",
      began: tap.at,
      ends: tap.at + Number(card.dataset.minutes) * 60_000,
    });
  } else if (tap.what === "over") card.dataset.state = "over";
  else if (tap.what === "not-over") card.dataset.state = "going";
  else card.dataset.state = "to-come";
}

// What was tapped can be taken back for some seconds.
function offer(taps) {
  const strip = document.getElementById("take-back");
  clearTimeout(forget);
  strip.hidden = false;
  strip.querySelector("button").onclick = () => {
    strip.hidden = true;
    const at = Math.round(now());
    hand(
      [...taps]
        .reverse()
        .map((tap, index) => ({ key: tapKey(), task: tap.task, what: `not-${tap.what}`, at: at + index })),
    );
  };
  forget = setTimeout(() => {
    strip.hidden = true;
  }, UNDO_MS);
}

function hand(taps) {
  taps.forEach(applied);
  const known = new Set(kept().map((tap) => tap.key));
  keep([...kept(), ...taps.filter((tap) => !known.has(tap.key))]);
  bar();
  tick();
  handOver();
}

// The bar follows the cards: what each cook has in hand, or does next.
function bar() {
  for (const card of cards()) {
    card.classList.remove("is-first");
    card.querySelector(".card-waits").hidden =
      card.dataset.state !== "to-come" || open(card) || !card.querySelector(".card-waits").textContent;
  }
  const first = new Set();
  for (const form of document.querySelectorAll("#bar form")) {
    const card = current(form.dataset.cook);
    form.hidden = !card;
    if (!card) continue;
    card.classList.add("is-first");
    first.add(card);
    const going = card.dataset.state === "going";
    form.elements.task.value = card.dataset.task;
    form.elements.what.value = going ? "over" : "begun";
    const button = form.querySelector("button");
    button.textContent = button.textContent.replace(/(Begin|Done, next)$/, going ? "Done, next" : "Begin");
  }
  for (const card of cards()) card.querySelector(".card-take").hidden = first.has(card) || !open(card);
}

function say() {
  const note = document.getElementById("kept");
  const waiting = kept().length;
  if (note)
    note.textContent = waiting
      ? `Not connected: ${waiting} ${waiting === 1 ? "tap is" : "taps are"} kept here`
      : "";
}

function tick() {
  for (const card of cards()) {
    const left = card.querySelector(".card-left");
    const { state, ends, starts, task } = card.dataset;
    if (state === "over") {
      left.textContent = "";
      continue;
    }
    const seconds = ((state === "going" ? Number(ends) : Number(starts)) - now()) / 1000;
    const words = state === "going" ? ["left", "time is up,", "ago"] : ["to go", "was due", "ago"];
    // What is far off stands there with its hour alone.
    left.textContent =
      seconds > FAR_S
        ? ""
        : seconds >= 0
          ? `${written(seconds)} ${words[0]}`
          : `${words[1]} ${written(seconds)} ${words[2]}`;
    card.classList.toggle("is-up", seconds < 0);
    // It rings for what is over and for what is due, each once, and names its pot.
    const due = `${task} ${state}`;
    if (seconds < 0 && seconds > -30 && !rung.has(due) && card.classList.contains("is-mine")) {
      rung.add(due);
      ring(`${card.dataset.dish}: ${card.dataset.say}`);
      const note = document.getElementById("kept");
      if (note && !kept().length) note.textContent = `${card.dataset.dish}: ${card.dataset.say}`;
    }
  }
}

const toldWords = ({ task, what }) => `${cardOf(task)?.dataset.say ?? task}: ${what.replace("-", " ")}`;

async function handOver() {
  const taps = kept();
  if (sending || !taps.length) return;
  sending = true;
  try {
    const body = new URLSearchParams({ authenticity_token: token, taps: JSON.stringify({ taps }) });
    const response = await fetch(`/meal/${meal}/taps`, {
      method: "POST",
      body,
      headers: { "x-kettle-part": "taps" },
    });
    // What cannot be used is not sent for ever, and is said; what could not be saved now is.
    const refused = [409, 422].includes(response.status);
    if (response.ok || refused) keep(kept().filter((tap) => !taps.some((sent) => sent.key === tap.key)));
    if (refused) late.add(taps.map((tap) => ({ ...tap, words: toldWords(tap) })));
  } catch {
    /* It is kept, and handed over when the kitchen answers again. */
  } finally {
    sending = false;
    say();
  }
  if (!kept().length) await refresh();
}

async function refresh() {
  if (sending) return;
  try {
    const response = await fetch(`/meal/${meal}?who=${cook.dataset.who}`, {
      headers: { "x-kettle-part": "cards" },
    });
    if (response.redirected) {
      window.location.reload();
      return;
    }
    if (!response.ok) return;
    const html = await response.text();
    const opened = [...cook.querySelectorAll("details")].map((details) => details.open);
    const fresh = new DOMParser().parseFromString(html, "text/html").body;
    // The bar stays where it is: a finger may be on it.
    const bars = [document.getElementById("bar"), fresh.querySelector("#bar")];
    if (bars[0].children.length === bars[1].children.length) bars[1].replaceWith(bars[0]);
    cook.replaceChildren(...fresh.childNodes);
    cook.querySelectorAll("details").forEach((details, index) => {
      details.open = opened[index] ?? false;
    });
    learn();
    kept().forEach(applied);
    listen();
  } catch {
    say();
  }
}

// What a tap on a bar's form tells: what it is of, and what begins with it.
function toldBy(form) {
  const at = Math.round(now());
  const { task, what } = form.elements;
  const taps = [{ key: tapKey(), task: task.value, what: what.value, at }];
  applied(taps[0]);
  const next = current(form.dataset.cook);
  if (
    what.value === "over" &&
    next?.dataset.state === "to-come" &&
    Number(next.dataset.starts) <= now() + DUE_MS
  ) {
    taps.push({ key: tapKey(), task: next.dataset.task, what: "begun", at: at + 1 });
  }
  return taps;
}

// The form sends itself where the script cannot: its own sending is stopped only once the taps are kept.
function tapped(event) {
  const form = event.target;
  if (form.dataset.sent && Date.now() - Number(form.dataset.sent) < 500) {
    event.preventDefault();
    return;
  }
  const taps = toldBy(form);
  keep([...kept(), ...taps]);
  event.preventDefault();
  form.dataset.sent = Date.now();
  hand(taps);
  offer(taps);
}

// A card that is begun out of turn, or taken from another cook.
function took(event) {
  event.preventDefault();
  const { task, by } = event.target.elements;
  const tap = { key: tapKey(), task: task.value, what: "begun", at: Math.round(now()) };
  if (by) {
    tap.by = Number(by.value);
    cardOf(task.value).dataset.cook = by.value;
  }
  hand([tap]);
  offer([tap]);
}

function listen() {
  document.querySelectorAll("#bar form").forEach((form) => {
    form.onsubmit = tapped;
  });
  cook.querySelectorAll(".card-take").forEach((form) => {
    form.onsubmit = took;
  });
  bar();
  say();
  tick();
}

kept().forEach(applied);
listen();
late.show();
// A slip says which planning it was seen with: the newest that this page has been told of.
document.addEventListener("submit", ({ target }) => {
  if (target.elements.planned) target.elements.planned.value = document.getElementById("planned").value;
});
// A device rings once it was tapped, and stays awake where it lets itself be kept so.
document.addEventListener("pointerdown", arm, { once: true });
stayAwake();
onKeys({
  on: () => document.querySelector("#bar form:not([hidden]) button")?.click(),
  back: () => document.querySelector("#take-back:not([hidden]) button")?.click(),
});
setInterval(tick, 1000);
setInterval(handOver, 3000);
window.addEventListener("online", handOver);
onChange(() => {
  handOver();
  refresh();
}, say);
document.addEventListener("visibilitychange", () => {
  if (!document.hidden) refresh();
});
if ("serviceWorker" in navigator)
  navigator.serviceWorker.register("/meal/keeper.js").catch(() => {
    /* Over plain http there is none: the page itself goes on. */
  });
