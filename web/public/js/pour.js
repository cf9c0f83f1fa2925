// A little more, a little less: the field of what was poured, by its unit's step. What is typed
// as an amount with units of its own stays as it is.
export function steps(pour) {
  if (!pour) return;
  const field = pour.querySelector("input");
  const unit = pour.querySelector("select");
  for (const button of pour.querySelectorAll("[data-by]")) {
    button.hidden = false;
    button.addEventListener("click", () => {
      const now = Number(field.value);
      const step =
        Number(unit.value === "g" ? pour.dataset.stepG : pour.dataset.stepCup) * Number(button.dataset.by);
      if (Number.isFinite(now) && now + step > 0) field.value = Math.round((now + step) * 100) / 100;
    });
  }
}
