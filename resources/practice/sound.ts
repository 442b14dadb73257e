// A hit and a miss told apart by ear, for who looks at the ball: off until it is wished for.

const PLACE = 'low-point-sound';
const SECONDS = 0.12;
const HIT_HZ = 880;
const MISS_HZ = 220;

export const soundOn = () => localStorage.getItem(PLACE) === 'on';

export function switchSound(on: boolean): void {
    if (on) localStorage.setItem(PLACE, 'on');
    else localStorage.removeItem(PLACE);
}

let speaker: AudioContext | undefined;

export function sound(hit: boolean): void {
    if (!soundOn() || typeof AudioContext === 'undefined') return;
    speaker ??= new AudioContext();
    const tone = speaker.createOscillator();
    const loudness = speaker.createGain();
    tone.frequency.value = hit ? HIT_HZ : MISS_HZ;
    loudness.gain.setValueAtTime(0.2, speaker.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, speaker.currentTime + SECONDS);
    tone.connect(loudness).connect(speaker.destination);
    tone.start();
    tone.stop(speaker.currentTime + SECONDS);
}
