// On a phone a plan leads with what matters: what is folded here opens with a tap. Wider pages,
// and one on which nothing was said yet, show it all; nothing closes over a field that is wrong.
const folds = window.matchMedia("(max-width: 759px)").matches && window.location.search !== "";

// Is `fold` open before anybody has opened or closed it?
export const openAtFirst = (fold) =>
  !folds || !fold.matches(".fold") || fold.querySelector("[aria-invalid]") !== null;

for (const fold of document.querySelectorAll("details.fold")) fold.open = openAtFirst(fold);
