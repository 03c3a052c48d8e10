/** What is asked once before somebody's first class, each with what a yes is kept as. */
export const SCREENING_QUESTIONS: readonly { readonly ask: string; readonly kept: string }[] = [
  {
    ask: 'Have you broken a bone in a hand, wrist or arm, or had an operation or an injection there?',
    kept: 'Wrist or hand fracture, or recent hand surgery; “not cleared” until a clinician has said so',
  },
  {
    ask: 'Do joints of your hands get hot, swollen or much stiffer at times? Are they so today?',
    kept: 'Inflammatory arthritis or hand osteoarthritis, and whether it is in flare',
  },
  {
    ask: 'Do fingers tingle, go numb, or feel less than they did?',
    kept: 'Median-nerve trouble or reduced feeling',
  },
  {
    ask: 'Have you been told that your bones are thin, or has a bone of your spine broken?',
    kept: 'Osteoporosis or osteopenia, past spine fracture',
  },
  {
    ask: 'Do you take blood thinners, or does your skin tear or bruise easily?',
    kept: 'Fragile skin or blood thinners',
  },
  {
    ask: 'Do you have high or unstable blood pressure, trouble with the heart, a pacemaker, or high eye pressure?',
    kept: 'High blood pressure or heart disease, pacemaker, eye pressure',
  },
  {
    ask: 'Do you get dizzy or unsteady, or have you fallen in the last year? Does anything still hurt from it?',
    kept: 'Dizziness, faints or balance trouble; fall with pain',
  },
  {
    ask: 'Have you had a stroke, or is one side weaker? Does a shoulder or your neck limit you?',
    kept: 'One-sided weakness, neck or shoulder trouble',
  },
  {
    ask: 'Is there anything that you must not touch, such as latex, or a ring that does not come off?',
    kept: 'Latex allergy, ring that does not come off',
  },
  {
    ask: 'Has a doctor or therapist told you what your hands must not do? Until when?',
    kept: 'A clearance, in their words and with its dates',
  },
];
