// Keeps pages as they were loaded last, for a greenhouse without a line. Nothing that is posted passes through here.
const PAGES = "pages";
const PARTS = "parts";
const MOST = 80;
const PATIENCE = 10000;

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (e) => e.waitUntil(self.clients.claim()));
self.addEventListener("message", (e) => e.waitUntil(Promise.all(e.data.map((url) => lineFirst(new Request(url, { credentials: "same-origin", headers: { "Kept-Copy": "1" } }), e)))));
self.addEventListener("fetch", (e) => {
  const request = e.request;
  if (request.method === "GET" && new URL(request.url).origin === self.location.origin && (request.mode === "navigate" || isPart(request.url))) {
    e.respondWith(lineFirst(request, e));
  }
});

const isPart = (url) => new URL(url).pathname.startsWith("/a/");

async function lineFirst(request, e) {
  const cache = await caches.open(isPart(request.url) ? PARTS : PAGES);
  const known = await cache.match(request.url);
  const asked = fetch(request).then(async (fresh) => {
    await keep(cache, request, fresh).catch(() => {}); // a full disk is no cut line
    return fresh;
  });
  if (!known) return asked.catch(notKept);
  let why = "cut";
  const late = new Promise((_, no) => setTimeout(() => { why = "late"; no(); }, PATIENCE));
  try {
    return await Promise.race([asked, late]);
  } catch {
    if (why === "late") e.waitUntil(asked.then(() => hasCome(e.resultingClientId)).catch(() => {}));
    return isPart(request.url) ? known : asItWas(known, why);
  }
}

async function keep(cache, request, fresh) {
  const kept = isPart(request.url) || (fresh.headers.get("Content-Type") || "").startsWith("text/html");
  if (fresh.ok && kept && !fresh.redirected && !/\/(sign-in|register|settings)/.test(request.url)) {
    await cache.put(request.url, fresh.clone());
    await (isPart(request.url) ? clear(cache, request.url) : thin(cache));
  }
}

// A kept page knows that it is one, and why it was taken.
const asItWas = async (page, why) =>
  new Response((await page.text()).replace("<body ", `<body data-kept="${why}" `), { headers: page.headers });

// The page that was laid from what is kept hears that the server has answered after all.
const hasCome = async (id) => (await self.clients.get(id))?.postMessage("come");

// Parts of an older version of the app.
async function clear(cache, url) {
  const version = (of) => new URL(of).pathname.split("/")[2];
  for (const key of await cache.keys()) if (version(key.url) !== version(url)) await cache.delete(key);
}

async function thin(cache) {
  const keys = await cache.keys();
  for (const key of keys.slice(0, Math.max(0, keys.length - MOST))) await cache.delete(key);
}

const notKept = () => new Response(
  "<!DOCTYPE html><html lang=en><meta charset=utf-8><meta name=viewport content='width=device-width'><title>No line</title><body><main><h1>No line to the server</h1><p>This page was not loaded before, so it is not kept here. <a href='/today'>To the round</a></p></main></body></html>",
  { status: 503, headers: { "Content-Type": "text/html;charset=utf-8" } });
