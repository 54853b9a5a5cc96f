/** Draws bars as a road: an arc for each group, the count under it, a lane for each layer, and a marker that moves. */
class Road {
  static LANE = 22;
  /** A lane with a sticking under its hits is taller. */
  static STICKING = 14;
  static TOP = 74;
  static LEFT = 14;
  static COLORS = 6;

  constructor(place, course, layers) {
    this.course = course;
    this.lanes = layers.map((name, number) => {
      const hasHands = course.bars.some((bar) => bar.lanes.get(name)?.some((hit) => hit.hand));
      return { name, style: "layer-" + (number % Road.COLORS), tall: Road.LANE + (hasHands ? Road.STICKING : 0) };
    });
    this.bars = course.bars.map((bar, number) => this.draw(bar, number));
    place.replaceChildren(...this.bars);
  }

  draw(bar, number) {
    const width = Math.max(100, bar.units.length * 28) + 16;
    const height = Road.TOP + 24 + this.lanes.reduce((sum, lane) => sum + lane.tall, 0);
    const x = (units) => Road.place(width, (units - bar.start) / bar.length);
    const svg = Road.element("svg", { width: `${width / 16}rem`, height: `${height / 16}rem`, viewBox: `0 0 ${width} ${height}`, role: "img" });
    const title = Road.element("title", {});
    title.textContent = bar.label;
    svg.append(title, Road.element("line", { class: "bar-line", x1: 3, y1: 4, x2: 3, y2: height - 4 }));
    svg.append(Road.text(10, 14, `${number + 1}  ${bar.meter}`, "left"));
    const ends = [...bar.strides.slice(1), bar.start + bar.length];
    bar.strides.forEach((from, i) => {
      const [left, right] = [x(from), x(ends[i])];
      const tall = Math.min(46, (right - left) * 0.6);
      svg.append(
        Road.element("path", {
          class: "arc",
          d: `M${left} ${Road.TOP}Q${(left + right) / 2} ${Road.TOP - 2 * tall} ${right} ${Road.TOP}`,
        }),
      );
    });
    for (const [at, said, strong] of bar.counts) {
      svg.append(Road.text(x(at), Road.TOP + 16, said, strong ? "strong" : ""));
    }
    let y = Road.TOP + 36;
    for (const lane of this.lanes) {
      svg.append(Road.element("line", { class: "lane", x1: 3, y1: y, x2: width, y2: y }));
      for (const hit of bar.lanes.get(lane.name) ?? []) {
        const cx = Road.place(width, hit.part);
        const r = { ghost: 4, hit: 5, accent: 7 }[hit.level];
        svg.append(Road.element("circle", { class: `${lane.style} ${hit.level}`, cx, cy: y, r }));
        if (hit.hand) {
          svg.append(Road.text(cx, y + 19, hit.hand, ""));
        }
      }
      y += lane.tall;
    }
    svg.append(Road.element("line", { class: "marker", x1: 0, y1: 18, x2: 0, y2: height - 4 }));
    return svg;
  }

  /** Moves the marker; hides it where the place is undefined. */
  show(seconds, silent) {
    const number = seconds === undefined ? -1 : this.course.barAt(seconds);
    if (number !== this.shown) {
      this.bars[this.shown]?.classList.remove("playing", "silent");
      this.shown = number;
    }
    if (number >= 0) {
      const bar = this.course.bars[number];
      const svg = this.bars[number];
      svg.classList.add("playing");
      svg.classList.toggle("silent", silent);
      const x = Road.place(svg.viewBox.baseVal.width, (seconds - bar.from) / (bar.to - bar.from));
      const marker = svg.querySelector(".marker");
      marker.setAttribute("x1", x);
      marker.setAttribute("x2", x);
    }
  }

  /** Returns where a part of a bar is, from its left. */
  static place(width, part) {
    return Road.LEFT + part * (width - Road.LEFT);
  }

  static element(name, attributes) {
    const element = document.createElementNS("http://www.w3.org/2000/svg", name);
    for (const [key, value] of Object.entries(attributes)) {
      element.setAttribute(key, value);
    }
    return element;
  }

  static text(x, y, words, style) {
    const text = Road.element("text", { x, y, class: style });
    text.textContent = words;
    return text;
  }
}
