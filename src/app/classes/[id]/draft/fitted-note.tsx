import { Button } from '@/ui/form/button';

/** What gave way as a ready class was fitted, until it is put away. */
export function FittedNote({ lines, onClose }: { lines: readonly string[]; onClose: () => void }) {
  return (
    <section
      aria-label="Fitted"
      role="status"
      className="my-3 flex flex-wrap items-start gap-x-6 gap-y-2 rounded-2xl border-2 border-edge bg-paper px-5 py-3"
    >
      <div className="min-w-0 flex-1 basis-96">
        <h2 className="text-lg">Fitted to who comes and to the bag</h2>
        <ul className="mt-1 list-disc pl-5">
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </div>
      <Button look="quiet" onClick={onClose}>
        Close
      </Button>
    </section>
  );
}
