let context: AudioContext | undefined;

/** Browsers let a page sound and notify only after it was touched; the key that starts a clock is that touch. */
export function wakeSound() {
  context ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext();
  context?.resume();
  if (typeof Notification !== 'undefined' && Notification.permission === 'default') {
    Notification.requestPermission();
  }
}

/** What will not be noticed, in words; empty where sound and notifications are to be had. */
export function silentBy(): string {
  const sound = context !== undefined && context.state === 'running';
  const notices = typeof Notification !== 'undefined' && Notification.permission === 'granted';
  if (sound && notices) {
    return '';
  }
  return sound
    ? 'This browser does not allow notifications. It sounds here.'
    : 'There is no sound until you press a key here. Watch the colour.';
}

/** Two short tones, and a notification where the page is not looked at: a clock has reached zero. */
export function announce(what: string) {
  if (document.hidden && typeof Notification !== 'undefined' && Notification.permission === 'granted') {
    new Notification('Time is up', { body: what, tag: what });
  }
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
