// Asks for the part of a page that the server draws anew: its HTML, null where there is none, or where a
// newer question was asked meanwhile. Throws where the kitchen does not answer.
export function partOf(name) {
  let asked = 0;
  return async (address) => {
    const ticket = ++asked;
    const answer = await fetch(address, { headers: { accept: "text/html", "x-kettle-part": name } });
    const html = answer.ok ? await answer.text() : null;
    return ticket === asked ? html : null;
  };
}
