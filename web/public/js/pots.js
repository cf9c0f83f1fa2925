// Several pots on the stove: the time left of each, an alarm that says which pot wants somebody, and
// the page anew when one has moved.
import { arm, ring } from "kettle/bell.js";
import { written } from "kettle/clock.js";
import { onChange } from "kettle/events.js";

const list = document.querySelector(".stove-pots");
const offset = Number(list?.dataset.now) - Date.now();
function tick() {
  for (const left of document.querySelectorAll(".pot-left[data-ends]")) {
    const ends = Number(left.dataset.ends);
    if (!ends) continue;
    const seconds = (ends - Date.now() - offset) / 1000;
    left.textContent = seconds < 0 ? `time is up, ${written(seconds)} ago` : `${written(seconds)} left`;
    left.classList.toggle("is-over", seconds < 0);
  }
}
// What was due before this page came has rung already, where it was seen.
function ringWhenDue(pot) {
  const left = Number(pot.dataset.due) - Date.now() - offset;
  if (!Number(pot.dataset.due) || left <= 0) return;
  setTimeout(() => {
    ring();
    document.getElementById("ring-note").textContent = `${pot.dataset.title}: look at it now.`;
    pot.classList.add("is-due");
  }, left);
}

if (list) {
  document.addEventListener("pointerdown", arm, { once: true });
  list.querySelectorAll("[data-due]").forEach(ringWhenDue);
  tick();
  setInterval(tick, 1000);
  let first = true;
  // The first call says only that the server is there.
  onChange(() => {
    if (!first && !document.querySelector("details[open]")) window.location.reload();
    first = false;
  });
}
