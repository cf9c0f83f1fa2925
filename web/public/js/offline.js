// Over https a device keeps the pages that it has seen, and says when it shows one of those because the
// kitchen does not answer.
const bar = document.getElementById("offline-bar");
const WAIT_MS = 4000;

async function answers() {
  try {
    return (await fetch("/health", { cache: "no-store", signal: AbortSignal.timeout(WAIT_MS) })).ok;
  } catch {
    return false;
  }
}

async function look() {
  bar.hidden = await answers();
}

if (window.location.protocol === "https:" && "serviceWorker" in navigator) {
  navigator.serviceWorker.register("/meal/keeper.js", { scope: "/" }).catch(() => {
    /* A device without the certificate has none: pages work as over http. */
  });
  window.addEventListener("online", look);
  window.addEventListener("offline", look);
  look();
}
