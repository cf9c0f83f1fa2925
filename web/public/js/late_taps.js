// Taps that a device handed over and that no longer fitted: each stands there as it was told, until
// somebody forgets it, or tells it now.
export const element = (name, textContent, given = {}) =>
  Object.assign(document.createElement(name), { textContent, ...given });

const button = (words, act) => {
  const made = element("button", words, { type: "button", className: "button tap" });
  made.addEventListener("click", act);
  return made;
};
const hour = (ms) => new Date(ms).toTimeString().slice(0, 5);

// `store`: where the device keeps them; `box`: where they are shown; `again`: tells one now (null: it
// cannot be).
export function lateTaps({ store, box, again = null }) {
  const read = () => JSON.parse(localStorage.getItem(store) ?? "[]");
  const write = (taps) => {
    localStorage.setItem(store, JSON.stringify(taps));
    show();
  };
  const without = (tap) => read().filter((one) => one.key !== tap.key);

  function line(tap) {
    const made = element("p", `“${tap.words}” of ${hour(tap.at)} came too late: it no longer fits. `);
    if (again)
      made.append(
        button("Tell it now", () => {
          write(without(tap));
          again(tap);
        }),
        " ",
      );
    made.append(button("Forget it", () => write(without(tap))));
    return made;
  }

  function show() {
    const place = box();
    if (!place) return;
    place.hidden = read().length === 0;
    place.replaceChildren(...read().map(line));
  }

  return { show, add: (taps) => write([...read(), ...taps]) };
}
