// Taps of a pot that a device keeps with their times while it has lost the kitchen, and hands over later,
// each once. The steps of the pot stand in the page, so that it can go on meanwhile. What no longer fits
// when it comes is offered, not thrown away.
import { leave } from "kettle/events.js";
import { element, lateTaps } from "kettle/late_taps.js";
import { tapKey } from "kettle/tap_key.js";

const AGAIN_MS = 4000;
const PART = { "x-kettle-part": "tap" };
// Taps that may come late; what ends a pot, or takes back, is not among them.
const LATE = /\/(task|told|poured|measured|begin)$/;

export function keepTaps({ stove, now, began }) {
  const pot = window.location.pathname;
  const store = `kettle-stove-${pot}`;
  const box = document.getElementById("kept-taps");
  const steps = JSON.parse(document.getElementById("stove-steps")?.textContent ?? "[]");
  let sending = false;

  const read = () => JSON.parse(localStorage.getItem(store) ?? "[]");
  const write = (taps) => localStorage.setItem(store, JSON.stringify(taps));
  const late = lateTaps({
    store: `${store}-late`,
    box: () => document.getElementById("late-taps"),
    again: (one) => {
      const fields = one.fields.map(([name, value]) => [name, name === "from" ? stove.dataset.task : value]);
      write([...read(), { ...one, fields, key: tapKey(), at: Math.round(now()) }]);
      comeBack();
    },
  });

  function tapOf(form, submitter) {
    const fields = [...new FormData(form)].filter(([name]) => name !== "authenticity_token");
    if (submitter?.name) fields.push([submitter.name, submitter.value]);
    const words = submitter?.textContent.trim() ?? "";
    return { path: form.getAttribute("action"), fields, key: tapKey(), at: Math.round(now()), words };
  }

  // The answer's status; 0: the kitchen is out of reach, or cannot write now. What comes late says when it
  // was made.
  async function send(one, late) {
    const token = document.querySelector("input[name=authenticity_token]").value;
    const body = new URLSearchParams([...one.fields, ["authenticity_token", token]]);
    body.set("tap", one.key);
    if (late) body.set("tapped_at", one.at);
    try {
      const answer = await fetch(one.path, { method: "POST", body, headers: PART });
      return answer.status >= 500 ? 0 : answer.status;
    } catch {
      return 0;
    }
  }

  // Hands over what is kept, in its order. True when all of it is gone.
  async function handOver() {
    if (sending) return false;
    sending = true;
    while (read().length) {
      const [one] = read();
      const status = await send(one, true);
      if (status === 0) break;
      write(read().filter((other) => other.key !== one.key));
      if (status !== 204) late.add([one]);
    }
    sending = false;
    show();
    return read().length === 0;
  }

  async function tapped(event) {
    const form = event.target;
    const action = form.getAttribute("action") ?? "";
    if (event.defaultPrevented || !action.startsWith(pot) || !LATE.test(action)) return;
    event.preventDefault();
    leave();
    const one = tapOf(form, event.submitter);
    if (!read().length) {
      const status = await send(one, false);
      if (status === 204) return window.location.assign(pot);
      // What is wrong with it the page of the kitchen says.
      if (status !== 0 && status !== 409) return native(form, event.submitter);
      if (status === 409) return window.location.assign(pot);
    }
    write([...read(), one]);
    // It may be tapped again, of the next step.
    delete form.dataset.sent;
    event.submitter?.classList.remove("tapped");
    goOn(one);
    show();
  }

  function native(form, submitter) {
    if (submitter?.name) {
      const field = { type: "hidden", name: submitter.name, value: submitter.value };
      form.append(Object.assign(document.createElement("input"), field));
    }
    form.submit();
  }

  // The step that a kept tap leads to, from what the page knows.
  function goOn(one) {
    const to = one.fields.find(([name]) => name === "to")?.[1];
    const index = steps.findIndex((step) => step.id === to);
    if (!one.path.endsWith("/task") || index < 0) return;
    const step = steps[index];
    document.querySelector(".stove-say").textContent = step.say;
    const list = document.createElement("ul");
    list.className = "stove-puts-in";
    list.append(...step.puts_in.map((words) => element("li", words)));
    document.querySelector(".stove-puts-in")?.remove();
    document.querySelector(".stove-say").after(list);
    document.querySelectorAll(".stove-now ~ *:not(.stove-cue, .stove-next)")
      .forEach((part) => part.remove());
    const cue = document.querySelector(".stove-cue") ?? element("p", "", { className: "stove-cue" });
    cue.textContent = `Look for: ${step.cue}`;
    document.querySelector(".stove-next").after(cue);
    cue.after(...step.cautions.map((words) => element("p", `▲ ${words}`, { className: "caution" })));
    const following = steps[index + 1];
    const next = document.querySelector(".stove-next");
    next.classList.remove("is-due");
    next.replaceChildren(element("p", following ? `then: ${following.say}` : ""));
    began({ at: one.at, minutes: step.minutes });
    const form = document.getElementById("step");
    form.elements.from.value = step.id;
    if (following) form.elements.to.value = following.id;
    form.elements.shown.value = one.at;
    const button = document.getElementById("next");
    button.removeAttribute("name");
    button.textContent = following ? "Done, next" : "The rest once the kitchen answers";
    button.disabled = !following;
  }

  function show() {
    const kept = read().length;
    box.hidden = kept === 0;
    box.textContent = `Not connected: ${kept === 1 ? "1 tap is" : `${kept} taps are`} kept here.`;
  }

  async function comeBack() {
    if (!read().length) return;
    if (await handOver()) window.location.assign(pot);
  }

  document.addEventListener("submit", tapped);
  window.addEventListener("online", comeBack);
  setInterval(comeBack, AGAIN_MS);
  show();
  late.show();
  comeBack();
}
