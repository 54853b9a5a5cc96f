/** Plays a course on the audio clock. Everything that sounds is scheduled ahead, at its exact time. */
class Player {
  /** So many seconds ahead, and so often, in milliseconds. */
  static AHEAD = 0.3;
  static EVERY = 50;
  /** So many seconds after it is closed, an open hi-hat is silent. */
  static CHOKE = 0.006;
  static CLICKS = { off: [], ones: ["ones"], strides: ["ones", "strides"], units: ["ones", "strides", "units"] };

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
    this.ringing = [];
    this.anchors = [];
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
    this.next = this.loop.from;
    this.anchors = [this.anchor(begin + this.countIn(begin), this.next)];
    this.timer = setInterval(() => this.schedule(), Player.EVERY);
    this.schedule();
  }

  limited() {
    const limiter = this.context.createDynamicsCompressor();
    limiter.connect(this.context.destination);
    return limiter;
  }

  /** Clicks the bar that comes first, and returns how long that lasts. */
  countIn(begin) {
    if (!this.countsIn) {
      return 0;
    }
    const bar = this.course.bars[this.course.barAt(this.loop.from)];
    const stretch = 100 / this.percent;
    for (const click of bar.clicks) {
      if (click.level !== "units") {
        this.sound("click-" + click.level, begin + (click.at - bar.from) * stretch, 1);
      }
    }
    return (bar.to - bar.from) * stretch;
  }

  stop() {
    clearInterval(this.timer);
    this.timer = undefined;
    for (const source of this.sources) {
      source.stop();
    }
    this.sources.clear();
    this.ringing = [];
    this.anchors = [];
    this.onStop();
  }

  /** Changes the tempo from what is not scheduled yet on. */
  setPercent(percent) {
    const time = this.isPlaying ? this.timeOf(this.next) : 0;
    this.percent = percent;
    if (this.isPlaying) {
      this.anchors.push(this.anchor(time, this.next));
    }
  }

  /** A time of the clock, and the place of the course that is heard then; from there on it goes at the present tempo. */
  anchor(time, at) {
    return { time, at, stretch: 100 / this.percent };
  }

  timeOf(at) {
    const { time, at: from, stretch } = this.anchors.at(-1);
    return time + (at - from) * stretch;
  }

  schedule() {
    const until = this.context.currentTime + Player.AHEAD;
    let isLooping = true;
    while (isLooping) {
      const { time, at, stretch } = this.anchors.at(-1);
      const wanted = at + (until - time) / stretch;
      isLooping = wanted >= this.loop.to;
      const to = isLooping ? this.loop.to : Math.max(this.next, wanted);
      this.scheduleBetween(this.next, to);
      this.next = to;
      if (isLooping) {
        this.anchors.push(this.anchor(this.timeOf(to), this.loop.from));
        this.next = this.loop.from;
      }
    }
    const now = this.context.currentTime;
    while (this.anchors.length > 1 && this.anchors[1].time < now - 1) {
      this.anchors.shift();
    }
  }

  scheduleBetween(from, to) {
    const isNow = (one) => one.at >= from && one.at < to;
    for (const hit of this.course.hits.filter(isNow)) {
      if (!this.muted.has(hit.layer) && !this.isSilent(hit.at)) {
        if (hit.hiHat) {
          this.cutOff(this.timeOf(hit.at));
        }
        // Grace notes and bounces keep their distance from the note at every tempo.
        for (const [late, sound, gain] of hit.parts) {
          const part = this.sound(sound, Math.max(0, this.timeOf(hit.at) + late), gain);
          if (hit.hiHat === "open") {
            this.ringing.push(part);
          }
        }
      }
    }
    for (const click of this.course.clicks.filter(isNow)) {
      if (Player.CLICKS[this.click].includes(click.level)) {
        this.sound("click-" + click.level, this.timeOf(click.at), 0.7);
      }
    }
  }

  /** Returns whether only the click sounds there. */
  isSilent(at) {
    return this.silentEvery > 0 && (this.course.barAt(at) + 1) % this.silentEvery === 0;
  }

  sound(name, time, gain) {
    const source = this.context.createBufferSource();
    source.buffer = this.buffers.get(name);
    const level = this.context.createGain();
    level.gain.value = gain;
    source.connect(level).connect(this.output);
    source.start(time);
    this.sources.add(source);
    source.onended = () => this.sources.delete(source);
    return { source, level };
  }

  /** Ends what rings of the hi-hat, since its cymbals close then, or are struck again. */
  cutOff(time) {
    for (const { source, level } of this.ringing) {
      level.gain.setValueAtTime(level.gain.value, time);
      level.gain.linearRampToValueAtTime(0, time + Player.CHOKE);
      source.stop(time + Player.CHOKE);
    }
    this.ringing = [];
  }

  /** Returns the place that is heard now; undefined during the count-in. */
  heard() {
    const now = this.context.currentTime - (this.context.outputLatency || 0);
    const anchor = this.anchors.findLast((one) => one.time <= now);
    return anchor && anchor.at + (now - anchor.time) / anchor.stretch;
  }
}
