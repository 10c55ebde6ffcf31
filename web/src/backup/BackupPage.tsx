import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { fromNow } from '../account/roles';
import { useMe } from '../account/useMe';
import type { BackupMade } from '../api/client';
import { Card } from '../bench/parts';
import { Refusal } from '../common/Refusal';
import { ErrorState, Loading } from '../common/States';
import { BringBack } from './BringBack';
import { isTime, size } from './held';
import { useBackups } from './useBackups';

/** Everything of the studio in one file, and the way back. */
export function BackupPage() {
  const owner = useMe().data?.role === 'OWNER';
  // the latest that was there when another was asked for
  const [askedAfter, setAskedAfter] = useState<string | null>(null);
  const backups = useBackups(owner, askedAfter !== null);
  const last = backups.data?.made[0];
  useEffect(() => {
    if (askedAfter !== null && (last?.at ?? '') !== askedAfter) {
      setAskedAfter(null);
    }
  }, [askedAfter, last?.at]);
  if (!owner) {
    return (
      <Box maxW="600px" mx="auto" px="6" py="6">
        <Text color="soft">The studio's owners make its backups and bring them back.</Text>
      </Box>
    );
  }
  if (backups.isPending) {
    return <Loading what="the backups" />;
  }
  if (backups.isError && backups.data === undefined) {
    return <ErrorState problem={backups.error} again={() => backups.refetch()} />;
  }
  const due = isTime(last?.at, Date.now());
  return (
    <Box maxW="1120px" mx="auto" px="6" py="5">
      <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600" mb="1">
        Backup
      </Heading>
      <Text color="soft" fontSize="13.5px" mb="4" maxW="720px">
        One file with everything: pieces with their plans and history, the shelf with every entry of
        its ledgers, photos, the log, people. It is made while you work, and read back and counted
        before you get it.
      </Text>
      <Flex gap="5" align="flex-start" wrap="wrap">
        <Box flex="1 1 440px" minW="0">
          <Card title="Make one">
            {due && (
              <Text mb="3" fontSize="13.5px" fontWeight="500" color="rust">
                {last === undefined
                  ? 'None was made of this studio yet.'
                  : 'The last one is older than a fortnight.'}
              </Text>
            )}
            <Flex align="center" gap="4">
              <chakra.a
                href="/api/backups/file"
                download
                onClick={() => setAskedAfter(last?.at ?? '')}
                bg="sea"
                color="sheet"
                px="4"
                py="2"
                borderRadius="md"
                fontWeight="600"
                fontSize="14px"
                whiteSpace="nowrap"
                flexShrink={0}
                _hover={{ bg: 'ink' }}
              >
                Make a backup
              </chakra.a>
              <Text fontSize="13.5px" color="soft" role="status">
                {askedAfter === null
                  ? 'It comes among your downloads. Keep it on another disk, or away from here.'
                  : 'It is being made, read back and counted…'}
              </Text>
            </Flex>
            <Refusal of={backups.error} />
            <Made made={backups.data.made} />
          </Card>
          <Card title="At the machine">
            <Text fontSize="13.5px" color="soft">
              <Command>bin/backup FILE</Command> makes the same file, also every night from a
              timetable; <Command>bin/restore FILE</Command> brings one back, also into a new folder
              on a new machine.
            </Text>
          </Card>
        </Box>
        <Box flex="1 1 400px" minW="0">
          <BringBack empty={backups.data.empty} />
        </Box>
      </Flex>
    </Box>
  );
}

const Command = chakra('code', {
  base: { fontSize: '13px', bg: 'card', px: '1.5', py: '0.5', borderRadius: 'sm', color: 'ink' },
});

function Made({ made }: { made: ReadonlyArray<BackupMade> }) {
  if (made.length === 0) {
    return null;
  }
  return (
    <Box as="ul" listStyleType="none" mt="4" aria-label="Made lately">
      {made.map((one) => (
        <Flex
          as="li"
          key={one.at}
          justify="space-between"
          gap="3"
          py="1.5"
          borderTopWidth="1px"
          borderColor="hairline"
          fontSize="13.5px"
        >
          <Text>
            {fromNow(one.at, Date.now())}
            {one.by && ` · ${one.by}`}
          </Text>
          <Text color="soft" fontFeatureSettings="'tnum'">
            {size(one.bytes)} · {one.entries.toLocaleString('en')} entries
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
