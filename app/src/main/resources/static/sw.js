// Keeps pages as they were loaded last, for a greenhouse without a line. Nothing that is posted passes through here.
const PAGES = "pages";
const PARTS = "parts";
const MOST = 80;
const PATIENCE = 10000;

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (e) => e.waitUntil(self.clients.claim()));
self.addEventListener("message", (e) => e.waitUntil(Promise.all(e.data.map((url) => lineFirst(new Request(url, { credentials: "same-origin", headers: { "Kept-Copy": "1" } }))))));
self.addEventListener("fetch", (e) => {
  const request = e.request;
  if (request.method === "GET" && new URL(request.url).origin === self.location.origin && (request.mode === "navigate" || isPart(request.url))) {
    e.respondWith(lineFirst(request));
  }
});

const isPart = (url) => new URL(url).pathname.startsWith("/a/");

async function lineFirst(request) {
  const cache = await caches.open(isPart(request.url) ? PARTS : PAGES);
  const known = await cache.match(request.url);
  try {
    const fresh = await (known ? Promise.race([fetch(request), late()]) : fetch(request));
    const kept = isPart(request.url) || (fresh.headers.get("Content-Type") || "").startsWith("text/html");
    if (fresh.ok && kept && !fresh.redirected && !/\/(sign-in|register|settings)/.test(request.url)) {
      await cache.put(request.url, fresh.clone());
      await (isPart(request.url) ? clear(cache, request.url) : thin(cache));
    }
    return fresh;
  } catch (cut) {
    return known || notKept();
  }
}

// Parts of an older version of the app.
async function clear(cache, url) {
  const version = (of) => new URL(of).pathname.split("/")[2];
  for (const key of await cache.keys()) if (version(key.url) !== version(url)) await cache.delete(key);
}

const late = () => new Promise((_, no) => setTimeout(() => no(new Error("late")), PATIENCE));

async function thin(cache) {
  const keys = await cache.keys();
  for (const key of keys.slice(0, Math.max(0, keys.length - MOST))) await cache.delete(key);
}

const notKept = () => new Response(
  "<!DOCTYPE html><html lang=en><meta charset=utf-8><meta name=viewport content='width=device-width'><title>No line</title><body><main><h1>No line to the server</h1><p>This page was not loaded before, so it is not kept here. <a href='/today'>To the round</a></p></main></body></html>",
  { status: 503, headers: { "Content-Type": "text/html;charset=utf-8" } });
