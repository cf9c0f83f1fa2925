// Keeps the pages of a meal and what they are made of, so that a device that has lost the kitchen can open
// them again. What is fresh comes first; nothing that writes is kept here.
const KEPT = "kettle-meal-1";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

async function fresh(request) {
  const cache = await caches.open(KEPT);
  try {
    const response = await fetch(request);
    if (response.ok && !response.redirected) await cache.put(request, response.clone());
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
  if (path.startsWith("/meal/") || path.startsWith("/assets/")) event.respondWith(fresh(event.request));
});
