import { useEffect, useState } from 'react';

export type Comfort = { dark: boolean; sound: boolean; voice: boolean };

const place = 'inlaid-bench-comfort';
const usual: Comfort = { dark: false, sound: true, voice: false };

/** Bright or dark, sounds and spoken words: as it was left on this device. */
export function useComfort() {
  const [comfort, setComfort] = useState<Comfort>(() => {
    try {
      return { ...usual, ...JSON.parse(localStorage.getItem(place) ?? '{}') };
    } catch {
      return usual;
    }
  });
  useEffect(() => localStorage.setItem(place, JSON.stringify(comfort)), [comfort]);
  return [comfort, setComfort] as const;
}

/** Keeps the screen on while the bench is open, where the browser can. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const take = () => {
      if (document.visibilityState === 'visible' && 'wakeLock' in navigator)
        navigator.wakeLock.request('screen').then(
          (got) => {
            lock = got;
          },
          () => undefined,
        );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, []);
}

/** A buzz, where the device has one: felt in a pocket, whether it may sound or not. */
export function buzz() {
  navigator.vibrate?.([200, 100, 200]);
}

/** Two short tones. */
export function ring() {
  try {
    const audio = new AudioContext();
    for (const at of [0, 0.35]) {
      const tone = audio.createOscillator();
      const loud = audio.createGain();
      tone.frequency.value = 660;
      loud.gain.value = 0.15;
      tone.connect(loud).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.25);
    }
  } catch {
    // without sound the light and the words remain
  }
}

export function say(words: string) {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
}
