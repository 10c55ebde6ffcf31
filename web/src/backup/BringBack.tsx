import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import { type BackupHeld, upload } from '../api/client';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { holds } from './held';

/** A backup is looked at before it is brought back, and brought back into an empty studio only. */
export function BringBack({ empty }: { empty: boolean }) {
  const client = useQueryClient();
  const go = useNavigate();
  const id = useId();
  const [file, setFile] = useState<File | null>(null);
  const look = useMutation({
    mutationFn: (chosen: File) => upload<BackupHeld>('/api/backups/look', chosen),
  });
  const restore = useMutation({
    mutationFn: (chosen: File) => upload<BackupHeld>('/api/backups/restore', chosen),
    onSuccess: async () => {
      // nothing of what was asked before is of this studio any more
      client.clear();
      await go('/');
    },
  });
  const choose = (chosen: File | undefined) => {
    restore.reset();
    setFile(chosen ?? null);
    if (chosen) {
      look.mutate(chosen);
    }
  };
  const held = look.data;
  return (
    <Card title="Bring one back">
      <Text fontSize="13.5px" color="soft" mb="3">
        {empty
          ? 'This studio is empty: all of a backup can be brought back into it.'
          : 'A backup is brought back into an empty studio, so that nothing here is written over. You can look what one holds.'}
      </Text>
      <chakra.label
        htmlFor={id}
        display="inline-block"
        px="4"
        py="2"
        borderWidth="1px"
        borderColor="fold"
        borderRadius="md"
        bg="card"
        fontSize="14px"
        cursor="pointer"
        _focusWithin={{ outline: '2px solid', outlineColor: 'sea', outlineOffset: '2px' }}
      >
        Choose a file…
        <chakra.input
          id={id}
          type="file"
          accept=".zip"
          srOnly
          onChange={(e) => choose(e.target.files?.[0])}
        />
      </chakra.label>
      {file !== null && (
        <Text as="span" ml="3" fontSize="13.5px" color="soft">
          {file.name}
        </Text>
      )}
      {look.isPending && (
        <Text mt="3" fontSize="13.5px" color="soft" role="status">
          It is read and counted…
        </Text>
      )}
      <Refusal of={look.error} />
      {held && (
        <Box mt="4" data-testid="held">
          <Text fontWeight="600">{held.studioName}</Text>
          <Text fontSize="13.5px" color="soft">
            of{' '}
            {new Date(held.madeAt).toLocaleString('en', {
              dateStyle: 'long',
              timeStyle: 'short',
            })}
            , whole and as it was written
          </Text>
          <Box as="ul" mt="2" pl="5" listStyleType="disc" fontSize="14px">
            {holds(held).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
          {empty ? (
            <Flex mt="4" align="center" gap="4">
              <Button
                look="sea"
                loading={restore.isPending}
                onClick={() => file && restore.mutate(file)}
              >
                Bring it all back
              </Button>
              {held.people > 0 && (
                <Text fontSize="13.5px" color="soft">
                  People sign in as they did then.
                </Text>
              )}
            </Flex>
          ) : (
            <Text mt="3" fontSize="13.5px" color="soft">
              To bring it back, start an empty studio beside this one, with{' '}
              <chakra.code fontSize="13px" bg="card" px="1.5" color="ink">
                bin/start --empty --data NEW
              </chakra.code>
              , and come to this page there.
            </Text>
          )}
          <Refusal of={restore.error} />
        </Box>
      )}
    </Card>
  );
}
