import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Simulated } from '@/core/people';
import { dataFolder } from '../shell/database';

/** Whether the data in this folder is the demo's: all of it is made up, so that a simulated reading is as good as any. */
export const isDemoData = (): boolean => existsSync(demoFile());

/** Where it is written down that this folder holds the demo. */
export const demoFile = (): string => join(dataFolder(), 'demo.json');

/** A reading with the mark that a simulated one carries here, whatever its sender called it. */
export const withMark = <T extends { readonly simulated?: Simulated | undefined }>(
  reading: T,
  isDemo: boolean,
): T => (reading.simulated === undefined ? reading : { ...reading, simulated: isDemo ? 'demo' : 'own' });
