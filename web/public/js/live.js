// A form whose every change asks the server for its answer again; the address in the
// bar always holds what is shown.
import { swap } from "kettle/swap.js";

const PAUSE_MS = 120;
// What has to be given, by how the amount of rice is asked for.
const NEEDED = { amount: "amount", have: "have_g", people: "guests" };
const ours = (name) => !name.startsWith("new_") && !["authenticity_token", "key"].includes(name);

export function live(form) {
  let asked = 0;
  let pause;

  function address() {
    const fields = new URLSearchParams();
    for (const [name, value] of new FormData(form))
      if (ours(name) && value !== "") fields.append(name, value);
    // Left blank, how much rice and for how many are missing, not their usual selves.
    const needed = form.elements[NEEDED[form.elements.for.value]];
    if (needed?.value === "") fields.append(needed.name, "");
    return `${form.getAttribute("action")}?${fields}`;
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
      document.getElementById("answer").dataset.trouble =
        "The kitchen does not answer. What you typed is kept; it is worked out again with the next change.";
    }
  }

  const mine = (event) => event.target.name && ours(event.target.name);
  form.addEventListener("input", (event) => {
    if (!mine(event)) return;
    delete document.getElementById("answer").dataset.trouble;
    if (["amount", "unit"].includes(event.target.name)) form.elements.for.value = "amount";
    if (["have", "have_g"].includes(event.target.name)) form.elements.for.value = "have";
    if (["who[]", "guests", "portion", "boxes", "freezer"].includes(event.target.name))
      form.elements.for.value = "people";
    clearTimeout(pause);
    pause = setTimeout(() => ask(false), event.isTrusted && event.target.type === "text" ? PAUSE_MS : 0);
  });
  form.addEventListener("change", (event) => {
    if (!mine(event)) return;
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
}
