/** What a device can answer a key with, besides what is seen. */
export const hasHaptics = (): boolean => typeof navigator !== 'undefined' && 'vibrate' in navigator;
export const hasSound = (): boolean => typeof AudioContext !== 'undefined';

const TICK_MS = 8;

/** A short shake, where the device has one. */
export function shake(): void {
  if (hasHaptics()) navigator.vibrate(TICK_MS);
}

let context: AudioContext | null = null;

/** A short, quiet tick. The browser lets sound begin only at a press, so that is when the first one is made ready. */
export function tick(): void {
  if (!hasSound()) return;
  context ??= new AudioContext();
  if (context.state === 'suspended') void context.resume();
  const at = context.currentTime;
  const tone = context.createOscillator();
  const loudness = context.createGain();
  tone.frequency.value = 1400;
  loudness.gain.setValueAtTime(0.08, at);
  loudness.gain.exponentialRampToValueAtTime(0.0001, at + 0.03);
  tone.connect(loudness).connect(context.destination);
  tone.start(at);
  tone.stop(at + 0.03);
}
