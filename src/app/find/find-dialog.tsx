'use client';

import { Command } from 'cmdk';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { GLOSSARY } from '@/catalogue/glossary';
import { search } from '@/core/search';
import { findMovements } from '@/core/shelf';
import type { Findable } from '@/server/shell/findable';
import { useCatalogue } from '@/ui/catalogue';
import { commandsHere, type PageCommand } from '@/ui/commands';
import { THEME_COMMANDS } from '@/ui/page/theme-commands';
import { requestJson } from '@/ui/request-json';
import { shortDay } from '@/ui/words/dates';
import { PAGES } from './pages';

/** Somewhere to go; or, with `run`, something to do, whose `href` only tells it from others. */
type Found = {
  readonly name: string;
  readonly href: string;
  readonly rest: string;
  readonly run?: () => void;
};
/** So many of each kind are shown at once. */
const SHOWN = 6;

type Props = { open: boolean; onOpenChange: (open: boolean) => void };

/** What Find anything opens: loaded with its first opening, since it brings the whole catalogue. */
export function FindDialog({ open, onOpenChange }: Props) {
  const router = useRouter();
  const [query, setQuery] = useState('');
  const kinds = useFound(open, query);
  const choose = ({ href, run }: Found) => {
    onOpenChange(false);
    setQuery('');
    if (run) run();
    else router.push(href);
  };
  return (
    <Command.Dialog
      open={open}
      onOpenChange={onOpenChange}
      shouldFilter={false}
      label="Find anything"
      overlayClassName="fixed inset-0 z-40 bg-ink/40"
      contentClassName="fixed top-[10vh] left-1/2 z-50 w-[38rem] max-w-[94vw] -translate-x-1/2 rounded-2xl border-2 border-ink bg-paper p-3 shadow-lg"
    >
      <Command.Input
        value={query}
        onValueChange={setQuery}
        placeholder="A page, a person, a class, a movement, something to do"
        className="min-h-12 w-full rounded-xl border-2 border-edge bg-paper px-3 text-lg"
      />
      <Command.List className="mt-2 max-h-[60vh] overflow-y-auto">
        <Command.Empty className="px-3 py-2 text-soft">Nothing is called that.</Command.Empty>
        {kinds.map(({ kind, found }) =>
          found.length === 0 ? null : (
            <Command.Group
              key={kind}
              heading={kind}
              className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
            >
              {found.map((one) => (
                <Command.Item
                  key={one.href}
                  value={`${kind} ${one.href}`}
                  onSelect={() => choose(one)}
                  className="flex min-h-11 cursor-pointer items-center rounded-lg px-3 data-[selected=true]:bg-ink data-[selected=true]:text-paper"
                >
                  {one.name}
                </Command.Item>
              ))}
            </Command.Group>
          ),
        )}
      </Command.List>
    </Command.Dialog>
  );
}

/** What the words find, kind by kind; of nothing typed only the pages and the steps of the class one is in. */
function useFound(open: boolean, query: string): readonly { kind: string; found: readonly Found[] }[] {
  const catalogue = useCatalogue();
  const path = usePathname();
  const [there, setThere] = useState<Findable | null>(null);
  useEffect(() => {
    if (!open) return;
    let left = false;
    void requestJson<Findable>('GET', '/api/find').then((result) => {
      if (result.ok && !left) setThere(result.value);
    });
    return () => {
      left = true;
    };
  }, [open]);
  const [, classId] = /^\/classes\/([0-9a-f-]{36})/.exec(path) ?? [];
  const among = (entries: readonly Found[]) => search(entries, ({ name, rest }) => ({ name, rest }), query);
  const typed = query.trim() !== '';
  const people = (there?.people ?? []).map(({ id, name }) => ({ name, href: `/people/${id}`, rest: '' }));
  const classes = (there?.classes ?? []).map(({ id, name, week, day }) => ({
    name: `${name}, week ${week}, ${shortDay(day)}`,
    href: `/classes/${id}`,
    rest: day,
  }));
  const movements = typed
    ? findMovements(catalogue, query).map((m) => ({
        name: m.name,
        href: `/movements/${m.id}`,
        rest: '',
      }))
    : [];
  return [
    { kind: 'Steps of this class', found: classId ? among(stepsOf(classId)) : [] },
    { kind: 'Do here', found: among(open ? commandsHere().map(foundOf) : []).slice(0, typed ? SHOWN : 0) },
    { kind: 'On this device', found: typed ? among(THEME_COMMANDS.map(foundOf)) : [] },
    { kind: 'Pages', found: among(PAGES.map(([name, href, rest = '']) => ({ name, href, rest }))) },
    { kind: 'Words', found: typed ? among(WORDS).slice(0, SHOWN) : [] },
    { kind: 'People', found: typed ? among(people).slice(0, SHOWN) : [] },
    { kind: 'Classes', found: typed ? among(classes).slice(0, SHOWN) : [] },
    { kind: 'Movements', found: movements.slice(0, SHOWN) },
  ];
}

const WORDS: readonly Found[] = GLOSSARY.map(({ id, word }) => ({
  name: `What is meant by: ${word.toLowerCase()}`,
  href: `/words#${id}`,
  rest: '',
}));

const foundOf = ({ name, words, run }: PageCommand): Found => ({ name, href: `#${name}`, rest: words, run });

const stepsOf = (classId: string): readonly Found[] =>
  (
    [
      ['Plan', '', 'rows order'],
      ['Print', '/paper', 'cue sheet paper'],
      ['Door', '/door', 'check in ask'],
      ['Teach', '/teach', 'start count'],
      ['Wrap-up', '/wrap-up', 'write up'],
      ['Who moves on', '/decide', 'rungs progress'],
      ['Cards', '/home', 'home practice'],
      ['Rehearse', '/rehearse', 'practise'],
      ['Measuring day', '/measuring', 'grip range'],
    ] as const
  ).map(([name, part, rest]) => ({ name, href: `/classes/${classId}${part}`, rest }));
