/** What somebody practiced, kept in the browser, and sent to the teacher as a file. */
class Log {
  constructor(exercise) {
    this.exercise = exercise;
    this.key = "practice:" + exercise.title;
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

  add(minutes, tempo, clean, words) {
    const now = new Date();
    const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
    const entry = { id: Log.id(), what: this.exercise.title, begun: local, seconds: minutes * 60 };
    if (tempo) {
      entry.tempo = tempo;
    }
    if (this.exercise.id) {
      entry.exercise = this.exercise.id;
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
