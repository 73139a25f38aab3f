// What is heard and seen across a hall.
const LENGTH = 0.45;

/** A tone that fades; silent until somebody has touched the page, since browsers allow no sound before. */
export const speaker = () => {
  let audio = null;
  return {
    unlock() {
      audio ??= new AudioContext();
      audio.resume();
    },
    beep(pitch) {
      if (!audio) return;
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      tone.frequency.value = pitch;
      volume.gain.setValueAtTime(0.6, audio.currentTime);
      volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + LENGTH);
      tone.connect(volume).connect(audio.destination);
      tone.start();
      tone.stop(audio.currentTime + LENGTH + 0.05);
    },
  };
};

/** Starts the animation of a stage anew. */
export const flash = (stage) => {
  stage.classList.remove('flash-now');
  void stage.offsetWidth;
  stage.classList.add('flash-now');
};

/** Keeps the screen on; where the browser does not allow it, the screen goes dark as usual. */
export const stayAwake = async () => {
  try {
    return await navigator.wakeLock?.request('screen');
  } catch {
    return null;
  }
};
