let context: AudioContext | undefined;

/** Browsers let a page sound only after it was touched; the key that starts a clock is that touch. */
export function wakeSound() {
  context ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext();
  context?.resume();
}

/** Two short tones: the clock has reached zero. */
export function beep() {
  if (context === undefined || context.state !== 'running') {
    return;
  }
  for (const delay of [0, 0.25]) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = 1320;
    volume.gain.value = 0.25;
    tone.connect(volume).connect(context.destination);
    tone.start(context.currentTime + delay);
    tone.stop(context.currentTime + delay + 0.15);
  }
}
