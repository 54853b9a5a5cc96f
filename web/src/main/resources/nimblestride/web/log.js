/** What somebody practiced, kept in the browser, and sent to the teacher as a file. */
class Log {
  constructor(title) {
    this.key = "practice:" + title;
    this.kept = Log.read(this.key) ?? { name: "", entries: [], ticked: [] };
  }

  static read(key) {
    try {
      return JSON.parse(localStorage.getItem(key));
    } catch {
      return null;
    }
  }

  /** Keeps everything in the browser. Returns whether it could. */
  keep() {
    try {
      localStorage.setItem(this.key, JSON.stringify(this.kept));
      return true;
    } catch {
      return false;
    }
  }

  isTicked(exercise, stage) {
    return this.kept.ticked.includes(exercise.title + " " + stage);
  }

  tick(exercise, stage, isDone) {
    const one = exercise.title + " " + stage;
    this.kept.ticked = this.kept.ticked.filter((other) => other !== one).concat(isDone ? [one] : []);
    return this.keep();
  }

  add(exercise, minutes, tempo, clean, words) {
    const now = new Date();
    const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
    const entry = { id: Log.id(), what: exercise.title, begun: local, seconds: minutes * 60 };
    if (tempo) {
      entry.tempo = tempo;
    }
    if (exercise.id) {
      entry.exercise = exercise.id;
    }
    if (clean) {
      entry.clean = clean;
    }
    if (words.trim()) {
      entry.words = words.trim();
    }
    this.kept.entries.push(entry);
    return this.keep();
  }

  static id() {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 0x0f) | 0x40;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
  }

  /** Returns the file for the teacher. */
  file() {
    const entries = this.kept.entries.map((entry) => JSON.stringify(entry)).join(",\n");
    const name = JSON.stringify(this.kept.name || "Student");
    return `{"format": "nimble-stride-log", "version": 1, "name": ${name}, "entries": [\n${entries}\n]}\n`;
  }
}
