// Runs the clocks and countdowns of an edition. Without it they stand as they were when the page was made.
(() => {
  const two = (n) => String(n).padStart(2, "0");
  const text = (facts, s) => {
    const whole = Math.ceil(s);
    if (facts.shows !== "countdown") return `${two(Math.floor(whole / 3600) % 24)}:${two(Math.floor(whole / 60) % 60)}`;
    const h = Math.floor(whole / 3600), m = Math.floor(whole / 60) % 60, sec = whole % 60;
    return h ? `${h}:${two(m)}:${two(sec)}` : `${m}:${two(sec)}`;
  };
  const point = (f, r, angle) => { const a = (angle - 90) * Math.PI / 180; return [f.cx + r * Math.cos(a), f.cy + r * Math.sin(a)]; };

  function draw(group, f, s) {
    for (const [part, [turn, long]] of Object.entries(f.hands)) {
      const hand = group.querySelector(`[data-part="${part}"]`);
      if (!hand) continue;
      const angle = s / turn * 360, l = f.r * long;
      hand.setAttribute("d", `M${point(f, l * 0.16, angle + 180).join(" ")}L${point(f, l, angle).join(" ")}`);
    }
    const said = text(f, s);
    const value = group.querySelector('[data-part="value"]');
    if (value) (value.querySelector("tspan") ?? value).textContent = said;
    const digits = group.querySelectorAll('[data-part="digit"]');
    if (digits.length) {
      const list = said.replace(/:/g, "").padStart(digits.length, "0");
      digits.forEach((d, i) => { (d.querySelector("tspan") ?? d).textContent = list[i]; });
    }
    const arc = group.querySelector('[data-part="arc"]');
    if (arc) {
      const share = f.shows === "countdown" ? s / f.seconds : (s % 3600) / 3600, r = f.r * 0.9, end = Math.min(share * 360, 359.9);
      arc.setAttribute("d", end < 0.1 ? "" : `M${point(f, r, 0).join(" ")}A${r} ${r} 0 ${end > 180 ? 1 : 0} 1 ${point(f, r, end).join(" ")}`);
    }
  }

  document.querySelectorAll("[data-clock]").forEach((group) => {
    const f = JSON.parse(group.getAttribute("data-clock"));
    if (f.shows === "time") return;
    if (f.shows === "now") {
      const now = () => { const d = new Date(); const s = f.zone === undefined ? d.getHours() * 3600 + d.getMinutes() * 60 + d.getSeconds() : ((d.getTime() / 1000 + f.zone * 60) % 86400 + 86400) % 86400; draw(group, f, Math.floor(s)); };
      now();
      setInterval(now, 1000);
      return;
    }
    // A countdown begins and pauses at a click or with Enter; a finished one begins anew.
    let left = f.seconds, since = null, timer = 0;
    const rest = () => Math.max(0, since === null ? left : left - (performance.now() - since) / 1000);
    const show = () => { const s = rest(); draw(group, f, s); if (s <= 0) stop(); };
    const stop = () => { left = rest(); since = null; clearInterval(timer); group.setAttribute("data-running", "no"); };
    const toggle = () => {
      if (since !== null) return stop();
      if (left <= 0) left = f.seconds;
      since = performance.now();
      group.setAttribute("data-running", "yes");
      timer = setInterval(show, 200);
      show();
    };
    group.setAttribute("tabindex", "0");
    group.setAttribute("role", "button");
    group.style.cursor = "pointer";
    group.addEventListener("click", toggle);
    group.addEventListener("keydown", (event) => { if (event.key === "Enter" || event.key === " ") { event.preventDefault(); toggle(); } });
  });
})();
