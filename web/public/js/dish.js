// Reads the dish as it is typed: what was understood, what is asked and the bench are swapped
// in beside the text, which itself is left alone.
import { benchHand } from "kettle/bench_hand.js";
import { showAt } from "kettle/bench_time.js";

const form = document.querySelector(".dish-form");
const read = document.getElementById("read");
const PAUSE_MS = 60;
let pause = null;
// What is still to be asked for; one answer is under way at a time.
const waiting = [];
let under_way = false;

// `mend`: what is to be corrected; `answers`: makes those that take the place of the form's own.
function look(wanted = {}) {
  return new Promise((done) => {
    waiting.push({ wanted, done });
    if (!under_way) askInTurn();
  });
}

async function askInTurn() {
  under_way = true;
  read.setAttribute("aria-busy", "true");
  while (waiting.length) {
    const { wanted, done } = waiting.shift();
    // What is only typed is shown by the next answer too.
    if (wanted.answers || wanted.mend || !waiting.length) await ask(wanted);
    done();
  }
  under_way = false;
  read.setAttribute("aria-busy", String(Boolean(pause)));
}

async function ask({ mend = "", answers = null }) {
  const body = new URLSearchParams(new FormData(form));
  if (mend) body.set("mend", mend);
  if (answers) answer(body, answers());
  try {
    const response = await fetch("/dishes/look", {
      method: "POST",
      body,
      headers: { "x-kettle-part": "read" },
    });
    if (response.ok) swapIn(await response.text());
  } catch {
    /* what is typed is still there; "Look it over" asks again */
  }
}

function answer(body, answers) {
  for (const name of [...body.keys()]) if (name.startsWith("answers[")) body.delete(name);
  answers.forEach((one, index) => {
    for (const part of ["about", "field", "answer"]) body.set(`answers[${index}][${part}]`, one[part]);
  });
}

// What is folded open stays open, and the bench stands at the same step.
function swapIn(html) {
  const open = read.querySelector("details")?.open;
  const before = read.querySelector(".dish-bench")?.dataset;
  const usual = before?.at === before?.usual;
  read.innerHTML = html;
  if (open) read.querySelector("details").open = true;
  const bench = read.querySelector(".dish-bench");
  if (!bench || usual) return;
  showAt(bench, Math.min(Number(before.at), Number(bench.querySelector(".bench-range").max)));
}

form.addEventListener("input", (event) => {
  if (event.target.name !== "text") return;
  clearTimeout(pause);
  read.setAttribute("aria-busy", "true");
  pause = setTimeout(() => {
    pause = null;
    look();
  }, PAUSE_MS);
});

// What was read is tied to the cook's own words: a tap finds them in the text.
read.addEventListener("click", (event) => {
  const words = event.target.closest("[data-words]")?.dataset.words;
  const text = form.elements.text;
  const from = words && text ? text.value.indexOf(words) : -1;
  if (from < 0) return;
  text.focus();
  text.setSelectionRange(from, from + words.length);
});

// A correction opens where it stands, and is read without leaving the place.
read.addEventListener("click", async (event) => {
  const button = event.target.closest(".mend, .mended button");
  if (!button) return;
  event.preventDefault();
  const id = button.value || button.closest(".mended").id.replace("mend-", "");
  await look({ mend: button.value });
  const item = document.getElementById(`mend-${id}`);
  (item?.querySelector("input:not([type=hidden]), select") ?? read.querySelector(".mend"))?.focus();
});

benchHand({ form, read, look });
