import { Input } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Card } from '../../design/page/Card';
import { GymNav } from '../../design/frame/GymNav';
import { Workbench } from '../../design/page/Workbench';
import { found, helpPages } from './parts/helpPages';
import { HelpText } from './parts/HelpText';
import styles from './OwnGym.module.css';

/** A short page for each place: what it decides, how, and its limits. Comes with the app, so it is there without a network. */
export function HelpPage() {
  const { place } = useParams();
  const [text, setText] = useState('');
  const shown =
    text.trim() === '' ? helpPages.filter((page) => page.place === (place ?? 'class')) : found(text);
  return (
    <Workbench
      title={text.trim() === '' ? (shown[0]?.title ?? 'No such page') : titleOf(shown.length, text.trim())}
      nav={<GymNav />}
      decisionFirst
      decision={
        <Card label="All pages">
          <Input
            size="large"
            aria-label="Search the help"
            placeholder="Search"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <ul className={styles.pages}>
            {helpPages.map((page) => (
              <li key={page.place}>
                <Link to={`/gym/help/${page.place}`} onClick={() => setText('')}>
                  {page.title}
                </Link>
              </li>
            ))}
          </ul>
          <p className={styles.pages}>
            <Link to="/gym/help/api">The API, for those who build on it</Link>
          </p>
        </Card>
      }
    >
      {shown.length === 0 && <p role="status">Nothing is said of that. Try another word.</p>}
      {shown.map((page) => (
        <Card key={page.place} label={page.title}>
          <HelpText page={page} />
        </Card>
      ))}
    </Workbench>
  );
}

function titleOf(pages: number, text: string): string {
  return pages === 1 ? `One page about “${text}”` : `${pages} pages about “${text}”`;
}
