import { Flex } from '@chakra-ui/react';
import { Link, useLocation } from 'react-router';
import { Button } from '../common/Button';
import { usePlan } from '../plan/PlanProvider';

const VIEWS = [
  ['survey', 'Unfolded'],
  ['standing', 'As it stands'],
  ['photos', 'Photos'],
] as const;

/** Three ways to look at the piece that is surveyed. */
export function SurveyTabs() {
  const { piece } = usePlan();
  const here = useLocation().pathname.split('/')[3];
  return (
    <Flex as="nav" aria-label="Views of the piece" gap="1">
      {VIEWS.map(([path, name]) => (
        <Link key={path} to={`/pieces/${piece.id}/${path}`}>
          <Button
            as="span"
            size="sm"
            look={here === path ? 'sea' : 'quiet'}
            aria-current={here === path ? 'page' : undefined}
          >
            {name}
          </Button>
        </Link>
      ))}
    </Flex>
  );
}
