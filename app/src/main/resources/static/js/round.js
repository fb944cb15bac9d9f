// Keeps answers of the round while there is no line, and sends each once when it is back.
(() => {
  const keeper = document.body.dataset.keeper;
  if (!keeper) return;
  const STORE = "answers-" + keeper;
  const PAGES = "pages";
  const EVERY = 5000;
  const line = document.getElementById("no-line");
  const both = document.getElementById("both");
  // A page that the worker laid from what this browser keeps says why: "late" or "cut".
  const laid = document.body.dataset.kept;
  delete document.body.dataset.kept;
  let old = Boolean(laid);
  let newer = false;
  let touched = false;
  let cut = !navigator.onLine || laid === "cut";
  let signedOut = false;

  const kept = () => { try { return JSON.parse(localStorage.getItem(STORE)) || []; } catch { return []; } };
  function store(answers) {
    if (answers.length) localStorage.setItem(STORE, JSON.stringify(answers));
    else localStorage.removeItem(STORE);
  }
  const forget = (key) => store(kept().filter((a) => a.key !== key));
  const clock = (iso) => new Date(iso).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" });

  // Yesterday's round must not pass for today's.
  function when(iso) {
    const at = new Date(iso);
    const day = at.toDateString() === new Date().toDateString() ? "" : `on ${at.toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short" })} `;
    return `${day}at ${clock(iso)}`;
  }

  function fieldsOf(form, button) {
    const fields = Object.fromEntries(new FormData(form));
    if (button && button.name) fields[button.name] = button.value;
    delete fields._csrf;
    return fields;
  }

  // Puts an answer by; a second one from the same row replaces it.
  function keep(form, button) {
    const fields = fieldsOf(form, button);
    if (!fields.key) return false;
    const row = form.closest("[data-row]");
    const answer = {
      key: fields.key,
      action: form.getAttribute("hx-post"),
      fields,
      row: row?.id || "",
      name: row?.querySelector(".who")?.textContent || "",
      said: said(form, button, fields),
      at: new Date().toISOString(),
    };
    try {
      store([...kept().filter((a) => a.key !== answer.key && (!row || a.row !== row.id)), answer]);
    } catch {
      trouble("This browser has no room to keep answers. Write them down until the line is back.");
      return false;
    }
    form.closest("[data-both]")?.remove();
    show();
    document.dispatchEvent(new Event("row:kept"));
    return true;
  }
  const said = (form, button, fields) => fields.grams ? fields.grams + " g" : button?.textContent.trim() || form.textContent.trim();

  function trouble(text) {
    const box = document.getElementById("trouble");
    if (box) { box.textContent = text; box.classList.remove("hidden"); }
  }

  // Marks rows whose answer waits, and says how things stand.
  function show() {
    const answers = kept();
    document.querySelectorAll(".row-i.waiting").forEach((row) => {
      if (!answers.some((a) => a.row === row.id)) { row.classList.remove("waiting"); row.querySelector(".kept")?.remove(); }
    });
    for (const answer of answers) {
      const row = answer.row && document.getElementById(answer.row);
      if (!row) continue;
      row.classList.add("waiting");
      row.querySelector(".kept")?.remove();
      const note = document.createElement("span");
      note.className = "kept small";
      note.append(`“${answer.said}” kept here at ${clock(answer.at)} `);
      const back = document.createElement("button");
      back.type = "button";
      back.className = "linkish small";
      back.textContent = "Take back";
      if (answer === answers[answers.length - 1]) back.dataset.undo = "";
      back.addEventListener("click", () => { forget(answer.key); show(); });
      note.append(back);
      (row.querySelector(".btn-row") || row).append(note);
    }
    const one = answers.length === 1;
    const waiting = answers.length === 0 ? "" : one ? " One answer is kept in this browser" : ` ${answers.length} answers are kept in this browser`;
    const go = one ? "goes" : "go";
    const made = document.body.dataset.made;
    const asOf = made ? when(made) : "at its last load";
    line.textContent = signedOut
      ? `You are signed out.${waiting}${waiting ? ` and ${go} out when you have signed in again.` : ""}`
      : cut
        ? `No line to the server: this page is as it was ${asOf}.${waiting}${waiting ? ` and ${go} out when the line is back.` : " Answers will be kept here until the line is back."}`
        : waiting ? `Sending:${waiting}.`
        : newer ? `This page is as it was ${asOf}, and a newer one is here. `
        : old ? `The server takes long to answer: this page is as it was ${asOf}.` : "";
    if (newer && !waiting && !cut && !signedOut) line.append(Object.assign(document.createElement("a"), { href: location.href, textContent: "Load it anew" }));
    line.classList.toggle("hidden", !line.textContent);
  }

  // Sends what waits, the oldest first, each under its key.
  async function send() {
    if (!kept().length) return;
    const now = await ask();
    if (!now) return;
    for (const answer of kept()) {
      const body = new URLSearchParams({ ...answer.fields, at: answer.at });
      let reply;
      try {
        reply = await fetch(answer.action, { method: "POST", body, redirect: "follow", headers: { [now.header]: now.token, "Round-Waited": "1", Accept: "application/json, text/html" } });
      } catch {
        cut = true;
        break;
      }
      if (reply.ok) forget(answer.key);
      else if (reply.status === 409 && reply.headers.get("Retry-After")) break;
      else if (reply.status === 409) { forget(answer.key); lay(await reply.text()); }
      else if (reply.status === 401 || reply.status === 403) { signedOut = true; break; }
      else if (reply.status >= 500) break;
      else { forget(answer.key); refused(answer, reply.status, await why(reply)); }
    }
    show();
    if (kept().length) return;
    if (document.getElementById("round")) {
      old = false;
      htmx.ajax("GET", "/today", { target: "#round", swap: "outerHTML" });
    } else if (old) renew();
  }

  // Lays an old page anew, once; where something was typed or answered since, it only says that there is a newer one.
  function renew() {
    if (!touched && performance.getEntriesByType("navigation")[0]?.type !== "reload") { location.reload(); return; }
    newer = true;
    show();
  }

  async function look() {
    if (kept().length) { send1(); return; }
    await ask();
    if (old && !cut) renew();
  }

  // Whether there is a line, who is signed in, and the token that posts need.
  async function ask() {
    try {
      const reply = await fetch("/today/line", { headers: { Accept: "application/json" }, cache: "no-store" });
      if (reply.status >= 500) return null;
      cut = false;
      const now = reply.ok && !reply.redirected ? await reply.json() : null;
      signedOut = !now || String(now.keeper) !== keeper;
      return signedOut ? null : now;
    } catch {
      cut = true;
      return null;
    } finally {
      show();
    }
  }

  function lay(html) {
    const holder = document.createElement("div");
    holder.innerHTML = html;
    both.append(...holder.children);
    htmx.process(both);
    both.scrollIntoView({ block: "nearest" });
  }
  async function why(reply) {
    try { return (await reply.json()).detail || ""; } catch { return ""; }
  }
  function refused(answer, status, detail) {
    const box = document.createElement("div");
    box.className = "notice ember";
    box.setAttribute("role", "alert");
    box.textContent = status === 404
      ? `“${answer.said}” for ${answer.name}, ${clock(answer.at)}, could not be noted: the plant or the work is no longer there.`
      : `“${answer.said}” for ${answer.name}, ${clock(answer.at)}, was not accepted. ${detail || "Look at it and note it again."}`;
    both.append(box);
  }

  const send1 = () => navigator.locks ? navigator.locks.request("answers", send) : send();

  document.addEventListener("htmx:beforeRequest", (e) => {
    const form = e.detail.elt.closest?.("[data-once]");
    if (form && cut && keep(form, e.detail.requestConfig.triggeringEvent?.submitter)) e.preventDefault();
  });
  for (const failed of ["htmx:sendError", "htmx:timeout"]) {
    document.addEventListener(failed, (e) => {
      const form = e.detail.elt.closest?.("[data-once]");
      cut = true;
      if (form) keep(form, e.detail.requestConfig.triggeringEvent?.submitter);
      show();
    });
  }
  document.addEventListener("htmx:responseError", (e) => {
    const form = e.detail.elt.closest?.("[data-once]");
    if (!form) return;
    const xhr = e.detail.xhr;
    if (xhr.status === 401 || xhr.status === 403) signedOut = true;
    else if (!xhr.getResponseHeader("Retry-After")) return;
    keep(form, e.detail.requestConfig.triggeringEvent?.submitter);
  });
  document.addEventListener("htmx:beforeSwap", (e) => {
    if (e.detail.xhr.status === 409 && !e.detail.xhr.getResponseHeader("Retry-After")) {
      both.querySelectorAll("[data-both]").forEach((old) => old.remove());
      lay(e.detail.xhr.responseText);
    }
  });
  document.addEventListener("htmx:afterRequest", (e) => {
    if (!e.detail.successful) return;
    e.detail.elt.closest?.("[data-both]")?.remove();
    if (cut) { cut = false; show(); send1(); }
  });
  document.addEventListener("click", (e) => e.target.closest("[data-drop]")?.closest("[data-both]")?.remove());

  // Loaded pages stay: the worker keeps them as they were loaded, this keeps the round as it is now.
  async function keepPage() {
    if (!window.caches || !document.getElementById("round")) return;
    const pages = await caches.open(PAGES);
    const old = await pages.match(location.href);
    if (old) await pages.put(location.href, new Response("<!DOCTYPE html>" + document.documentElement.outerHTML, { headers: old.headers }));
  }
  document.addEventListener("htmx:afterSettle", () => { show(); if (!cut) keepPage(); });
  document.addEventListener("submit", (e) => { if (e.target.matches("[data-sign-out]") && window.caches) caches.delete(PAGES); });
  if (navigator.serviceWorker) {
    navigator.serviceWorker.register("/sw.js").then(() => navigator.serviceWorker.ready).then(async (registration) => {
      const pages = await caches.open(PAGES);
      if (!cut && !(await pages.match(location.href))) {
        const parts = [...document.querySelectorAll("link[rel=stylesheet], script[src]")].map((part) => part.href || part.src);
        registration.active.postMessage([location.href, ...parts]);
      }
    }).catch(() => {});
  }

  for (const doing of ["input", "submit"]) document.addEventListener(doing, () => { touched = true; }, true);
  navigator.serviceWorker?.addEventListener("message", () => { if (old) renew(); });
  window.addEventListener("online", look);
  window.addEventListener("offline", () => { cut = true; show(); });
  setInterval(() => { if (cut || kept().length) look(); }, EVERY);
  show();
  if (kept().length || cut) look();
})();
