// A bench along its steps: every vessel as it stands after so many of them, what is done, what is next.
export function showAt(bench, at) {
  bench.dataset.at = at;
  const range = bench.querySelector(".bench-range");
  range.value = at;
  const words = bench.querySelector(".bench-moments").children[at]?.textContent ?? "";
  bench.querySelector(".bench-moment").textContent = words;
  range.setAttribute("aria-valuetext", words);
  const giving = bench.querySelector(`.bench-step[data-at="${at}"]`)?.dataset.gives ?? "";
  for (const vessel of bench.querySelectorAll(".bench-vessel")) {
    stand(vessel, at);
    vessel.classList.toggle("is-giving", giving.split(" ").includes(vessel.dataset.vessel));
  }
}

function stand(vessel, at) {
  const frames = [...vessel.querySelectorAll(".bench-frame")];
  const shown = frames.filter((frame) => Number(frame.dataset.from) <= at).pop();
  frames.forEach((frame) => (frame.hidden = frame !== shown));
  let now = false;
  for (const step of vessel.querySelectorAll(".bench-step")) {
    const when = Number(step.dataset.at);
    step.classList.toggle("is-done", when < at);
    step.classList.toggle("is-now", when === at);
    now ||= when === at;
  }
  vessel.classList.toggle("is-now", now);
}

document.addEventListener("input", (event) => {
  if (event.target.matches(".bench-range"))
    showAt(event.target.closest(".dish-bench"), Number(event.target.value));
});

// A tap on the words of a step shows the bench after it.
document.addEventListener("click", (event) => {
  const step = event.target.closest(".bench-step");
  if (step && !event.target.closest("button, a"))
    showAt(step.closest(".dish-bench"), Number(step.dataset.at));
});
