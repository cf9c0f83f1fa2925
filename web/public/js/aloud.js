// Reads a step aloud with a voice of the device's own: one that needs the network is not used.
const own = () =>
  window.speechSynthesis?.getVoices().find((voice) => voice.localService && voice.lang.startsWith("en"));
const PARTS = ".stove-wrong, .stove-say, .stove-puts-in li, .stove-cue, .stove-now .clock-note";

export function reader(button, step) {
  if (!button || !window.speechSynthesis) return;
  const show = () => {
    button.hidden = !own();
  };
  show();
  window.speechSynthesis.addEventListener?.("voiceschanged", show);
  button.addEventListener("click", () => {
    const words = [...step.querySelectorAll(PARTS)].map((part) => part.textContent.trim()).join(". ");
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(Object.assign(new SpeechSynthesisUtterance(words), { voice: own() }));
  });
}
