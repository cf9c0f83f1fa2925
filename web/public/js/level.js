// Moves the pot at the stove: bed and water by the levels the drawing carries.
export function follow(drawing) {
  const levels = JSON.parse(drawing.dataset.levels);
  const scale = Number(drawing.dataset.scale);
  const floor = Number(drawing.dataset.floor);
  const began = Date.now() - Number(drawing.dataset.min) * 60000;
  const parts = { water_mm: drawing.querySelector(".water"), bed_mm: drawing.querySelector(".bed") };

  return () => {
    const min = (Date.now() - began) / 60000;
    const level = levels.findLast((entry) => entry.min <= min) ?? levels[0];
    for (const [key, part] of Object.entries(parts)) {
      const height = level[key] * scale;
      part.setAttribute("y", floor - height);
      part.setAttribute("height", height);
    }
  };
}
