const exercise = JSON.parse(document.getElementById("exercise").textContent);
const find = (id) => document.getElementById(id);
const course = new Course(exercise);
const player = new Player(course, exercise.sounds);
const log = new Log(exercise);
const layers = [...new Set(exercise.sections.flatMap((section) => section.layers.map((layer) => layer.name)))];
const road = new Road(find("road"), course, layers);

function say(words) {
  find("said").textContent = words;
}

// Playing.

/** Whoever asks for reduced motion sees the marker step from count to count. */
const stillness = matchMedia("(prefers-reduced-motion: reduce)");
let played = 0;

async function playOrStop() {
  if (player.isPlaying) {
    player.stop();
    return;
  }
  find("play-button").textContent = "Stop";
  try {
    await player.start();
    played = Date.now();
    follow();
  } catch (error) {
    find("play-button").textContent = "Play";
    say("This browser can't play it: " + error.message);
  }
}

player.onStop = () => {
  find("play-button").textContent = "Play";
  const minutes = Math.max(1, Math.round((Date.now() - played) / 60_000));
  find("minutes").value = Math.max(minutes, Number(find("minutes").value));
  road.show(undefined, false);
};

function follow() {
  if (player.isPlaying) {
    const heard = player.heard();
    const shown = heard !== undefined && stillness.matches ? course.countAt(heard) : heard;
    road.show(shown, shown !== undefined && player.isSilent(shown));
    requestAnimationFrame(follow);
  }
}

function setPercent(percent) {
  player.setPercent(percent);
  find("percent").value = percent;
  find("percent-shown").textContent = shown(percent);
}

function shown(percent) {
  const tempo = exercise.tempos[Math.round(percent)];
  return Math.round(percent) + " %" + (tempo ? ", " + tempo : "");
}

find("percent-shown").textContent = shown(100);
find("play-button").addEventListener("click", playOrStop);
find("percent").addEventListener("input", () => setPercent(Number(find("percent").value)));
find("count-in").addEventListener("change", () => (player.countsIn = find("count-in").checked));
find("click").addEventListener("change", () => (player.click = find("click").value));
find("silent").addEventListener("change", () => (player.silentEvery = Number(find("silent").value)));
road.bars.forEach((svg, number) => {
  svg.addEventListener("click", () => {
    const chosen = String(number);
    find("loop").value = find("loop").value === chosen ? "all" : chosen;
    find("loop").dispatchEvent(new Event("change"));
  });
});
find("loop").addEventListener("change", () => {
  if (player.isPlaying) {
    player.stop();
  }
  const bar = course.bars[Number(find("loop").value)];
  player.loop = bar ? { from: bar.from, to: bar.to } : { from: 0, to: course.seconds };
  road.bars.forEach((svg, number) => svg.classList.toggle("looped", find("loop").value === String(number)));
});
course.bars.forEach((bar, number) => find("loop").append(new Option("bar " + (number + 1), number)));
document.addEventListener("keydown", (event) => {
  if (event.key === " " && !event.target.closest("button, input, select")) {
    event.preventDefault();
    playOrStop();
  }
});

// Layers, stages, and the ladder.

const boxes = new Map();
for (const layer of layers) {
  const box = Object.assign(document.createElement("input"), { type: "checkbox", checked: true });
  box.addEventListener("change", () => (box.checked ? player.muted.delete(layer) : player.muted.add(layer)));
  boxes.set(layer, box);
  const label = document.createElement("label");
  const dot = Object.assign(document.createElement("span"), { textContent: " \u25cf " });
  dot.ariaHidden = "true";
  label.className = "layer-" + (boxes.size - 1) % Road.COLORS;
  label.append(box, dot, layer);
  find("layers").append(label);
}

function playOnly(names) {
  for (const [layer, box] of boxes) {
    box.checked = names.length === 0 || names.includes(layer);
    box.dispatchEvent(new Event("change"));
  }
}

exercise.stages.forEach((stage, number) => {
  const box = Object.assign(document.createElement("input"), { type: "checkbox" });
  box.checked = log.kept.ticked.includes(number);
  box.addEventListener("change", () => {
    log.kept.ticked = log.kept.ticked.filter((one) => one !== number).concat(box.checked ? [number] : []);
    keep();
  });
  const set = Object.assign(document.createElement("button"), { type: "button", textContent: "Set up" });
  set.addEventListener("click", () => {
    setPercent(stage.percent);
    playOnly(stage.layers);
    say("Set up: " + stage.title + ".");
  });
  const label = document.createElement("label");
  label.append(box, " " + stage.title + " ");
  const item = document.createElement("li");
  item.append(label, set);
  find("stages").querySelector("ol").append(item);
});
find("stages").hidden = exercise.stages.length === 0;

for (const rung of exercise.ladder) {
  const button = Object.assign(document.createElement("button"), { type: "button", textContent: rung.tempo });
  button.addEventListener("click", () => setPercent(rung.percent));
  find("ladder").append(button, " ");
}
find("ladder").hidden = exercise.ladder.length === 0;

// The log.

function keep() {
  if (!log.keep()) {
    say("This browser keeps nothing for this page. Send your log before you close it.");
  }
}

function showLog() {
  find("entries").replaceChildren(
    ...log.kept.entries.map((entry) => {
      const item = document.createElement("li");
      const parts = [entry.begun.replace("T", " ").slice(0, 16), entry.seconds / 60 + " min", entry.tempo];
      item.textContent = [...parts, entry.clean, entry.words].filter(Boolean).join(", ");
      return item;
    }),
  );
  find("send").disabled = log.kept.entries.length === 0;
}

find("name").value = log.kept.name || find("name").value;
find("name").addEventListener("change", () => {
  log.kept.name = find("name").value.trim();
  keep();
});
find("add").addEventListener("click", () => {
  const minutes = Math.round(Number(find("minutes").value));
  if (!(minutes >= 1 && minutes <= 1440)) {
    say("Type the minutes, from 1 to 1440.");
    return;
  }
  log.kept.name = find("name").value.trim();
  log.add(minutes, exercise.tempos[find("percent").value], find("clean").value, find("words").value);
  keep();
  find("words").value = "";
  showLog();
  say("Added to your log.");
});
find("send").addEventListener("click", async () => {
  const file = new File([log.file()], "practice log.json", { type: "application/json" });
  if (navigator.canShare?.({ files: [file] })) {
    await navigator.share({ files: [file] }).catch(() => say("Nothing was sent."));
    return;
  }
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = file.name;
  link.click();
  say("Your log is in the file " + file.name + ". Send it to your teacher.");
});
showLog();
