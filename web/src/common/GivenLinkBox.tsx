import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Button } from './Button';

/** A link that is shown once, to be given away. */
export function GivenLinkBox({
  forWhom,
  lets,
  path,
  onRead,
}: {
  forWhom: string;
  /** what it lets one do, and until when */
  lets: string;
  path: string;
  onRead: () => void;
}) {
  const [copied, setCopied] = useState(false);
  const link = window.location.origin + path;
  return (
    <Box
      as="section"
      role="status"
      aria-label="The link"
      bg="mossWash"
      borderWidth="1px"
      borderColor="moss"
      borderRadius="lg"
      p="4"
      mb="4"
    >
      <Text fontSize="14px" mb="2">
        Give this link to <b>{forWhom}</b>. {lets} It is not shown again.
      </Text>
      <Input
        aria-label="Link to give away"
        readOnly
        size="sm"
        bg="card"
        fontFamily="mono"
        fontSize="12.5px"
        value={link}
        onFocus={(e) => e.currentTarget.select()}
      />
      <Flex gap="2" mt="2">
        <Button
          look="sea"
          onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}
        >
          {copied ? 'Copied' : 'Copy'}
        </Button>
        <Button onClick={onRead}>Done</Button>
      </Flex>
    </Box>
  );
}
