import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Button } from '../common/Button';

/** Codes that are shown once, to be put on paper: without them a forgotten password is lost. */
export function Codes({
  codes,
  signIn,
  onKept,
}: {
  codes: ReadonlyArray<string>;
  signIn: string;
  onKept: () => void;
}) {
  const [copied, setCopied] = useState(false);
  const text = [`Craft Map, codes of ${signIn}. Each is good once.`, ...codes].join('\n');
  return (
    <Box as="section" aria-label="Your codes">
      <Text fontSize="14px" mb="3">
        <b>Keep these somewhere else than on this device.</b> Each lets you choose a new password,
        once, should you forget it. They are not shown again.
      </Text>
      <Grid
        templateColumns="1fr 1fr"
        gap="1"
        p="3"
        bg="card"
        borderWidth="1px"
        borderColor="hairline"
        borderRadius="md"
        fontFamily="mono"
        fontSize="15px"
        textAlign="center"
      >
        {codes.map((code) => (
          <Text key={code} whiteSpace="nowrap">
            {code}
          </Text>
        ))}
      </Grid>
      <Flex mt="4" gap="2" wrap="wrap">
        <Button look="sea" size="md" onClick={onKept}>
          I have them safe
        </Button>
        <Button size="md" onClick={() => window.print()}>
          Print
        </Button>
        <Button
          size="md"
          onClick={() => {
            void navigator.clipboard.writeText(text).then(() => setCopied(true));
          }}
        >
          {copied ? 'Copied' : 'Copy'}
        </Button>
      </Flex>
    </Box>
  );
}
