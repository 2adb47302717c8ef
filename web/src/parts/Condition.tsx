import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { server } from '../api/queries';
import { Notice } from './Notice';

/** What is wrong with where the shop is kept; nothing where all is well. */
export function Condition() {
  const condition = useQuery(server.condition());
  const lines = condition.data?.lines ?? [];
  return lines.length === 0 ? null : (
    <Notice tone="hot">
      <ul className="grid gap-1">
        {lines.map((line) => (
          <li key={line.id}>
            <b>{line.text}</b> {line.mend}
          </li>
        ))}
      </ul>
      <Link to="/backup" className="link">
        Go to the backups
      </Link>
    </Notice>
  );
}
