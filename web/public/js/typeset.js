// Numbers as a cook reads them: a fraction by its sign, and never a number on one line and its
// unit on the next. What is typed stays as it was typed.
const SIGNS = { "1/2": "½", "1/4": "¼", "3/4": "¾", "1/3": "⅓", "2/3": "⅔", "1/8": "⅛" };
const FRACTION = /(^|[^\d/])(?:(\d+) )?([123]\/[2348])(?![\d/])/g;
const UNIT = /([\d½¼¾⅓⅔⅛]) (?=(?:g|kg|mL|L|min|h|s|mm|cm|m|°C|°F|%|tbsp|tsp|W)(?![A-Za-z]))/g;
const KEPT = "textarea, code, kbd, pre, script, style, button, option";

const set = (text) =>
  text
    .replace(FRACTION, (all, before, whole, part) =>
      SIGNS[part] ? `${before}${whole ?? ""}${SIGNS[part]}` : all,
    )
    .replace(UNIT, "$1\u00a0");

function typeset(root) {
  if (root.nodeType === Node.TEXT_NODE ? root.parentElement?.closest(KEPT) : root.closest?.(KEPT)) return;
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
  const texts = root.nodeType === Node.TEXT_NODE ? [root] : [];
  while (walker.nextNode())
    if (!walker.currentNode.parentElement.closest(KEPT)) texts.push(walker.currentNode);
  for (const text of texts) {
    const better = set(text.data);
    if (better !== text.data) text.data = better;
  }
}

const main = document.getElementById("main");
typeset(main);
new MutationObserver((changes) => changes.forEach((change) => change.addedNodes.forEach(typeset))).observe(
  main,
  { childList: true, subtree: true },
);
