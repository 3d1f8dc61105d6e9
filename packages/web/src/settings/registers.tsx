import { registers } from '@hatband/contract';
import { Person, Tag, TaskTemplate } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { call } from '../api/call.ts';
import { register } from '../api/queries.ts';
import { PeopleCards } from './PeopleCards.tsx';
import { RegisterPart } from './RegisterPart.tsx';
import { TemplateParts } from './TemplateParts.tsx';

const { people, tags, templates } = registers;

export function PeoplePart() {
  const { data } = useQuery(register(people));
  return (
    <RegisterPart
      kind="people"
      written={people.save.body}
      schema={Person}
      items={data?.items ?? []}
      add={(body) => call(people.add, { body })}
      save={(seen, body) => call(people.save, { ...seen, body })}
      remove={(seen) => call(people.remove, seen)}
      one="person"
      above={<PeopleCards />}
      hint="Rules know senders by their addresses, and groups of people by the name of the group."
    />
  );
}

export function TagsPart() {
  const { data } = useQuery(register(tags));
  return (
    <RegisterPart
      kind="tags"
      written={tags.save.body}
      schema={Tag}
      items={data?.items ?? []}
      add={(body) => call(tags.add, { body })}
      save={(seen, body) => call(tags.save, { ...seen, body })}
      remove={(seen) => call(tags.remove, seen)}
      one="tag"
      hint="Tags that have a colour of their own; rules may set others too."
    />
  );
}

export function TemplatesPart() {
  const { data } = useQuery(register(templates));
  return (
    <RegisterPart
      kind="templates"
      written={templates.save.body}
      schema={TaskTemplate}
      items={data?.items ?? []}
      add={(body) => call(templates.add, { body })}
      save={(seen, body) => call(templates.save, { ...seen, body })}
      remove={(seen) => call(templates.remove, seen)}
      one="task template"
      hint="A template fills what a task still lacks, where a rule’s route names it."
      apart={['values', 'reminders', 'effort']}
      more={(body, onChange) => <TemplateParts template={body} onChange={onChange} />}
    />
  );
}
