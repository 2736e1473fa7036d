import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { allPacks, isHeardOf } from '../../pack/store';
import parts from '../../shell/parts.module.css';

/** The way on where there is no network: with whose boards this device can be talked. */
export function TalkHere() {
  const { data: packs = [] } = useQuery({
    queryKey: ['talk packs'],
    queryFn: async () => ('indexedDB' in window ? (await allPacks()).filter((pack) => isHeardOf(pack)) : []),
    staleTime: 0,
  });
  if (packs.length === 0) return null;
  return (
    <p>
      {t`Talk works without network here:`}{' '}
      {packs.map((pack) => (
        <Link key={pack.vocabulary} className={parts.door} to={`/vocabularies/${pack.vocabulary}/talk`}>
          {pack.name}
        </Link>
      ))}
    </p>
  );
}
