/** Run something some times and print its median and p95, ms; the first tenth warms up and is not counted. */
export function report(name: string, times: number, work: (i: number) => void): void {
  const warm = Math.ceil(times / 10);
  for (let i = 0; i < warm; i++) work(i);
  const took = Array.from({ length: times }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const at = (share: number) => took[Math.min(times - 1, Math.floor(times * share))]!.toFixed(2);
  process.stdout.write(`  ${name}: median ${at(0.5)} ms, p95 ${at(0.95)} ms\n`);
}
