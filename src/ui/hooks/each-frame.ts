/** How often something is looked at where motion is not wanted, ms. */
const STILL_EVERY_MS = 100;

export const isStill = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

/** Draw on each frame until it is ended; where motion is not wanted ten times a second, which is enough for what steps. */
export function eachFrame(draw: () => void): () => void {
  if (isStill()) {
    const timer = setInterval(draw, STILL_EVERY_MS);
    return () => clearInterval(timer);
  }
  let frame = requestAnimationFrame(function next() {
    draw();
    frame = requestAnimationFrame(next);
  });
  return () => cancelAnimationFrame(frame);
}
