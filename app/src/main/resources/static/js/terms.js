// Words of the field lead to what they mean, where they first stand on a page.
(() => {
  const NOT_IN = "a, button, label, h1, h2, h3, summary, svg, script, style, textarea, select, option, code, dialog, .latin";

  function wrap(node, at, word) {
    const found = node.splitText(at);
    const rest = found.splitText(word.label.length);
    const link = Object.assign(document.createElement("a"), { className: "term", href: "/know#word-" + word.id, title: word.say });
    link.textContent = found.textContent;
    found.replaceWith(link);
    return rest;
  }

  function explain(main, words) {
    const nodes = [];
    const walker = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      if (walker.currentNode.data.length > 2 && !walker.currentNode.parentElement.closest(NOT_IN)) nodes.push(walker.currentNode);
    }
    for (const word of words) {
      const abbreviation = word.label === word.label.toUpperCase() || word.label === "ppm";
      const plain = word.label.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
      const pattern = new RegExp("(?<![\\p{L}\\d-])" + plain + "(?![\\p{L}\\d-])", abbreviation ? "u" : "iu");
      for (let i = 0; i < nodes.length; i++) {
        const match = pattern.exec(nodes[i].data);
        if (match) {
          nodes.push(wrap(nodes[i], match.index, word));
          break;
        }
      }
    }
  }

  document.addEventListener("DOMContentLoaded", async () => {
    const main = document.querySelector("main");
    if (!main || location.pathname === "/know") return;
    try {
      const reply = await fetch("/know/words");
      if (reply.ok) explain(main, await reply.json());
    } catch { /* without a line the words stay plain */ }
  });
})();
