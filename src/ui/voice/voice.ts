import { clipsOf, fromMuLaw, SPEECH_RATE, spokenPart, type OwnWord } from '@/core/voice';
import { requestJson } from '../request-json';

/** One clip as the audio clock plays it: from where in its buffer, and how long, s. */
export type Clip = { readonly buffer: AudioBuffer; readonly from: number; readonly seconds: number };

export type Voice = {
  /** Fetch and decode what these phrases need, so that it is there when its time comes. */
  readonly prepare: (phrases: readonly string[]) => Promise<void>;
  /** The clips of a phrase, in order; null where the voice cannot say it or it is not decoded yet. */
  readonly clips: (phrase: string) => readonly Clip[] | null;
  /** Whether the voice can say it at all; null while it is still being fetched. */
  readonly can: (phrase: string) => boolean | null;
};

type Places = Readonly<Record<string, readonly [from: number, bytes: number]>>;
type Pack = { readonly places: Places; readonly bytes: ArrayBuffer };

/** Opus where the browser has it, else MP3. */
const KINDS = ['opus', 'mp3'] as const;
type Kind = (typeof KINDS)[number];
const TYPES: Readonly<Record<Kind, string>> = { opus: 'audio/ogg; codecs="opus"', mp3: 'audio/mpeg' };

const kinds = (): readonly Kind[] => {
  const player = document.createElement('audio');
  const plays = KINDS.filter((kind) => player.canPlayType(TYPES[kind]) !== '');
  return plays.length > 0 ? plays : KINDS;
};

async function fetched(kind: Kind): Promise<Pack> {
  const [places, bytes] = await Promise.all([
    fetch(`/voice/clips.${kind}.json`).then(okay),
    fetch(`/voice/clips.${kind}`).then(okay),
  ]);
  return { places: (await places.json()) as Places, bytes: await bytes.arrayBuffer() };
}

const okay = (reply: Response): Response => {
  if (!reply.ok) throw new Error(`${reply.url}: ${reply.status}`);
  return reply;
};

/** Clips are decoded to it; a page without sound yet can do that too. */
const SAMPLE_RATE = 48_000;

/** Whose voice is heard: the one that ships with Oskil, or one's own for the words that were recorded. */
export const VOICES = ['Oskil', 'own'] as const;
export type VoiceOf = (typeof VOICES)[number];

/** One of an instructor's own words, as it is played. */
export function ownClip({ sound }: OwnWord): Clip {
  const bytes = Uint8Array.from(atob(sound), (c) => c.charCodeAt(0));
  const buffer = new AudioBuffer({ length: bytes.length, sampleRate: SPEECH_RATE });
  buffer.copyToChannel(Float32Array.from(bytes, fromMuLaw), 0);
  return { buffer, from: 0, seconds: buffer.duration };
}

async function ownClips(): Promise<readonly (readonly [string, Clip])[]> {
  const told = await requestJson<{ words: readonly OwnWord[] }>('GET', '/api/voice');
  return told.ok ? told.value.words.map((one) => [one.word, ownClip(one)] as const) : [];
}

/** A voice, decoded as it is needed; what was not recorded is said by the one that ships. Where neither can be had it says nothing. */
export function openVoice(of: VoiceOf = 'Oskil', sampleRate = SAMPLE_RATE): Voice {
  const context = new OfflineAudioContext(1, 1, sampleRate);
  let pack: Pack | null = null;
  let isOpen = false;
  const clips = new Map<string, Clip>();
  const own = new Set<string>();
  const isThere = (clip: string) => own.has(clip) || (pack !== null && Object.hasOwn(pack.places, clip));
  const partsOf = (phrase: string) => clipsOf(phrase, isThere);

  async function decode(word: string) {
    const place = pack?.places[word];
    if (!place) return;
    const [from, bytes] = place;
    const buffer = await context.decodeAudioData(pack!.bytes.slice(from, from + bytes));
    const samples = buffer.getChannelData(0);
    // A decoder may put silence before what is said.
    const part = spokenPart(samples, buffer.sampleRate) ?? { from: 0, to: samples.length };
    const seconds = (position: number) => position / buffer.sampleRate;
    clips.set(word, { buffer, from: seconds(part.from), seconds: seconds(part.to - part.from) });
  }

  async function open() {
    if (of === 'own')
      for (const [word, clip] of await ownClips()) {
        own.add(word);
        clips.set(word, clip);
      }
    await openPack();
  }
  async function openPack() {
    for (const kind of kinds())
      try {
        pack = await fetched(kind);
        return await decode(own.has('1') ? 'ready' : '1');
      } catch {
        pack = null;
      }
  }
  const opened = open().finally(() => {
    isOpen = true;
  });

  return {
    prepare: async (phrases) => {
      await opened;
      const words = new Set(phrases.flatMap((phrase) => partsOf(phrase) ?? []));
      for (const word of words) if (!clips.has(word)) await decode(word).catch(() => undefined);
    },
    clips: (phrase) => {
      const parts = partsOf(phrase)?.map((word) => clips.get(word));
      return parts?.every((clip) => clip !== undefined) ? parts : null;
    },
    can: (phrase) => (isOpen ? partsOf(phrase) !== null : null),
  };
}
