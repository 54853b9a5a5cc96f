/** The page: one exercise at a time of those it holds, how it plays, and the log. */
class Page {
  constructor(booklet) {
    this.booklet = booklet;
    this.log = new Log(booklet.title);
    /** Whoever asks for reduced motion sees the marker step from count to count. */
    this.stillness = matchMedia("(prefers-reduced-motion: reduce)");
    this.connectPlaying();
    this.connectLog();
    this.listExercises();
    this.open(0);
    this.showLog();
  }

  static find(id) {
    return document.getElementById(id);
  }

  static make(name, properties, ...children) {
    const element = Object.assign(document.createElement(name), properties);
    element.append(...children);
    return element;
  }

  say(words) {
    Page.find("said").textContent = words;
  }

  // The exercises.

  listExercises() {
    const { exercises } = this.booklet;
    this.choices = exercises.map((exercise, number) => {
      const choice = Page.make("button", { type: "button", textContent: exercise.title });
      choice.addEventListener("click", () => this.open(number));
      return choice;
    });
    Page.find("exercises").append(...this.choices);
    Page.find("exercises").hidden = exercises.length < 2;
    Page.find("what").classList.toggle("several", exercises.length > 1);
  }

  open(number) {
    if (this.player?.isPlaying) {
      this.player.stop();
    }
    this.exercise = this.booklet.exercises[number];
    this.choices.forEach((choice, i) => choice.setAttribute("aria-current", i === number));
    Page.find("exercise-title").textContent = this.exercise.title;
    Page.find("to-do").textContent = this.exercise.toDo;
    Page.find("what").classList.toggle("nothing", this.choices.length < 2 && !this.exercise.toDo);
    [...Page.find("staff").children].forEach((staff, i) => (staff.hidden = i !== number));
    this.course = new Course(this.exercise);
    const old = this.player;
    this.player = new Player(this.course, this.booklet.sounds);
    this.player.context = old?.context;
    this.player.onStop = () => this.stopped();
    const layers = this.exercise.sections.flatMap((section) => section.layers.map((layer) => layer.name));
    this.road = new Road(Page.find("road"), this.course, [...new Set(layers)]);
    this.road.bars.forEach((svg, bar) => svg.addEventListener("click", () => this.toggleLoop(bar)));
    this.listLayers([...new Set(layers)]);
    this.listLoops();
    this.listStages();
    this.listLadder();
    this.setPercent(100);
    this.readControls();
  }

  listLayers(names) {
    this.boxes = new Map();
    const labels = names.map((name, number) => {
      const box = Page.make("input", { type: "checkbox", checked: true });
      box.addEventListener("change", () => {
        if (box.checked) {
          this.player.muted.delete(name);
        } else {
          this.player.muted.add(name);
        }
      });
      this.boxes.set(name, box);
      const dot = Page.make("span", { textContent: " \u25cf ", ariaHidden: "true" });
      return Page.make("label", { className: "layer-" + (number % Road.COLORS) }, box, dot, name);
    });
    Page.find("layers").replaceChildren(...labels);
  }

  listLoops() {
    const bars = this.course.bars.map((bar, number) => new Option("bar " + (number + 1), number));
    Page.find("loop").replaceChildren(new Option("all bars", "all"), ...bars);
  }

  listStages() {
    const { stages } = this.exercise;
    const items = stages.map((stage, number) => {
      const box = Page.make("input", { type: "checkbox", checked: this.log.isTicked(this.exercise, number) });
      box.addEventListener("change", () => this.kept(this.log.tick(this.exercise, number, box.checked)));
      const set = Page.make("button", { type: "button", textContent: "Set up" });
      set.addEventListener("click", () => this.setUp(stage));
      return Page.make("li", {}, Page.make("label", {}, box, " " + stage.title + " "), set);
    });
    Page.find("stages").querySelector("ol").replaceChildren(...items);
    Page.find("stages").hidden = stages.length === 0;
  }

  setUp(stage) {
    this.setPercent(stage.percent);
    for (const [name, box] of this.boxes) {
      box.checked = stage.layers.length === 0 || stage.layers.includes(name);
      box.dispatchEvent(new Event("change"));
    }
    this.say("Set up: " + stage.title + ".");
  }

  listLadder() {
    const { ladder } = this.exercise;
    const buttons = ladder.map((rung) => {
      const button = Page.make("button", { type: "button", textContent: rung.tempo });
      button.addEventListener("click", () => this.setPercent(rung.percent));
      return button;
    });
    Page.find("ladder").replaceChildren(...buttons);
    Page.find("ladder").hidden = ladder.length === 0;
  }

  // Playing.

  connectPlaying() {
    Page.find("play-button").addEventListener("click", () => this.playOrStop());
    Page.find("percent").addEventListener("input", () => this.setPercent(Number(Page.find("percent").value)));
    for (const id of ["count-in", "click", "silent"]) {
      Page.find(id).addEventListener("change", () => this.readControls());
    }
    Page.find("loop").addEventListener("change", () => this.setLoop());
    document.addEventListener("keydown", (event) => {
      if (event.key === " " && !event.target.closest("button, input, select")) {
        event.preventDefault();
        this.playOrStop();
      }
    });
  }

  readControls() {
    this.player.countsIn = Page.find("count-in").checked;
    this.player.click = Page.find("click").value;
    this.player.silentEvery = Number(Page.find("silent").value);
  }

  setPercent(percent) {
    this.player.setPercent(percent);
    Page.find("percent").value = percent;
    const tempo = this.exercise.tempos[Math.round(percent)];
    Page.find("percent-shown").textContent = Math.round(percent) + " %" + (tempo ? ", " + tempo : "");
  }

  toggleLoop(bar) {
    const chosen = String(bar);
    Page.find("loop").value = Page.find("loop").value === chosen ? "all" : chosen;
    this.setLoop();
  }

  setLoop() {
    if (this.player.isPlaying) {
      this.player.stop();
    }
    const chosen = Page.find("loop").value;
    const bar = this.course.bars[Number(chosen)];
    this.player.loop = bar ? { from: bar.from, to: bar.to } : { from: 0, to: this.course.seconds };
    this.road.bars.forEach((svg, number) => svg.classList.toggle("looped", chosen === String(number)));
  }

  async playOrStop() {
    if (this.player.isPlaying) {
      this.player.stop();
      return;
    }
    if (this.isStarting) {
      return;
    }
    this.isStarting = true;
    Page.find("play-button").textContent = "Stop";
    try {
      await this.player.start();
      this.began = Date.now();
      this.follow();
    } catch (error) {
      Page.find("play-button").textContent = "Play";
      this.say("This browser can't play it: " + error.message);
    } finally {
      this.isStarting = false;
    }
  }

  follow() {
    if (this.player.isPlaying) {
      const heard = this.player.heard();
      const shown = heard !== undefined && this.stillness.matches ? this.course.countAt(heard) : heard;
      this.road.show(shown, shown !== undefined && this.player.isSilent(shown));
      requestAnimationFrame(() => this.follow());
    }
  }

  stopped() {
    Page.find("play-button").textContent = "Play";
    const minutes = Math.max(1, Math.round((Date.now() - this.began) / 60_000));
    Page.find("minutes").value = Math.max(minutes, Number(Page.find("minutes").value));
    this.road.show(undefined, false);
  }

  // The log.

  connectLog() {
    Page.find("name").value = this.log.kept.name || Page.find("name").value;
    Page.find("name").addEventListener("change", () => {
      this.log.kept.name = Page.find("name").value.trim();
      this.kept(this.log.keep());
    });
    Page.find("add").addEventListener("click", () => this.add());
    Page.find("send").addEventListener("click", () => this.send());
  }

  kept(could) {
    if (!could) {
      this.say("This browser keeps nothing for this page. Send your log before you close it.");
    }
    return could;
  }

  add() {
    const minutes = Math.round(Number(Page.find("minutes").value));
    if (!(minutes >= 1 && minutes <= 1440)) {
      this.say("Type the minutes, from 1 to 1440.");
      return;
    }
    this.log.kept.name = Page.find("name").value.trim();
    const tempo = this.exercise.tempos[Page.find("percent").value];
    const [clean, words] = [Page.find("clean").value, Page.find("words").value];
    if (this.kept(this.log.add(this.exercise, minutes, tempo, clean, words))) {
      this.say("Added to your log.");
    }
    Page.find("words").value = "";
    this.showLog();
  }

  showLog() {
    const { entries } = this.log.kept;
    const items = entries.map((entry) => {
      const when = entry.begun.replace("T", " ").slice(0, 16);
      const parts = [when, entry.what, entry.seconds / 60 + " min", entry.tempo, entry.clean, entry.words];
      return Page.make("li", { textContent: parts.filter(Boolean).join(", ") });
    });
    Page.find("entries").replaceChildren(...items);
    Page.find("send").disabled = entries.length === 0;
  }

  async send() {
    const file = new File([this.log.file()], "practice log.json", { type: "application/json" });
    if (navigator.canShare?.({ files: [file] })) {
      await navigator.share({ files: [file] }).catch(() => this.say("Nothing was sent."));
      return;
    }
    const link = Page.make("a", { href: URL.createObjectURL(file), download: file.name });
    link.click();
    this.say("Your log is in the file " + file.name + ". Send it to your teacher.");
  }
}

const page = new Page(JSON.parse(document.getElementById("booklet").textContent));
