/** Steam leaving an iron, as filtered noise: louder and brighter the more there is. */
export class SteamSound {
  private context: AudioContext | null = null;
  private gain: GainNode | null = null;
  private filter: BiquadFilterNode | null = null;

  /** Starts at a touch, as browsers ask; silent until the first level is given. */
  start(): void {
    if (typeof AudioContext === 'undefined' || this.context !== null) return;
    const context = new AudioContext();
    const buffer = context.createBuffer(1, 2 * context.sampleRate, context.sampleRate);
    const samples = buffer.getChannelData(0);
    for (let i = 0; i < samples.length; i++) samples[i] = 2 * Math.random() - 1;
    const noise = context.createBufferSource();
    noise.buffer = buffer;
    noise.loop = true;
    const filter = context.createBiquadFilter();
    filter.type = 'bandpass';
    filter.Q.value = 0.6;
    const gain = context.createGain();
    gain.gain.value = 0;
    noise.connect(filter).connect(gain).connect(context.destination);
    noise.start();
    this.context = context;
    this.gain = gain;
    this.filter = filter;
  }

  /** `steam` 0–1. */
  level(steam: number): void {
    if (this.context === null) return;
    const now = this.context.currentTime;
    this.gain?.gain.setTargetAtTime(0.09 * steam, now, 0.1);
    this.filter?.frequency.setTargetAtTime(1800 + 3200 * steam, now, 0.1);
  }

  /** A short beep of the iron itself. */
  beep(): void {
    if (this.context === null) return;
    const tone = this.context.createOscillator();
    const gain = this.context.createGain();
    gain.gain.value = 0.12;
    tone.frequency.value = 1320;
    tone.connect(gain).connect(this.context.destination);
    tone.start();
    tone.stop(this.context.currentTime + 0.35);
  }

  stop(): void {
    void this.context?.close();
    this.context = null;
    this.gain = null;
    this.filter = null;
  }
}
