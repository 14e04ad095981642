/** Whether a voice is on this device: none is fetched from anywhere. */
function voiceHere(): SpeechSynthesisVoice | null {
  if (typeof speechSynthesis === 'undefined') return null;
  const voices = speechSynthesis.getVoices().filter(({ localService }) => localService);
  return voices.find(({ lang }) => lang.startsWith('en')) ?? voices[0] ?? null;
}

/** Says a few words aloud where a voice is on the device; stays silent where none is. */
export function speak(words: string): void {
  const voice = voiceHere();
  if (!voice) return;
  const spoken = new SpeechSynthesisUtterance(words);
  spoken.voice = voice;
  speechSynthesis.speak(spoken);
}
