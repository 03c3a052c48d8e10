import { toast } from 'sonner';
import { requestJson } from './request-json';

/** How long the way back stays in sight, ms. */
const IN_SIGHT_MS = 15_000;

/** Put back what was taken away, and say so; `onThere` once it is. */
export async function putBackAndTell(id: string, name: string, onThere: () => void): Promise<void> {
  const back = await requestJson('POST', `/api/taken-away/${id}`, {});
  if (!back.ok) return void toast.error(back.message, { duration: IN_SIGHT_MS });
  toast(`${name} is there again`);
  onThere();
}

/** Say that something is taken away, with the way back. */
export function tellTaken(taken: { readonly id: string; readonly name: string }, onThere: () => void): void {
  toast(`${taken.name} is taken away`, {
    action: { label: 'Undo', onClick: () => void putBackAndTell(taken.id, taken.name, onThere) },
    duration: IN_SIGHT_MS,
  });
}
