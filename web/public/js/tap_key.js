// What a tap is known by, handed over twice or not. Pages that come over plain http on a name have no
// crypto.randomUUID; getRandomValues they have.
export const tapKey = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, "0")).join(
    "",
  );
