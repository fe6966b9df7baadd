import { preferences } from './preferences.svelte';

const LOUDNESS = { OFF: 0, SOFT: 0.05, FULL: 0.25 };
let context: AudioContext | undefined;

/** Two short notes; never alone, the screen always shows the same. */
export function cue() {
  const loudness = LOUDNESS[preferences.now.sound];
  // Browsers stay silent until the page has been touched.
  if (loudness === 0 || !navigator.userActivation.hasBeenActive) return;
  context ??= new AudioContext();
  [660, 880].forEach((pitch, i) => {
    if (!context) return;
    const note = context.createOscillator();
    const gain = context.createGain();
    const at = context.currentTime + i * 0.18;
    note.frequency.value = pitch;
    gain.gain.setValueAtTime(loudness, at);
    gain.gain.exponentialRampToValueAtTime(0.0001, at + 0.16);
    note.connect(gain).connect(context.destination);
    note.start(at);
    note.stop(at + 0.17);
  });
}
