// Single keys that go to the places; ? lists them. Never while something is typed.
const places = { t: "/", p: "/pot", s: "/stove", l: "/log", c: "/cupboard", d: "/dishes" };
const typing = (element) => element.closest("input, textarea, select, [contenteditable]");

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
  if (event.key === "?") document.getElementById("keys").showModal();
  else if (event.key === "m") document.getElementById("dim").click();
  else if (event.key === "n") document.getElementById("next")?.click();
  else if (places[event.key]) window.location.assign(places[event.key]);
});
