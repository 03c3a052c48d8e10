import { doseIssues, FINGERS } from '../dose';
import type { Catalogue } from './catalogue';
import { isSeated, RESISTED, type Movement } from './movement';
import type { Prop } from './prop';

/** What is wrong with a movement, in sentences; none for a whole one. `catalogue` is what it may refer to. */
export function movementIssues(m: Movement, catalogue: Catalogue): readonly string[] {
  return [
    ...referenceIssues(m, catalogue),
    ...ladderIssues(m),
    ...rangeIssues(m),
    ...fingerIssues(m),
    ...passIssues(m),
    ...positionIssues(m, catalogue),
    ...workIssues(m, catalogue),
    ...wordIssues(m),
  ];
}

function referenceIssues(m: Movement, catalogue: Catalogue): string[] {
  const movements = [...m.follows, ...m.counters, ...(m.seatedAlternative ? [m.seatedAlternative] : [])];
  return [
    ...movements
      .filter((id) => !catalogue.movement(id))
      .map((id) => `It refers to “${id}”, which is not in the catalogue`),
    ...(m.propId && !catalogue.prop(m.propId) ? [`Its prop “${m.propId}” is not in the catalogue`] : []),
    ...[...m.alsoWith, ...m.aids]
      .filter((id) => !catalogue.prop(id))
      .map((id) => `A prop it may be done with, “${id}”, is not in the catalogue`),
    ...(m.propId && !m.noProp.trim() ? ['Say how it is done with no prop'] : []),
  ];
}

function ladderIssues({ rungs }: Movement): string[] {
  const usual = rungs.filter((r) => r.changes === null).length;
  return [
    ...(usual === 1 ? [] : ['Exactly one rung is the usual form']),
    ...(rungs.length < 3 || rungs.length > 8 ? ['A ladder has three to eight rungs'] : []),
    ...(rungs[0]?.changes === null ? ['There is no easier rung'] : []),
    ...(rungs.some((r) => !r.words.trim()) ? ['Each rung needs its words'] : []),
  ];
}

function rangeIssues({ dose, lengthMs }: Movement): string[] {
  const held = dose.count.mode === 'hold' ? dose.count.holdMs : null;
  return [
    ...doseIssues(dose),
    ...(lengthMs && lengthMs[0] > lengthMs[1] ? ['The shortest length is over the longest'] : []),
    ...(lengthMs && held !== null && (held < lengthMs[0] || held > lengthMs[1])
      ? ['The usual hold must lie between the shortest and the longest']
      : []),
  ];
}

/** A sequence that names fingers names all four; the thumb may come too. */
function fingerIssues({ dose: { count } }: Movement): string[] {
  if (count.mode !== 'sequence') return [];
  const named = count.steps.filter((s) => (FINGERS as readonly string[]).includes(s));
  if (named.length === 0) return [];
  const missing = FINGERS.filter((f) => f !== 'thumb' && !named.includes(f));
  return missing.map((f) => `The ${f} finger is left out of the sequence`);
}

/** Its usual dose is made of passes that it has, each by a name of its own. */
function passIssues({ passes, dose }: Movement): string[] {
  const names = passes.map((p) => p.name);
  return [
    ...dose.passes
      .filter((p) => !names.includes(p.name))
      .map((p) => `Its dose has a pass “${p.name}”, which the movement has not got`),
    ...(new Set(names).size < names.length ? ['Each pass has a name of its own'] : []),
    ...(names.length === 1 ? ['One pass alone needs no name: leave it out, or add another'] : []),
  ];
}

function positionIssues(m: Movement, catalogue: Catalogue): string[] {
  const [first] = m.positions;
  const seatedFirst = first === 'chair' || first === 'table';
  const twin = m.seatedAlternative ? catalogue.movement(m.seatedAlternative) : undefined;
  return [
    ...(first ? [] : ['Choose at least one position']),
    ...(isSeated(m) && !seatedFirst ? ['The seated form comes first'] : []),
    ...(!isSeated(m) && !(twin && isSeated(twin))
      ? ['Without a seated form it needs a seated movement for the others']
      : []),
    ...((m.positions.includes('floor') || m.traits.includes('impact')) && !m.clearanceReason
      ? ['Floor positions and impact stay off until somebody is cleared for them']
      : []),
  ];
}

function workIssues(m: Movement, catalogue: Catalogue): string[] {
  const countersWrists = m.counters.some((id) =>
    catalogue.movement(id)?.traits.includes('backs of the hands stretched'),
  );
  return [
    ...(m.effort === 'load' && !countersWrists
      ? ['Loading needs a backs-of-the-hands stretch to counter it']
      : []),
    ...(m.effort === 'load' && !m.loadSetUp ? ['Loading needs its set-up, for the weight model'] : []),
    ...(RESISTED.has(m.effort) && !m.noProp.trim() ? ['Resisted work needs a way with no prop'] : []),
  ];
}

function wordIssues(m: Movement): string[] {
  const between = (n: number, min: number, max: number) => n >= min && n <= max;
  return [
    ...(m.name.trim() ? [] : ['Give it a name']),
    ...(m.what.trim() ? [] : ['Say what is done']),
    ...(between(m.cues.length, 2, 4) ? [] : ['Give two to four things to say']),
    ...(between(m.watch.length, 1, 3) ? [] : ['Give one to three things to watch']),
    ...(m.joints.length > 0 ? [] : ['Choose at least one joint that it moves']),
  ];
}

export function propIssues({ grades, edge, substitute }: Prop): readonly string[] {
  const falls = grades.some(({ forceLine }) =>
    forceLine?.some(([c, f], i) => i > 0 && (c <= forceLine[i - 1]![0] || f < forceLine[i - 1]![1])),
  );
  return [
    ...(grades.length > 0 ? [] : ['A prop has at least one grade']),
    ...(falls ? ['A force line rises with closure'] : []),
    ...(edge === 'square' ? ['Nothing square-edged on skin'] : []),
    ...(substitute.trim() ? [] : ['Name a household substitute']),
  ];
}

/** Everything that is wrong with a catalogue, each sentence with whose it is. */
export function catalogueIssues(catalogue: Catalogue): readonly string[] {
  const doubled = (list: readonly string[]) => list.filter((id, i) => list.indexOf(id) !== i);
  const { movements, props } = catalogue;
  return [
    ...doubled(movements.map((m) => m.id)).map((id) => `${id}: the id is used twice`),
    ...doubled(movements.map((m) => m.name)).map((name) => `${name}: the name is used twice`),
    ...doubled(props.map((p) => p.id)).map((id) => `${id}: the prop is there twice`),
    ...movements.flatMap((m) => movementIssues(m, catalogue).map((issue) => `${m.id}: ${issue}`)),
    ...props.flatMap((p) => propIssues(p).map((issue) => `${p.id}: ${issue}`)),
  ];
}
