// The alarm of a device: three rising notes, a shake where it can, the screen kept awake. A
// browser rings only after it was tapped, and keeps the screen on only on a page that is its
// own machine's or comes over https: both are asked for with one tap, and what is not given is said.
let context = null;
let still = null;

export const canRing = () => context?.state === "running";

// Told under Settings never to ring.
const quiet = () => document.documentElement.hasAttribute("data-quiet");

// Says it on the device itself where it lets us (over https, and once it was asked): a page behind others
// rings so, too.
async function notify(words) {
  if (window.Notification?.permission !== "granted" || !document.hidden) return;
  const worker = await navigator.serviceWorker?.getRegistration();
  await worker?.showNotification("Fond Kettle", { body: words, tag: "kettle-due" });
}

// Three rising notes, if the device was tapped before; `words`: what it rings for.
export function ring(words) {
  if (quiet()) return;
  if (words) notify(words);
  if (navigator.userActivation?.hasBeenActive !== false) navigator.vibrate?.([300, 150, 300, 150, 600]);
  if (!canRing()) return;
  [660, 880, 1100].forEach((pitch, index) => {
    const note = context.createOscillator();
    const volume = context.createGain();
    const start = context.currentTime + index * 0.35;
    note.frequency.value = pitch;
    volume.gain.setValueAtTime(0.0001, start);
    volume.gain.exponentialRampToValueAtTime(0.5, start + 0.03);
    volume.gain.exponentialRampToValueAtTime(0.0001, start + 0.32);
    note.connect(volume).connect(context.destination);
    note.start(start);
    note.stop(start + 0.34);
  });
}

// A film of one still colour, muted: what many devices stay awake for where they give no lock.
async function film() {
  const canvas = Object.assign(document.createElement("canvas"), { width: 2, height: 2 });
  const video = Object.assign(document.createElement("video"), {
    muted: true,
    playsInline: true,
    loop: true,
  });
  canvas.getContext("2d").fillRect(0, 0, 2, 2);
  video.srcObject = canvas.captureStream(1);
  await video.play();
  return video;
}

// Keeps the screen on: "lock", "film", or null where the device gives neither.
export async function stayAwake() {
  try {
    await navigator.wakeLock.request("screen");
    return "lock";
  } catch {
    /* not given here */
  }
  try {
    still ??= await film();
    return "film";
  } catch {
    return null;
  }
}

// Sound, once the browser lets it: with a tap, or after one on a page before.
export async function arm() {
  try {
    context ??= new AudioContext();
    await context.resume();
  } catch {
    context = null;
  }
}

// Takes the tap: a test ring, and the screen. Says in words what this device gives.
export async function alarm() {
  await arm();
  ring();
  if (window.isSecureContext && window.Notification?.permission === "default")
    await Notification.requestPermission();
  const awake = await stayAwake();
  const heard = canRing()
    ? "It rings here"
    : "No sound here: the page flashes, and the time stands in its title";
  const sound = quiet() ? "Set never to ring (Settings): the page flashes" : heard;
  const screen =
    { lock: "the screen stays on.", film: "the screen should stay on: look at it once." }[awake] ??
    "the screen may go dark: set it to stay on longer.";
  return `${sound}; ${screen}`;
}
