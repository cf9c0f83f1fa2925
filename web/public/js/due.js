// On every page: rings when a pot wants somebody, and says which. The kitchen is asked again before it
// rings, for somebody may have done it on another device.
import { arm, ring } from "kettle/bell.js";

const ASK_MS = 60_000;
// What was due so long ago has rung, ms.
const RUNG_MS = 30_000;
const bar = document.getElementById("due-bar");
let timer = null;
let rung = null;

async function ask() {
  clearTimeout(timer);
  timer = setTimeout(ask, ASK_MS);
  try {
    const answer = await fetch("/stove/due", { headers: { accept: "application/json" } });
    if (answer.ok) tell(await answer.json());
  } catch {
    /* The kitchen is asked again in a minute. */
  }
}

function tell({ now, due }) {
  const first = due[0];
  bar.hidden = !first || first.at > now;
  if (!first) return;
  if (first.at > now) {
    clearTimeout(timer);
    timer = setTimeout(ask, Math.min(first.at - now + 200, ASK_MS));
    return;
  }
  const link = Object.assign(document.createElement("a"), { href: first.path, textContent: first.title });
  bar.replaceChildren("▲ ", link, `: ${first.say}`);
  const key = `${first.path} ${first.at}`;
  if (rung === key || now - first.at > RUNG_MS) return;
  rung = key;
  ring(`${first.title}: ${first.say}`);
}

document.addEventListener("pointerdown", arm, { once: true });
ask();
