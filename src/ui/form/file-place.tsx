type Props = {
  /** Endings and types that are offered first. */
  accept: string;
  onFile: (file: File | undefined) => void;
};

/** Where a file is chosen or dropped. */
export function FilePlace({ accept, onFile }: Props) {
  return (
    <label
      data-file-place
      className="flex min-h-24 cursor-pointer flex-wrap items-center gap-4 rounded-2xl border-2 border-dashed border-edge px-6 py-4 max-sm:px-3"
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        onFile(e.dataTransfer.files[0]);
      }}
    >
      <span className="font-semibold">Choose a file, or drop it here</span>
      <input
        type="file"
        accept={accept}
        className="w-full max-w-md min-w-0 file:mr-4 file:min-h-11 file:cursor-pointer file:rounded-full file:border-2 file:border-solid file:border-edge file:bg-paper file:px-5 file:font-semibold"
        onChange={(e) => onFile(e.target.files?.[0])}
      />
    </label>
  );
}
