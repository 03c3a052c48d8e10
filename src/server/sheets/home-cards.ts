import { homeCard } from '@/core/paper/home-card';
import type { Sheet } from '@/core/paper/sheet';
import { fullName } from '@/core/people/person';
import type { Catalogue } from '@/core/catalogue/movement';
import type { CardToPrint } from '../home';
import { dayWords } from './day-words';

/** A card to take home, on one side. */
export const homeCardSheet = (
  { card, person, info, nextClass }: CardToPrint,
  catalogue: Catalogue,
): Sheet => ({
  title: `At home: ${fullName(person)}`,
  line: `After ${info.name}, ${dayWords.long(info.day)}`,
  blocks: homeCard({
    rows: card.rows,
    timesADay: card.timesADay,
    wantedTask: person.wantedTask,
    classDay: info.day,
    nextDay: nextClass?.day ?? null,
    catalogue,
    say: dayWords,
  }),
  print: 'normal',
  sides: 1,
});
