import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link, Outlet, useMatch } from 'react-router';
import { useMe } from '../account/useMe';
import { useNexts, usePieces } from '../api/queries';
import { Empty, ErrorState, Loading } from '../common/States';

/** A device that is for the bench alone goes from what is next to a piece's steps, and nowhere else. */
export function OnDevice() {
  const device = useMe().data?.device;
  const atWork = useMatch('/pieces/:pieceId/work/:stepId?') !== null;
  return device?.benchOnly && !atWork ? <BenchStart device={device.name} /> : <Outlet />;
}

/** Where a device begins that is for the bench alone: what each piece waits for, to be tapped. */
function BenchStart({ device }: { device: string }) {
  const pieces = usePieces(false, '');
  const nexts = useNexts();
  if (pieces.isError) {
    return <ErrorState problem={pieces.error} again={() => void pieces.refetch()} />;
  }
  if (!pieces.data) {
    return <Loading what="the pieces" />;
  }
  return (
    <Box as="main" h="100%" overflow="auto" bg="paper">
      <title>At the bench · Craft Map</title>
      <Box maxW="900px" mx="auto" px="5" py="5">
        <Flex justify="space-between" align="baseline" gap="4" mb="4">
          <Heading as="h1" fontFamily="heading" fontSize="34px" fontWeight="600">
            At the bench
          </Heading>
          <Text color="soft" fontSize="16px">
            {device}
          </Text>
        </Flex>
        {pieces.data.length === 0 && (
          <Empty title="No piece yet">Pieces are started at the studio’s machine.</Empty>
        )}
        {pieces.data.map((piece) => {
          const next = nexts.data?.find((n) => n.pieceId === piece.id);
          return (
            <Link key={piece.id} to={`/pieces/${piece.id}/work`}>
              <Box
                minH="84px"
                px="5"
                py="3.5"
                mb="3"
                bg="sheet"
                borderWidth="1px"
                borderColor="hairline"
                borderRadius="xl"
                _hover={{ borderColor: 'sea' }}
              >
                <Text fontFamily="heading" fontSize="23px" fontWeight="600" lineHeight="1.25">
                  {piece.name}
                </Text>
                <Text fontSize="17px" color={next?.late ? 'rust' : 'soft'}>
                  {next === undefined
                    ? nexts.isPending
                      ? '…'
                      : 'Nothing to do on it now'
                    : [next.nextText, next.readyText].filter((t) => t !== '').join(' · ')}
                </Text>
              </Box>
            </Link>
          );
        })}
      </Box>
    </Box>
  );
}
