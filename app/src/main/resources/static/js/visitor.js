// Keeps what a visitor answers while there is no line, pictures too, and sends each once when it is back.
(() => {
  const line = document.getElementById("line");
  const EVERY = 8000;
  const here = location.pathname;
  const laid = "kept" in document.body.dataset;
  let sending = false;

  const open = () => new Promise((yes, no) => {
    const asked = indexedDB.open("visitor", 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore("answers", { keyPath: "id", autoIncrement: true });
    asked.onsuccess = () => yes(asked.result);
    asked.onerror = () => no(asked.error);
  });
  const inStore = async (mode, work) => {
    const db = await open();
    try {
      return await new Promise((yes, no) => {
        const asked = work(db.transaction("answers", mode).objectStore("answers"));
        asked.onsuccess = () => yes(asked.result);
        asked.onerror = () => no(asked.error);
      });
    } finally { db.close(); }
  };
  const kept = async () => (await inStore("readonly", (s) => s.getAll())).filter((a) => a.action.startsWith(here + "/"));
  const say = (text) => { line.textContent = text; line.hidden = !text; };

  const body = (answer) => {
    const data = answer.fields.some(([, value]) => value instanceof Blob) ? new FormData() : new URLSearchParams();
    for (const [name, value] of answer.fields) data.append(name, value);
    if (answer.id) data.append("at", answer.at);
    return data;
  };
  const post = (answer) => fetch(answer.action, { method: "POST", body: body(answer), headers: { "Round-Waited": "1" } });
  const isLater = (reply) => reply.status >= 500 || reply.status === 429 || reply.status === 409;

  async function show() {
    const waiting = (await kept()).length;
    say(waiting ? `${waiting === 1 ? "One answer is" : waiting + " answers are"} kept in this phone and will be sent when there is a line.`
      : !navigator.onLine ? "No line: you can go on, answers are kept in this phone."
      : laid ? "The line is slow: this is the list as it was loaded last. You can go on." : "");
  }

  async function send() {
    if (sending) return;
    sending = true;
    let sent = 0;
    const refused = [];
    try {
      for (const answer of await kept()) {
        const reply = await post(answer);
        if (isLater(reply)) break;
        await inStore("readwrite", (s) => s.delete(answer.id));
        sent++;
        if (reply.status === 404) { say("This link has ended. Please call."); return; }
        if (!reply.ok) refused.push(await why(reply));
      }
      await show();
      if (refused.length) say("Not everything could be taken: " + refused.join(" "));
      else if (sent) location.reload();
    } catch {
      await show();
    } finally { sending = false; }
  }

  async function why(reply) {
    const page = new DOMParser().parseFromString(await reply.text(), "text/html");
    return page.querySelector("[role=alert]")?.textContent || "That could not be taken.";
  }

  function mark(form, button) {
    const task = form.closest(".task");
    if (task && button) task.dataset.state = button.value;
    else form.reset();
  }

  document.addEventListener("submit", async (e) => {
    const form = e.target.closest("[data-answer]");
    if (!form) return;
    e.preventDefault();
    const button = e.submitter;
    const said = form.querySelector(".said");
    const fields = [...new FormData(form)].filter(([, value]) => !(value instanceof File) || value.size);
    if (button && button.name) fields.push([button.name, button.value]);
    if (!button?.name && !fields.some(([name, value]) => name === "file" || (name === "text" && value.trim()))) { said.textContent = "Write a word or choose a picture first."; return; }
    const answer = { action: new URL(form.action).pathname, fields, at: new Date().toISOString() };
    try {
      const reply = await post(answer);
      if (reply.ok) { location.reload(); return; }
      if (reply.status === 404) { say("This link has ended. Please call."); return; }
      if (!isLater(reply)) {
        said.textContent = await why(reply);
        return;
      }
      throw new Error("later");
    } catch {
      try {
        if (button?.name) for (const old of await kept()) if (old.action === answer.action) await inStore("readwrite", (s) => s.delete(old.id));
        await inStore("readwrite", (s) => s.add(answer));
        said.textContent = "Kept in this phone.";
        mark(form, button);
      } catch { said.textContent = "This phone has no room to keep it. Please write it down."; }
      await show();
    }
  });

  addEventListener("online", send);
  addEventListener("offline", show);
  setInterval(async () => { if ((await kept()).length) send(); }, EVERY);
  show().then(send);
  if (navigator.serviceWorker) {
    navigator.serviceWorker.register("/sw.js").then(() => navigator.serviceWorker.ready).then((registration) => {
      const parts = [...document.querySelectorAll("link[rel=stylesheet], script[src]")].map((part) => part.href || part.src);
      registration.active.postMessage([location.href.split("#")[0], ...parts]);
    }).catch(() => {});
  }
})();
