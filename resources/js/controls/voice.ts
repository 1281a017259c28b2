const ON = 'clean-race-voice';

/** Whether this device says aloud what was kept and what was judged. */
export const voice = {
  can: (): boolean => 'speechSynthesis' in window,
  on: (): boolean => localStorage.getItem(ON) !== null,
  set: (on: boolean): void => {
    if (on) localStorage.setItem(ON, '1');
    else localStorage.removeItem(ON);
    if (!on && voice.can()) window.speechSynthesis.cancel();
  },
};

/** Says it by the device's own voice, after what it is saying. */
export function speakAloud(text: string): void {
  if (!voice.on() || !voice.can()) return;
  const spoken = new SpeechSynthesisUtterance(text);
  spoken.lang = document.documentElement.lang;
  window.speechSynthesis.speak(spoken);
}
