// Shows one page at a time, as large as the window: arrows, space and clicks turn the pages, F fills the screen, W shows a tall page wide, Escape ends.
(() => {
  const pages = [...document.querySelectorAll("main > figure:not(.narrow)")];
  const bar = document.createElement("div");
  bar.className = "controls";
  bar.setAttribute("role", "toolbar");
  bar.setAttribute("aria-label", "Presenting");
  const button = (words, title, act) => {
    const made = document.createElement("button");
    made.type = "button";
    made.textContent = words;
    made.title = title;
    made.setAttribute("aria-label", title);
    made.addEventListener("click", (event) => { event.stopPropagation(); act(); });
    bar.append(made);
    return made;
  };
  let at = Math.min(Math.max((parseInt(location.hash.slice(1), 10) || 1) - 1, 0), pages.length - 1);
  const back = button("‹", "Page before", () => go(at - 1));
  const count = document.createElement("span");
  count.setAttribute("aria-live", "polite");
  bar.append(count);
  const on = button("›", "Next page", () => go(at + 1));
  button("Wide", "As wide as the window (W)", wide);
  button("Full screen", "Fill the screen (F)", full);
  button("End", "End (Escape)", end);
  document.body.append(bar);

  function go(to) {
    at = Math.min(Math.max(to, 0), pages.length - 1);
    pages.forEach((page, i) => page.classList.toggle("now", i === at));
    count.textContent = `${at + 1} / ${pages.length}`;
    back.disabled = at === 0;
    on.disabled = at === pages.length - 1;
    history.replaceState(null, "", `#${at + 1}`);
    window.scrollTo(0, 0);
  }
  function wide() { document.body.classList.toggle("wide"); }
  function full() { document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen?.(); }
  function end() {
    if (document.fullscreenElement) document.exitFullscreen();
    else if (window.opener || history.length <= 1) window.close();
    else history.back();
  }

  const turn = { ArrowRight: 1, ArrowDown: 1, PageDown: 1, " ": 1, ArrowLeft: -1, ArrowUp: -1, PageUp: -1 };
  document.addEventListener("keydown", (event) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
    const held = document.activeElement?.closest("[data-clock], button");
    if (held && (event.key === " " || event.key === "Enter")) return;
    const scrolls = document.body.classList.contains("wide") && ["ArrowDown", "ArrowUp", " ", "PageDown", "PageUp"].includes(event.key);
    if (turn[event.key] && !scrolls) go(at + turn[event.key]);
    else if (event.key === "Home") go(0);
    else if (event.key === "End") go(pages.length - 1);
    else if (event.key.toLowerCase() === "f") full();
    else if (event.key.toLowerCase() === "w") wide();
    else if (event.key === "Escape") end();
    else return;
    event.preventDefault();
  });
  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-clock], a, .controls")) return;
    go(at + (event.clientX < window.innerWidth / 3 ? -1 : 1));
  });
  let timer = 0;
  const wake = () => { bar.classList.remove("idle"); clearTimeout(timer); timer = setTimeout(() => bar.classList.add("idle"), 2500); };
  ["mousemove", "keydown", "focusin", "touchstart"].forEach((name) => document.addEventListener(name, wake));
  wake();
  go(at);
})();
