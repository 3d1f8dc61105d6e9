import { useParams } from 'react-router';
import { PageHeader, PartLinks } from '../shared/page/Page.tsx';
import { ProjectsPart } from './ProjectsPart.tsx';
import { PeoplePart, TagsPart, TemplatesPart } from './registers.tsx';
import css from './Settings.module.css';
import { YouPart } from './YouPart.tsx';

const PARTS = ['you', 'projects', 'people', 'tags', 'templates'] as const;

/** The user, and what rules and tasks name: projects, people, tags and task templates. */
export function SettingsPage() {
  const { part = 'you' } = useParams();
  return (
    <div className={css.page}>
      <PageHeader title="Settings">
        <PartLinks
          parts={PARTS.map((name) => ({
            to: `/settings/${name}`,
            name: name === 'templates' ? 'task templates' : name,
            current: name === part,
          }))}
        />
      </PageHeader>
      {part === 'you' && <YouPart />}
      {part === 'projects' && <ProjectsPart />}
      {part === 'people' && <PeoplePart />}
      {part === 'tags' && <TagsPart />}
      {part === 'templates' && <TemplatesPart />}
    </div>
  );
}
