/** Runs once when the server starts: opens the data, loads the demo if asked, and closes on a signal. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { startUp } = await import('./server/start-up');
  await startUp();
}
