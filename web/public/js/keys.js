// Single keys that go to the places; ? lists them, and the list says where each goes.
// Never while something is typed.
const keys = document.getElementById("keys");
const places = Object.fromEntries(
  [...keys.querySelectorAll("dd[data-path]")].map((place) => [
    place.previousElementSibling.textContent,
    place.dataset.path,
  ]),
);
const typing = (element) => element.closest("input, textarea, select, [contenteditable]");

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
  if (event.key === "?") keys.showModal();
  else if (event.key === "m") document.getElementById("dim").click();
  else if (places[event.key]) window.location.assign(places[event.key]);
});
