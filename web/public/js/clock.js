// A clock on the times that the server keeps (data-now, data-began, data-ends): down
// to the end, or up where there is none. The page's title tells it, too.
const two = (number) => String(number).padStart(2, "0");

// "14:05", "1:02:30"
export function written(seconds) {
  const whole = Math.max(0, Math.round(Math.abs(seconds)));
  const hours = Math.floor(whole / 3600);
  const rest = `${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}`;
  return hours ? `${hours}:${rest}` : rest;
}

// Runs the clock of `root`. `onOver` is called once when the step's time is up, with the seconds
// that it has been up already.
export function runClock(root, onOver) {
  const clock = document.getElementById("clock");
  const offset = Number(root.dataset.now) - Date.now();
  let began = Number(root.dataset.began);
  let ends = Number(root.dataset.ends) || null;
  const title = document.title;
  let told = false;

  function tick() {
    const now = Date.now() + offset;
    const left = ends ? (ends - now) / 1000 : null;
    const text = left === null ? written((now - began) / 1000) : (left < 0 ? "+" : "") + written(left);
    if (clock.textContent !== text) {
      clock.textContent = text;
      document.title = `${text} ${title}`;
    }
    root.classList.toggle("over", left !== null && left < 0);
    if (left !== null && left < 0 && !told) {
      told = true;
      onOver(-left);
    }
  }

  // Another step, of so many minutes, from a time on.
  tick.from = ({ at, minutes }) => {
    began = at;
    ends = minutes ? at + minutes * 60_000 : null;
    told = false;
    tick();
  };
  tick();
  setInterval(tick, 250);
  return tick;
}
