// Three rising notes, and a shake where the device can.
export function ring() {
  navigator.vibrate?.([300, 150, 300, 150, 600]);
  const context = new AudioContext();
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
