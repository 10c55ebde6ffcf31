import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';

/** Which designs of the shelf have a colour in them. */
export function DesignsOfColour({ hex }: { hex: string }) {
  const [asked, setAsked] = useState(false);
  const designs = useQuery({
    queryKey: keys.designsOfColour(hex),
    enabled: asked,
    queryFn: () => ask(api.GET('/api/colours/designs', { params: { query: { hex } } })),
  });
  return (
    <Box mt="3">
      <Section title="What goes with it">
        {!asked && (
          <Button size="xs" onClick={() => setAsked(true)}>
            Designs with this colour in them
          </Button>
        )}
        {asked && designs.isPending && (
          <Text role="status" fontSize="13px" color="soft">
            Looking through the shelf…
          </Text>
        )}
        {designs.isError && <Refusal of={designs.error} />}
        {designs.data?.length === 0 && (
          <Text fontSize="13px">None of your designs has this colour, or one like it.</Text>
        )}
        {designs.data?.map((d) => (
          <Link key={d.id} to={`/shelf/designs/${d.id}`}>
            <Flex gap="2" align="center" py="1" borderRadius="md" _hover={{ bg: 'seaWash' }}>
              <Box
                w="34px"
                h="34px"
                flexShrink={0}
                borderRadius="md"
                bg={d.picture ? undefined : d.hex}
                backgroundImage={d.picture ? `url(${d.picture})` : undefined}
                backgroundSize="cover"
                backgroundPosition="center"
                borderWidth="1px"
                borderColor="hairline"
              />
              <Box
                w="14px"
                h="14px"
                borderRadius="full"
                bg={d.hex}
                borderWidth="1px"
                borderColor="fold"
                aria-hidden
              />
              <Box flex="1" minW="0" lineHeight="1.25">
                <Text>{d.name}</Text>
                <Text fontSize="12px" color="soft">
                  {d.kindText} · {d.differsText}
                </Text>
              </Box>
            </Flex>
          </Link>
        ))}
      </Section>
    </Box>
  );
}
