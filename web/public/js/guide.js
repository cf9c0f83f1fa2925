import { alarm, ring } from "kettle/bell.js";
import { runClock } from "kettle/clock.js";

document.addEventListener("pointerdown", alarm, { once: true });
runClock(document.querySelector(".stove"), () => {
  document.getElementById("clock-note").textContent = "Time is up. Off the heat, and weigh it now.";
  ring();
});
