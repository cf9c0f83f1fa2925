// Moves the pot at the stove: bed and water by the levels the drawing carries.
export function follow(drawing) {
  const levels = JSON.parse(drawing.dataset.levels);
  const scale = Number(drawing.dataset.scale);
  const floor = Number(drawing.dataset.floor);
  const began = Date.now() - Number(drawing.dataset.min) * 60000;
  const top = Number(drawing.dataset.top);
  const parts = {
    water_mm: [drawing.querySelector(".water")],
    bed_mm: [drawing.querySelector(".bed"), drawing.querySelector(".grains")],
  };

  return () => {
    const min = (Date.now() - began) / 60000;
    const level = levels.findLast((entry) => entry.min <= min) ?? levels[0];
    for (const [key, drawn] of Object.entries(parts)) {
      const y = Math.max(floor - level[key] * scale, top);
      for (const part of drawn) {
        part.setAttribute("y", y);
        part.setAttribute("height", floor - y);
      }
    }
  };
}
