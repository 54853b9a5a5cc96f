/** The exercise laid out in seconds at its own tempo. All times come from the program; nothing is worked out twice. */
class Course {
  constructor(exercise) {
    this.bars = [];
    this.hits = [];
    for (const section of exercise.sections) {
      const seconds = (units) => section.start + units * section.secondsPerUnit;
      const first = this.bars.length;
      for (const bar of section.bars) {
        this.bars.push({
          ...bar,
          section: section.name,
          from: seconds(bar.start),
          to: seconds(bar.start + bar.length),
          clicks: bar.units.map((at) => ({
            at: seconds(at),
            level: at === bar.start ? "ones" : bar.strides.includes(at) ? "strides" : "units",
          })),
          lanes: new Map(),
        });
      }
      for (const layer of section.layers) {
        for (const [at, soundsAt, parts, level, hand, hiHat] of layer.hits) {
          this.hits.push({ at: seconds(soundsAt), layer: layer.name, parts, hiHat });
          const bar = this.bars[first + section.bars.findLastIndex((one) => one.start <= at)];
          const lane = bar.lanes.get(layer.name) ?? [];
          bar.lanes.set(layer.name, lane.concat({ part: (at - bar.start) / bar.length, level, hand }));
        }
      }
    }
    this.hits.sort((one, other) => one.at - other.at);
    this.clicks = this.bars.flatMap((bar) => bar.clicks);
    this.seconds = this.bars.at(-1).to;
  }

  /** Returns the time of the last count before a time. */
  countAt(seconds) {
    return this.bars[this.barAt(seconds)].clicks.findLast((click) => click.at <= seconds + 1e-9).at;
  }

  /** Returns the number of the bar at a time, from 0. */
  barAt(seconds) {
    const number = this.bars.findIndex((bar) => seconds < bar.to - 1e-9);
    return number < 0 ? this.bars.length - 1 : number;
  }
}
