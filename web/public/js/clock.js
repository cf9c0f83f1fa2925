// A clock on the times that the server keeps (data-now, data-began, data-ends): down
// to the end, or up where there is none. Rings when time is up; keeps the screen awake.
import { ring } from "kettle/bell.js";

const two = (number) => String(number).padStart(2, "0");
function written(seconds) {
  const whole = Math.max(0, Math.round(Math.abs(seconds)));
  const hours = Math.floor(whole / 3600);
  const rest = `${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`;
  return hours ? `${hours}:${rest}` : rest;
}

async function stayAwake() {
  try { await navigator.wakeLock?.request("screen"); } catch { /* the browser may refuse; the clock still runs */ }
}

export function runClock(root, whenOver) {
  const clock = document.getElementById("clock");
  const offset = Number(root.dataset.now) - Date.now();
  const began = Number(root.dataset.began);
  const ends = Number(root.dataset.ends) || null;
  let rung = false;

  function tick() {
    const now = Date.now() + offset;
    if (!ends) {
      clock.textContent = written((now - began) / 1000);
      return;
    }
    const left = (ends - now) / 1000;
    clock.textContent = (left < 0 ? "+" : "") + written(left);
    root.classList.toggle("over", left < 0);
    if (left < 0 && !rung) {
      rung = true;
      document.getElementById("clock-note").textContent = whenOver;
      if (left > -30) ring();
    }
  }

  tick();
  setInterval(tick, 250);
  stayAwake();
  document.addEventListener("visibilitychange", () => { if (!document.hidden) { tick(); stayAwake(); } });
}
