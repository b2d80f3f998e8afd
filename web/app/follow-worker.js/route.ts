/**
 * The service worker of participants' pages: after the first load the page opens again without
 * network. Pages and their data are fetched
 * first and kept for when they cannot be; what the build names by its contents is kept for good.
 * News and what is said go to the network only.
 */
const WORKER = `
const KEPT = "elm-follow-1";
const MOST = 200;
self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(caches.keys().then((all) => Promise.all(all.filter((key) => key.startsWith("elm-follow-") && key !== KEPT).map((key) => caches.delete(key)))).then(() => self.clients.claim())));
const keep = async (request, response) => {
  if (!response.ok) return response;
  const cache = await caches.open(KEPT);
  await cache.put(request, response.clone());
  const all = await cache.keys();
  for (const old of all.slice(0, Math.max(0, all.length - MOST))) await cache.delete(old);
  return response;
};
self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== self.location.origin) return;
  if (url.pathname.endsWith("/events") || url.pathname.endsWith("/says")) return;
  if (url.pathname.startsWith("/_next/static/")) {
    event.respondWith(caches.match(request).then((there) => there || fetch(request).then((response) => keep(request, response))));
  } else if (url.pathname.startsWith("/f/")) {
    event.respondWith(fetch(request).then((response) => keep(request, response)).catch(() => caches.match(request, { ignoreVary: true }).then((there) => there || Response.error())));
  }
});
`;

export function GET(): Response {
  return new Response(WORKER, {
    headers: {
      "content-type": "text/javascript; charset=utf-8",
      "service-worker-allowed": "/f/",
      "cache-control": "no-cache",
    },
  });
}
