'use client';

import { useState } from 'react';
import { OWN_WORDS, type OwnWord } from '@/core/voice';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';
import { ownClip } from '@/ui/voice/voice';
import { sayAt } from '@/ui/voice/play';
import { useRecording } from './use-recording';

/** Every word of the count: what is recorded can be heard and said again, the rest is recorded one word after the other. */
export function OwnVoice({ first }: { first: readonly OwnWord[] }) {
  const [words, setWords] = useState<ReadonlyMap<string, OwnWord>>(new Map(first.map((w) => [w.word, w])));
  const [chosen, setChosen] = useState<string | null>(null);
  const recording = useRecording((word) => setWords((all) => new Map(all).set(word.word, word)));
  const left = OWN_WORDS.filter((w) => !words.has(w));
  const again = chosen === null ? undefined : words.get(chosen);
  const forget = async () => {
    const gone = await requestJson('DELETE', '/api/voice', {});
    if (gone.ok) setWords(new Map());
  };
  if (recording.now !== null)
    return (
      <section aria-label="Recording" className="text-center">
        <p className="text-xl text-soft">Say</p>
        <p className="text-[5rem] leading-tight font-bold" role="status">
          {recording.now}
        </p>
        <p className="text-lg">{recording.left} to come after it</p>
        <Button className="mt-6 px-8 py-3 text-xl" onClick={recording.stop}>
          Stop
        </Button>
      </section>
    );
  return (
    <>
      <p className="max-w-3xl text-lg">
        Two seconds a word, one after the other: each is shown, you say it as you would in class. It is cut to
        what you said and made as loud as the others. What you leave out is said by the voice that ships with
        Oskil. Choose your own voice under Sound while teaching.
      </p>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        {left.length > 0 && (
          <Button look="main" className="px-8 py-3 text-xl" onClick={() => recording.start(left)}>
            {words.size === 0 ? `Record ${left.length} words` : `Record the ${left.length} that are missing`}
          </Button>
        )}
        {words.size > 0 && <Button onClick={() => void forget()}>Throw my voice away</Button>}
        <p role="status">
          {words.size} of {OWN_WORDS.length} recorded
        </p>
      </div>
      <Trouble message={recording.trouble} />
      <ul className="mt-6 flex flex-wrap gap-2">
        {OWN_WORDS.map((word) => (
          <li key={word}>
            <button
              type="button"
              aria-pressed={word === chosen}
              onClick={() => setChosen(word === chosen ? null : word)}
              className={`min-h-11 rounded-full border-2 px-4 aria-pressed:bg-ink aria-pressed:text-paper ${words.has(word) ? 'border-ink font-semibold' : 'border-dashed border-edge'}`}
            >
              {word}
              {!words.has(word) && <span className="sr-only">, not recorded</span>}
            </button>
          </li>
        ))}
      </ul>
      {chosen !== null && (
        <p className="mt-4 flex flex-wrap items-center gap-3 text-lg">
          <strong>{chosen}</strong>
          {again && <Button onClick={() => hear(again)}>Hear it</Button>}
          <Button onClick={() => recording.start([chosen])}>{again ? 'Say it again' : 'Record it'}</Button>
        </p>
      )}
    </>
  );
}

function hear(word: OwnWord) {
  const context = new AudioContext();
  const clip = ownClip(word);
  sayAt(context, context.destination, [clip], context.currentTime + 0.05);
  setTimeout(() => void context.close(), clip.seconds * 1_000 + 500);
}
