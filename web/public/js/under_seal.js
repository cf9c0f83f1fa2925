// Rows are asked for one after the other, so that what is done is seen, and the rest can be left.
const table = document.querySelector(".under-seal");
const rows = [...table.querySelectorAll("[data-number]")];
const bar = document.getElementById("judged");
const words = document.getElementById("judged-words");
const leave = new AbortController();
const stop = document.getElementById("judge-stop");
stop.addEventListener("click", () => leave.abort());

async function judge() {
  document.getElementById("judging").hidden = rows.length === 0;
  for (const [index, row] of rows.entries()) {
    words.textContent = `${index + 1} of ${rows.length}`;
    const answer = await fetch(`${table.dataset.row}&row=${row.dataset.number}`, { signal: leave.signal });
    if (answer.ok) row.innerHTML = await answer.text();
    bar.value = index + 1;
  }
  words.textContent = "All worked out.";
  stop.hidden = true;
}
judge().catch(() => {
  words.textContent = "Left there. What is worked out stays.";
  stop.hidden = true;
});
