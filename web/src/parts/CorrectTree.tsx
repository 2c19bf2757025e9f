import { useMayTeach } from '../app/index.ts';
import { AppLink } from './AppLink.tsx';

/** The way from where a tree is met to where its tag, species and place are corrected. */
export function CorrectTree({ tag }: { tag: string }) {
  const mayTeach = useMayTeach();
  if (!mayTeach || tag === '') return null;
  return <AppLink to={`/material?edit=${encodeURIComponent(tag)}`}>Correct tree {tag}</AppLink>;
}
