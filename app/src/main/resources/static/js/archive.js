// Sends an archive in parts; a line that breaks costs one part, and the same file goes on where it was.
document.addEventListener("DOMContentLoaded", () => {
  const form = document.querySelector("[data-parts]");
  if (!form) return;
  const PART = 512 * 1024;
  const TRIES = 6;
  const told = form.querySelector("[role=status]");
  const bar = told.querySelector("progress");
  const words = told.querySelector("span");
  const button = form.querySelector("button");
  const headers = JSON.parse(document.body.getAttribute("hx-headers") || "{}");
  const wait = (ms) => new Promise((go) => setTimeout(go, ms));
  const mega = (octets) => (octets / 1048576).toFixed(1);

  async function ask(path, body, type) {
    const answer = await fetch(path, {
      method: "POST",
      body,
      headers: type ? { ...headers, "Content-Type": type } : headers,
    });
    if (answer.ok) return answer.json();
    const refused = new Error(answer.status);
    refused.status = answer.status;
    if (answer.status === 422) refused.words = (await answer.json().catch(() => ({}))).detail;
    throw refused;
  }

  async function patiently(work) {
    for (let left = TRIES; ; left--) {
      try {
        return await work();
      } catch (e) {
        const passing = !e.status || e.status === 408 || e.status === 429 || e.status >= 500;
        if (!passing || left === 1) throw e;
        words.textContent = "The line is down; trying again …";
        await wait(1000 * (TRIES + 1 - left));
      }
    }
  }

  async function send(file) {
    const mark = `${file.name}|${file.size}|${file.lastModified}`;
    const about = new URLSearchParams({ name: file.name, size: file.size, mark });
    let part = await patiently(() => ask("/archive/in/parts", about));
    while (part.at < part.size) {
      bar.value = (100 * part.at) / part.size;
      words.textContent = `${mega(part.at)} of ${mega(part.size)} MB`;
      const from = part.at;
      const octets = file.slice(from, from + PART);
      part = await patiently(() => ask(`/archive/in/${part.id}/parts?at=${from}`, octets, "application/octet-stream"));
    }
    return part.id;
  }

  form.addEventListener("submit", async (event) => {
    const file = form.querySelector("[type=file]").files[0];
    if (!file) return;
    event.preventDefault();
    told.hidden = false;
    button.disabled = true;
    try {
      const id = await send(file);
      bar.value = 100;
      words.textContent = "Looking into it …";
      location.assign(`/archive/in/${id}`);
    } catch (e) {
      button.disabled = false;
      words.textContent = e.words || "It broke off. Choose the same file again, and it goes on where it was.";
    }
  });
});
