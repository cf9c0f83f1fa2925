// Taps of a pot that a device keeps with their times while it has lost the kitchen, and hands over later,
// each once. The steps of the pot stand in the page, so that it can go on meanwhile. What no longer fits
// when it comes is offered, not thrown away.
import { tapKey } from "kettle/tap_key.js";

const AGAIN_MS = 4000;
const PART = { "x-kettle-part": "tap" };
// Taps that may come late; what ends a pot, or takes back, is not among them.
const LATE = /\/(task|told|poured|measured|begin)$/;

const element = (name, textContent, given = {}) =>
  Object.assign(document.createElement(name), { textContent, ...given });

export function keepTaps({ stove, now, began }) {
  const pot = window.location.pathname;
  const store = `kettle-stove-${pot}`;
  const box = document.getElementById("kept-taps");
  const steps = JSON.parse(document.getElementById("stove-steps")?.textContent ?? "[]");
  let sending = false;

  const read = () => JSON.parse(localStorage.getItem(store) ?? '{"kept":[],"late":[]}');
  const write = (taps) => localStorage.setItem(store, JSON.stringify(taps));
  const hour = (ms) => new Date(ms).toTimeString().slice(0, 5);

  function tapOf(form, submitter) {
    const fields = [...new FormData(form)].filter(([name]) => name !== "authenticity_token");
    if (submitter?.name) fields.push([submitter.name, submitter.value]);
    const words = submitter?.textContent.trim() ?? "";
    return { path: form.getAttribute("action"), fields, tap: tapKey(), at: Math.round(now()), words };
  }

  // The answer's status; 0: the kitchen is out of reach, or cannot write now.
  async function send(one) {
    const token = document.querySelector("input[name=authenticity_token]").value;
    const body = new URLSearchParams([...one.fields, ["authenticity_token", token]]);
    body.set("tap", one.tap);
    body.set("tapped_at", one.at);
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
    let taps = read();
    while (taps.kept.length) {
      const [one, ...rest] = taps.kept;
      const status = await send(one);
      if (status === 0) break;
      taps = read();
      write({ kept: rest, late: status === 204 ? taps.late : [...taps.late, one] });
      taps = read();
    }
    sending = false;
    show();
    return taps.kept.length === 0;
  }

  async function tapped(event) {
    const form = event.target;
    const action = form.getAttribute("action") ?? "";
    if (event.defaultPrevented || !action.startsWith(pot) || !LATE.test(action)) return;
    event.preventDefault();
    const one = tapOf(form, event.submitter);
    const taps = read();
    if (!taps.kept.length) {
      const status = await send(one);
      if (status === 204) return window.location.reload();
      // What is wrong with it the page of the kitchen says.
      if (status !== 0 && status !== 409) return native(form, event.submitter);
      if (status === 409) return window.location.reload();
    }
    write({ ...read(), kept: [...read().kept, one] });
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
    document.querySelectorAll(".stove-now ~ *:not(.stove-cue):not(.stove-next):not(#kept-taps)")
      .forEach((part) => part.remove());
    document.querySelector(".stove-cue").textContent = `Look for: ${step.cue}`;
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
    const { kept, late } = read();
    box.hidden = kept.length + late.length === 0;
    box.replaceChildren();
    if (kept.length) {
      const said = kept.length === 1 ? "1 tap is kept here" : `${kept.length} taps are kept here`;
      box.append(element("p", `Not connected: ${said}.`));
    }
    late.forEach((one, index) => box.append(offer(one, index)));
  }

  // A tap that came too late: as it was told, to be told now or forgotten.
  function offer(one, index) {
    const line = element("p", `“${one.words}” of ${hour(one.at)} came too late: the pot had gone on. `);
    const forget = element("button", "Forget it", { type: "button", className: "button tap" });
    forget.addEventListener("click", () => {
      const taps = read();
      write({ ...taps, late: taps.late.filter((_, at) => at !== index) });
      show();
    });
    const again = element("button", "Tell it now", { type: "button", className: "button tap" });
    again.addEventListener("click", () => {
      const taps = read();
      const fields = one.fields.map(([name, value]) => [name, name === "from" ? stove.dataset.task : value]);
      const fresh = { ...one, fields, tap: tapKey(), at: Math.round(now()) };
      write({ kept: [...taps.kept, fresh], late: taps.late.filter((_, at) => at !== index) });
      handOver().then((all) => all && window.location.reload());
    });
    line.append(again, " ", forget);
    return line;
  }

  async function comeBack() {
    if (!read().kept.length) return;
    if (await handOver()) window.location.reload();
  }

  document.addEventListener("submit", tapped);
  window.addEventListener("online", comeBack);
  setInterval(comeBack, AGAIN_MS);
  show();
  comeBack();
}
