import { Link, useParams } from 'react-router';
import { PageHeader } from '../shared/Page.tsx';
import { ProjectsPart } from './ProjectsPart.tsx';
import { PeoplePart, TagsPart, TemplatesPart } from './registers.tsx';
import css from './Settings.module.css';

const PARTS = ['projects', 'people', 'tags', 'templates'] as const;

/** What rules and tasks name: projects, people, tags and task templates. */
export function SettingsPage() {
  const { part = 'projects' } = useParams();
  return (
    <div className={css.page}>
      <PageHeader title="Settings">
        <nav className={css.tabs} aria-label="Parts of this screen">
          {PARTS.map((name) => (
            <Link key={name} to={`/settings/${name}`} aria-current={name === part ? 'page' : undefined}>
              {name === 'templates' ? 'task templates' : name}
            </Link>
          ))}
        </nav>
      </PageHeader>
      {part === 'projects' && <ProjectsPart />}
      {part === 'people' && <PeoplePart />}
      {part === 'tags' && <TagsPart />}
      {part === 'templates' && <TemplatesPart />}
    </div>
  );
}
