import type { Ring } from '../store/ports';

/** Three notes for a make, its own: the pentatonic scale from its id, so that two pots never sound alike by chance alone. */
const SCALE_HZ = [392, 440, 523, 587, 659, 784, 880] as const;
const NOTE_S = 0.22;

function notesOf(makeId: string): number[] {
  let hash = 7;
  for (const letter of makeId) hash = (hash * 31 + letter.charCodeAt(0)) >>> 0;
  return [0, 1, 2].map((i) => SCALE_HZ[(hash >>> (i * 5)) % SCALE_HZ.length] as number);
}

/** Sound, spoken words and a notification, as far as the browser and the maker allow. */
export function machineRing(): Ring {
  let audio: AudioContext | null = null;
  /** Rings that still sound: when the last of them is over, the machine's sound is let rest. */
  let sounding = 0;
  return {
    sound(makeId) {
      audio ??= new AudioContext();
      void audio.resume();
      const start = audio.currentTime + 0.05;
      sounding += 1;
      const notes = notesOf(makeId);
      notes.forEach((hz, i) => {
        if (!audio) return;
        const tone = audio.createOscillator();
        const gain = audio.createGain();
        tone.type = 'triangle';
        tone.frequency.value = hz;
        gain.gain.setValueAtTime(0.0001, start + i * NOTE_S);
        gain.gain.exponentialRampToValueAtTime(0.4, start + i * NOTE_S + 0.02);
        gain.gain.exponentialRampToValueAtTime(0.0001, start + (i + 1) * NOTE_S);
        tone.connect(gain).connect(audio.destination);
        tone.start(start + i * NOTE_S);
        tone.stop(start + (i + 1) * NOTE_S);
        if (i < notes.length - 1) return;
        tone.onended = () => {
          sounding -= 1;
          if (sounding === 0) void audio?.suspend();
        };
      });
    },
    speak(text) {
      globalThis.speechSynthesis?.speak(new SpeechSynthesisUtterance(text));
    },
    notify(text, makeId) {
      if (globalThis.Notification?.permission === 'granted') new Notification(text, { tag: makeId });
    },
    async askToNotify() {
      return (await globalThis.Notification?.requestPermission?.()) === 'granted';
    },
  };
}
