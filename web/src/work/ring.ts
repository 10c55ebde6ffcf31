/** Two soft notes, made here: something is ripe. Silent where the browser lets no page sound. */
export function ring() {
  try {
    const audio = new AudioContext();
    [660, 880].forEach((hertz, i) => {
      const tone = audio.createOscillator();
      const loud = audio.createGain();
      const at = audio.currentTime + i * 0.35;
      tone.frequency.value = hertz;
      loud.gain.setValueAtTime(0.0001, at);
      loud.gain.exponentialRampToValueAtTime(0.25, at + 0.03);
      loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.6);
      tone.connect(loud).connect(audio.destination);
      tone.start(at);
      tone.stop(at + 0.65);
    });
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // no sound here: the countdown says the same
  }
}
