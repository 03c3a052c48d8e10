import { handPlacesIn, isSeated, STANCES, type HandPlace, type StanceKind } from '@/core/body';
import { PERSON_SHOWS, PERSON_VIEWS, type MovementFigure, type PersonIn, type PersonView } from '@/core/hand';
import { SelectField } from '@/ui/form/select-field';

type Props = { figure: MovementFigure; onChange: (figure: MovementFigure) => void };

const VIEWS: Readonly<Record<PersonView, string>> = {
  front: 'the front',
  side: 'the side',
  corner: 'half from the side',
  above: 'above',
};
const SHOWS: Readonly<Record<(typeof PERSON_SHOWS)[number], string>> = {
  upper: 'from the knees up',
  feet: 'the feet',
};
const SEATED: PersonIn = { stance: 'on a chair', hands: 'on the thighs', from: 'corner', main: true };

/** Whether the hands or a whole person are the picture, and how that person sits, stands and is seen. */
export function PersonFields({ figure, onChange }: Props) {
  const person = figure.person?.main ? figure.person : null;
  const set = (change: Partial<PersonIn>) =>
    onChange({ ...figure, person: { ...(person ?? SEATED), ...change } });
  return (
    <div className="flex flex-wrap gap-4">
      <SelectField
        label="The picture is of"
        value={person ? 'person' : 'hands'}
        choices={[
          ['hands', 'the hands'],
          ['person', 'a person'],
        ]}
        onChange={(of) => onChange(of === 'person' ? { ...figure, person: SEATED } : withoutPerson(figure))}
      />
      {person && (
        <>
          <SelectField
            label="The person is"
            value={person.stance}
            choices={STANCES.map((s) => [s, s])}
            onChange={(stance) => onChange({ ...figure, person: inStance(person, stance as StanceKind) })}
          />
          <SelectField
            label="The hands are"
            value={person.hands}
            choices={handPlacesIn(person.stance).map((h) => [h, h])}
            onChange={(hands) => set({ hands: hands as HandPlace })}
          />
          <SelectField
            label="The person is seen from"
            value={person.from}
            choices={PERSON_VIEWS.map((v): [string, string] => [v, VIEWS[v]])}
            onChange={(from) => set({ from: from as PersonView })}
          />
          {isSeated(person.stance) && (
            <SelectField
              label="Shown"
              value={person.shows ?? ''}
              choices={[['', 'all of them'], ...PERSON_SHOWS.map((s): [string, string] => [s, SHOWS[s]])]}
              onChange={(shows) => onChange({ ...figure, person: shown(person, shows) })}
            />
          )}
        </>
      )}
    </div>
  );
}

/** Hands and what is shown as they can be there. */
function inStance({ shows, ...person }: PersonIn, stance: StanceKind): PersonIn {
  const places = handPlacesIn(stance);
  const hands = places.includes(person.hands)
    ? person.hands
    : places.includes('on the support')
      ? 'on the support'
      : 'free';
  return { ...person, stance, hands, ...(shows && isSeated(stance) && { shows }) };
}

function withoutPerson({ person: _, ...rest }: MovementFigure): MovementFigure {
  return rest;
}

function shown({ shows: _, ...person }: PersonIn, shows: string): PersonIn {
  return shows === '' ? person : { ...person, shows: shows as NonNullable<PersonIn['shows']> };
}
