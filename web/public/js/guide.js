import { runClock } from "kettle/clock.js";

runClock(document.querySelector(".stove"), "Time is up. Off the heat, and weigh it now.");
