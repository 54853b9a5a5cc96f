/** Plays a course on the audio clock. Everything that sounds is scheduled ahead, at its exact time. */
class Player {
  static AHEAD = 0.3;
  static EVERY = 50;

  constructor(course, sounds) {
    this.course = course;
    this.sounds = sounds;
    this.percent = 100;
    this.click = "strides";
    this.countsIn = true;
    this.silentEvery = 0;
    this.muted = new Set();
    this.loop = { from: 0, to: course.seconds };
    this.buffers = new Map();
    this.sources = new Set();
    this.onStop = () => {};
  }

  get isPlaying() {
    return this.timer !== undefined;
  }

  async start() {
    this.context ??= new AudioContext();
    await this.context.resume();
    for (const [name, base64] of Object.entries(this.sounds)) {
      if (!this.buffers.has(name)) {
        const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
        this.buffers.set(name, await this.context.decodeAudioData(bytes.buffer));
      }
    }
    this.output ??= this.limited();
    const begin = this.context.currentTime + 0.1;
    const bar = this.course.bars[this.course.barAt(this.loop.from)];
    const countIn = this.countsIn ? (bar.to - bar.from) * this.stretch : 0;
    if (this.countsIn) {
      for (const click of bar.clicks) {
        if (click.level !== "units") {
          this.sound("click-" + click.level, begin + (click.at - bar.from) * this.stretch, 1);
        }
      }
    }
    this.anchor = { time: begin + countIn, at: this.loop.from };
    this.next = this.loop.from;
    this.timer = setInterval(() => this.schedule(), Player.EVERY);
    this.schedule();
  }

  /** How much longer everything lasts than at the exercise's own tempo. */
  get stretch() {
    return 100 / this.percent;
  }

  limited() {
    const limiter = this.context.createDynamicsCompressor();
    limiter.connect(this.context.destination);
    return limiter;
  }

  stop() {
    clearInterval(this.timer);
    this.timer = undefined;
    for (const source of this.sources) {
      source.stop();
    }
    this.sources.clear();
    this.onStop();
  }

  /** Changes the tempo from what is not scheduled yet on. */
  setPercent(percent) {
    if (this.isPlaying) {
      this.anchor = { time: this.timeOf(this.next), at: this.next };
    }
    this.percent = percent;
  }

  timeOf(at) {
    return this.anchor.time + (at - this.anchor.at) * this.stretch;
  }

  schedule() {
    const until = this.context.currentTime + Player.AHEAD;
    while (this.timeOf(this.next) < until) {
      const wanted = this.anchor.at + (until - this.anchor.time) / this.stretch;
      const to = Math.min(this.loop.to, wanted);
      this.scheduleBetween(this.next, to);
      this.next = to;
      if (to >= this.loop.to) {
        this.passes.push({ time: this.timeOf(to), at: this.loop.from });
        this.anchor = { time: this.timeOf(to), at: this.loop.from };
        this.next = this.loop.from;
      }
    }
  }

  passes = [];

  scheduleBetween(from, to) {
    for (const hit of this.course.hits) {
      if (hit.at >= from && hit.at < to && !this.muted.has(hit.layer) && !this.isSilent(hit.at)) {
        this.sound(hit.sound, this.timeOf(hit.at), hit.gain);
      }
    }
    const levels = { off: [], ones: ["ones"], strides: ["ones", "strides"], units: ["ones", "strides", "units"] };
    for (const bar of this.course.bars) {
      for (const click of bar.clicks) {
        if (click.at >= from && click.at < to && levels[this.click].includes(click.level)) {
          this.sound("click-" + click.level, this.timeOf(click.at), 0.7);
        }
      }
    }
  }

  isSilent(at) {
    return this.silentEvery > 0 && (this.course.barAt(at) + 1) % this.silentEvery === 0;
  }

  sound(name, time, gain) {
    const source = this.context.createBufferSource();
    source.buffer = this.buffers.get(name) ?? null;
    const level = this.context.createGain();
    level.gain.value = gain;
    source.connect(level).connect(this.output);
    source.start(time);
    this.sources.add(source);
    source.onended = () => this.sources.delete(source);
  }

  /** Returns the place that is heard now, in seconds of the course; undefined during the count-in. */
  heard() {
    const time = this.context.currentTime - (this.context.outputLatency || 0);
    const position = this.anchor.at + (time - this.anchor.time) / this.stretch;
    if (position >= this.loop.from) {
      return position;
    }
    const length = this.loop.to - this.loop.from;
    return this.passes.length === 0 ? undefined : position + length;
  }
}
