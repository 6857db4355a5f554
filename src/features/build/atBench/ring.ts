"use client";

const TONE_HZ = 880;
const BEEPS = 3;
const BEEP_S = 0.25;

/** Three beeps. Silent where the browser has no sound, or allows none before it was touched. */
export function ring(): void {
  if (typeof AudioContext === "undefined") return;
  const audio = new AudioContext();
  for (let n = 0; n < BEEPS; n++) {
    const at = audio.currentTime + n * BEEP_S * 2;
    const tone = audio.createOscillator();
    tone.frequency.value = TONE_HZ;
    tone.connect(audio.destination);
    tone.start(at);
    tone.stop(at + BEEP_S);
    if (n === BEEPS - 1) tone.onended = () => void audio.close();
  }
}
