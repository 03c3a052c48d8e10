import { ADVICE_SIGNS, STOP_SIGNS } from '@/core/teach/incident';

/** Where to stop, whom to call, when to ask for advice; for the wall. */
export function SafetySheet({ venue }: { venue: string }) {
  return (
    <div className="grid gap-5 text-[1.35rem]">
      <section>
        <h3 className="text-xl">Stop, and get help, at</h3>
        <ul className="list-disc pl-7">
          {STOP_SIGNS.map((sign) => (
            <li key={sign}>{sign}</li>
          ))}
        </ul>
      </section>
      <section>
        <h3 className="text-xl">Here</h3>
        {venue ? (
          <p className="whitespace-pre-line">{venue}</p>
        ) : (
          <p className="text-soft">
            The venue’s own wording is not written yet: first-aid rules, the number to call, where the kit,
            the phone and the exits are. It is written in Settings.
          </p>
        )}
      </section>
      <section>
        <h3 className="text-xl">Ask for advice, though not today, at</h3>
        <ul className="list-disc pl-7">
          {ADVICE_SIGNS.map((sign) => (
            <li key={sign}>{sign}</li>
          ))}
        </ul>
      </section>
      <p className="text-base">
        Each person’s own clinician, local rules and the instructor’s qualification come first.
      </p>
    </div>
  );
}
