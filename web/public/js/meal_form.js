// For how many a dish is made is asked only of those that are chosen; a side goes with
// the table.
for (const box of document.querySelectorAll(".meal-dishes input[type=checkbox]")) {
  const share = box.closest("li").querySelector(".meal-share");
  if (!share) continue;
  const show = () => {
    share.hidden = !box.checked;
  };
  box.addEventListener("change", show);
  show();
}
