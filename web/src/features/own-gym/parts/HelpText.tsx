import { marked } from 'marked';
import { useMemo } from 'react';
import type { HelpPage } from './helpPages';
import styles from '../OwnGym.module.css';

/** A page of our own, from Markdown that ships with the app. */
export function HelpText({ page }: { page: HelpPage }) {
  const html = useMemo(() => marked.parse(page.text, { async: false }), [page]);
  return <div className={styles.help} dangerouslySetInnerHTML={{ __html: html }} />;
}
