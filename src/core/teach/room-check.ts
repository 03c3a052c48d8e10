import { z } from 'zod';
import { nameList } from '../words';

/** What is looked at before a class, by id, and as it is named once it was not. */
export const ROOM_CHECK = [
  ['space', 'Space to both sides and above; floor dry; good light on your hands', 'space, floor and light'],
  ['chairs', 'Sturdy chairs without wheels, feet flat', 'chairs'],
  ['rings', 'Rings, watches and bracelets off; sleeves loose', 'rings and sleeves'],
  ['water', 'Water in reach; props clean and counted', 'water and props'],
  ['people', 'Who is new, and who is sore today', 'who is new or sore'],
  ['help', 'First-aid kit, phone and exits known; helper briefed', 'first aid, exits and helper'],
] as const;
type RoomCheckId = (typeof ROOM_CHECK)[number][0];

const IDS = ROOM_CHECK.map(([id]) => id) as [RoomCheckId, ...RoomCheckId[]];
export const roomCheckSchema = z.array(z.enum(IDS)).max(IDS.length);

/** What was ticked of it, for the record of the class. */
export function roomCheckWords(ticked: readonly string[]): string {
  const open = ROOM_CHECK.filter(([id]) => !ticked.includes(id)).map(([, , name]) => name);
  if (open.length === 0) return 'All of the room check was ticked before the class.';
  if (open.length === ROOM_CHECK.length) return 'Nothing of the room check was ticked before the class.';
  return `Room check before the class, not ticked: ${nameList(open)}.`;
}
