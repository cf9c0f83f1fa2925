// A code that a device inside has shown: what stands behind the # was sent to nobody yet. It is handed over
// once, and taken out of the address.
function join() {
  const ticket = window.location.hash.match(/^#join=([\w-]+)$/)?.[1];
  if (!ticket) return;
  const form = document.getElementById("join");
  form.elements.ticket.value = ticket;
  window.history.replaceState({}, "", window.location.pathname + window.location.search);
  form.requestSubmit();
}

// A code opened where the door stands already only changes what is behind the #.
window.addEventListener("hashchange", join);
join();
