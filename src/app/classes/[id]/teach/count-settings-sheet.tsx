'use client';

import { Dialog } from 'radix-ui';
import { COUNT_ORDERS, COUNT_UNITS } from '@/core/teach';
import { capital } from '@/core/words';
import { Button } from '@/ui/form/button';
import { SelectField } from '@/ui/form/select-field';
import { Sheet } from './sheet';
import { VOICES } from '@/ui/voice/voice';
import type { CountSound } from './use-count-sound';
import { MIRRORS, SOUNDS, type CountSettings } from '@/ui/hooks/use-count-settings';

type Props = {
  open: boolean;
  onClose: () => void;
  settings: CountSettings;
  onChange: (change: Partial<CountSettings>) => void;
  heard: CountSound;
};

const choices = <T extends string>(all: readonly T[], words: Partial<Record<T, string>> = {}) =>
  all.map((value) => [value, words[value] ?? capital(value)] as const);

/** Whether anything is heard, and with which voice. */
function soundWords(sound: CountSettings['sound'], { audioNow, hasVoice }: CountSound): string {
  if (audioNow === 'held back') return 'The browser holds the sound back: tap once more';
  if (sound === 'voice' && hasVoice === false) return 'The voice could not be fetched: clicks alone';
  return audioNow === 'running' ? 'Sound is on' : 'Sound begins with the first tap';
}

/** How the count sounds and runs, which way the hands face, and the second window. */
export function CountSettingsSheet({ open, onClose, settings, onChange, heard }: Props) {
  const { sound, volume, style, mirror } = settings;
  return (
    <Sheet open={open} onClose={onClose}>
      <div className="flex items-center justify-between gap-4">
        <Dialog.Title className="text-xl font-bold">Sound and count</Dialog.Title>
        <Dialog.Close asChild>
          <Button>Done</Button>
        </Dialog.Close>
      </div>
      <Dialog.Description className="text-soft">Kept on this machine for the next class.</Dialog.Description>
      <div className="mt-3 flex flex-wrap gap-x-6 gap-y-4">
        <SelectField
          label="Sound"
          value={sound}
          choices={choices(SOUNDS, { clicks: 'Clicks', voice: 'Clicks and voice' })}
          onChange={(value) => onChange({ sound: value as CountSettings['sound'] })}
        />
        {sound === 'voice' && (
          <SelectField
            label="Voice"
            value={settings.voice}
            choices={choices(VOICES, { Oskil: 'Oskil’s', own: 'My own, recorded in Settings' })}
            onChange={(value) => onChange({ voice: value as CountSettings['voice'] })}
          />
        )}
        <label className="w-64">
          <span className="mb-1 block font-semibold">Volume</span>
          <input
            type="range"
            min={0}
            max={100}
            step={5}
            className="h-11 w-full accent-ink"
            value={volume}
            onChange={(e) => onChange({ volume: Number(e.target.value) })}
          />
        </label>
        {sound !== 'silent' && (
          <div>
            <Button onClick={() => void heard.tryOut()}>Try it out</Button>
            <p className="mt-1 text-soft" role="status">
              {soundWords(sound, heard)}
            </p>
          </div>
        )}
        <SelectField
          label="Count"
          value={style.order}
          choices={choices(COUNT_ORDERS, {
            'last few': 'Only the last three',
            'first and last': 'First and last only',
            silent: 'No numbers said',
          })}
          onChange={(value) => onChange({ style: { ...style, order: value as typeof style.order } })}
        />
        <SelectField
          label="What is counted"
          value={style.unit}
          choices={choices(COUNT_UNITS, {
            usual: 'As usual for the dose',
            repetition: 'Each repetition',
            second: 'Each second',
            breath: 'In and out',
            beat: 'Each beat of the music',
          })}
          onChange={(value) => onChange({ style: { ...style, unit: value as typeof style.unit } })}
        />
        <SelectField
          label="Hands on the screen"
          value={mirror}
          choices={choices(MIRRORS)}
          onChange={(value) => onChange({ mirror: value as CountSettings['mirror'] })}
        />
      </div>
      <h3 className="mt-6 text-lg">Screen for the room</h3>
      <p>
        A second window for a television or projector: the hands, the count, the side and the breath, and no
        names.
      </p>
      <Button className="mt-2" onClick={() => window.open('/room', 'oskil-room')}>
        Open the room screen
      </Button>
    </Sheet>
  );
}
