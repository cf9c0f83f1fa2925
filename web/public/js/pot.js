// Every change of the form asks the server for the plan again; the address in the
// bar always holds the plan that is shown.
import { swap } from "kettle/swap.js";
import "kettle/drag.js";

const form = document.getElementById("plan");
const PAUSE_MS = 120;
const inPlan = (name) => !name.startsWith("new_") && name !== "authenticity_token";
let asked = 0;
let pause;

function address() {
  const fields = new URLSearchParams();
  for (const [name, value] of new FormData(form)) if (inPlan(name) && value !== "") fields.append(name, value);
  // Left blank, how much rice and for how many are missing, not their usual selves.
  const needed = form.elements.for.value === "amount" ? "amount" : "guests";
  if (form.elements[needed].value === "") fields.append(needed, "");
  return `/pot?${fields}`;
}

async function ask(keep) {
  const ticket = ++asked;
  const to = address();
  const state = keep ? "pushState" : "replaceState";
  try {
    const answer = await fetch(to, { headers: { accept: "text/html", "x-kettle-part": "answer" } });
    const html = await answer.text();
    if (ticket !== asked) return;
    history[state]({}, "", to);
    if (answer.status === 200 || answer.status === 422) swap(html);
    else form.dataset.trouble = answer.status;
  } catch {
    document.getElementById("answer").dataset.trouble = "The kitchen does not answer. What you typed is kept; it is worked out again with the next change.";
  }
}

const ours = (event) => event.target.name && inPlan(event.target.name);
form.addEventListener("input", (event) => {
  if (!ours(event)) return;
  delete document.getElementById("answer").dataset.trouble;
  if (event.target.name === "amount" || event.target.name === "unit") form.elements.for.value = "amount";
  if (["who[]", "guests", "portion"].includes(event.target.name)) form.elements.for.value = "people";
  clearTimeout(pause);
  pause = setTimeout(() => ask(false), event.isTrusted && event.target.type === "text" ? PAUSE_MS : 0);
});
form.addEventListener("change", (event) => {
  if (!ours(event)) return;
  clearTimeout(pause);
  ask(true);
});
form.addEventListener("submit", (event) => {
  if (event.submitter?.hasAttribute("formaction")) return;
  event.preventDefault();
  ask(true);
});
window.addEventListener("popstate", () => window.location.reload());
form.classList.add("live");
