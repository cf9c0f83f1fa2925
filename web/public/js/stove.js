// Counts down to times that the server keeps, rings when a step is over, keeps the
// screen awake and follows what another device did.
import { ring } from "kettle/bell.js";
import { follow as followLevel } from "kettle/level.js";

const stove = document.querySelector(".stove");
const clock = document.getElementById("clock");
const offset = Number(stove.dataset.now) - Date.now();
const began = Number(stove.dataset.began);
const ends = Number(stove.dataset.ends) || null;
const POLL_MS = 3000;
let rung = false;

const two = (number) => String(number).padStart(2, "0");
function written(seconds) {
  const whole = Math.max(0, Math.round(Math.abs(seconds)));
  const hours = Math.floor(whole / 3600);
  const rest = `${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`;
  return hours ? `${hours}:${rest}` : rest;
}

function tick() {
  const now = Date.now() + offset;
  if (!ends) {
    clock.textContent = written((now - began) / 1000);
    return;
  }
  const left = (ends - now) / 1000;
  clock.textContent = (left < 0 ? "+" : "") + written(left);
  stove.classList.toggle("over", left < 0);
  if (left < 0 && !rung) {
    rung = true;
    document.getElementById("clock-note").textContent = "Time is up. Look and listen, then go on.";
    if (left > -30) ring();
  }
}

async function follow() {
  try {
    const answer = await fetch(`${window.location.pathname}/state`, { headers: { accept: "application/json" } });
    if (!answer.ok) return;
    const { state } = await answer.json();
    if (state !== stove.dataset.state && !document.activeElement?.matches("input")) window.location.reload();
    document.getElementById("ring-note").textContent = "";
  } catch {
    document.getElementById("ring-note").textContent = "The kitchen's server does not answer. The clock goes on; nothing is lost.";
  }
}

async function stayAwake() {
  try { await navigator.wakeLock?.request("screen"); } catch { /* the browser may refuse; the clock still runs */ }
}

const drawing = document.querySelector(".level-drawing");
if (drawing) setInterval(followLevel(drawing), 1000);
tick();
setInterval(tick, 250);
setInterval(follow, POLL_MS);
stayAwake();
document.addEventListener("visibilitychange", () => { if (!document.hidden) { tick(); stayAwake(); follow(); } });
