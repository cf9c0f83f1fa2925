// Keeps the pages that a cook has seen and what they are made of, so that a device that has lost the kitchen
// can open them again: those of a meal, and over https all that cooking needs. What is fresh comes first;
// nothing that writes is kept here.
const KEPT = "kettle-meal-1";
const COOKING = /^\/(?:$|(?:pot|stove|meal|clock|evening|keep|log|cupboard|dishes|assets)(?:\/|$))/;
// So many at the most, the oldest go.
const MOST = 150;

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

self.addEventListener("notificationclick", (event) => {
  event.notification.close();
  const pages = self.clients.matchAll({ type: "window" });
  event.waitUntil(pages.then(([page]) => (page ? page.focus() : self.clients.openWindow("/stove"))));
});

async function fresh(request) {
  const cache = await caches.open(KEPT);
  try {
    const response = await fetch(request);
    if (response.ok && !response.redirected) {
      await cache.put(request, response.clone());
      const known = await cache.keys();
      await Promise.all(known.slice(0, Math.max(known.length - MOST, 0)).map((old) => cache.delete(old)));
    }
    return response;
  } catch (error) {
    const known = await cache.match(request);
    if (known) return known;
    throw error;
  }
}

self.addEventListener("fetch", (event) => {
  const { method, headers, url } = event.request;
  const path = new URL(url).pathname;
  if (method !== "GET" || headers.has("x-kettle-part") || headers.get("accept") === "text/event-stream")
    return;
  // Who is asked for the word, or was sent away, knows nothing of the kitchen any more.
  if (path === "/door") event.waitUntil(caches.delete(KEPT));
  if (COOKING.test(path)) event.respondWith(fresh(event.request));
});
