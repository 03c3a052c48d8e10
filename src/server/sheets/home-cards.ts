import { USUAL_HOURS } from '@/core/home';
import { homeCard, type Sheet } from '@/core/paper';
import { fullName } from '@/core/people';
import type { Catalogue } from '@/core/catalogue';
import type { CardToPrint } from '../home/home';
import { dayWords } from './day-words';

/** A card to take home, on one side. */
export const homeCardSheet = (
  { card, person, info, nextClass, pace }: CardToPrint,
  catalogue: Catalogue,
): Sheet => ({
  title: `At home: ${fullName(person)}`,
  line: `After ${info.name}, ${dayWords.long(info.day)}`,
  blocks: homeCard({
    rows: card.rows,
    timesADay: card.timesADay,
    hours: card.hours ?? USUAL_HOURS,
    wantedTask: person.wantedTask,
    classDay: info.day,
    nextDay: nextClass?.day ?? null,
    catalogue,
    pace,
    say: dayWords,
  }),
  print: 'normal',
  sides: 1,
});
