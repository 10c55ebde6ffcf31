import { Box } from '@chakra-ui/react';
import { Link } from 'react-router';
import { Empty } from '../common/States';

export function NotHere() {
  return (
    <Box p="8">
      <Empty title="There is nothing at this address" level="h1">
        <Link to="/">Back to the pieces</Link>
      </Empty>
    </Box>
  );
}
