// Counts down to times that the server keeps, rings when a step is over, keeps the
// screen awake and follows what another device did.
import { runClock } from "kettle/clock.js";
import { follow as followLevel } from "kettle/level.js";

const stove = document.querySelector(".stove");
const POLL_MS = 3000;

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

const drawing = document.querySelector(".level-drawing");
if (drawing) setInterval(followLevel(drawing), 1000);
runClock(stove, "Time is up. Look and listen, then go on.");
setInterval(follow, POLL_MS);
document.addEventListener("visibilitychange", () => { if (!document.hidden) follow(); });
