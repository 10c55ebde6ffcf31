import { Box, Flex, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, ask, type CoatProduct } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';

/** The few colours of a picture, each with the paint and the mix that come nearest to it. */
export function PictureColours({
  designId,
  onGround,
}: {
  designId: string;
  /** where a ground can be painted in one of them */
  onGround?: (product: CoatProduct) => void;
}) {
  const colours = useQuery({
    queryKey: keys.designColours(designId),
    queryFn: () =>
      ask(api.GET('/api/designs/{id}/colours', { params: { path: { id: designId } } })),
  });
  if (colours.isError) {
    return <Refusal of={colours.error} />;
  }
  if (colours.data?.length === 0) {
    return null;
  }
  return (
    <Box mt="3">
      <Section title="Colours in it">
        {!colours.data && (
          <Text role="status" fontSize="13px" color="soft">
            Reading its colours…
          </Text>
        )}
        <Flex as="ul" direction="column" gap="2.5" listStyleType="none">
          {colours.data?.map((c) => (
            <Flex as="li" key={c.hex} gap="2.5">
              <Flex direction="column" flexShrink={0} w="40px">
                <Box
                  h="30px"
                  borderRadius="md"
                  bg={c.hex}
                  borderWidth="1px"
                  borderColor="fold"
                  title={c.hex}
                />
                <Text fontSize="11.5px" color="soft" textAlign="center">
                  {c.shareText}
                </Text>
              </Flex>
              <Box fontSize="13px" flex="1" minW="0" lineHeight="1.35">
                {c.nearest && (
                  <Near
                    colour={c.nearest.colour}
                    name={c.nearest.name}
                    off={c.nearest.differsText}
                  />
                )}
                <Mixed hex={c.hex} />
                {onGround && (
                  <Flex gap="1">
                    {c.nearest && (
                      <Button
                        look="plain"
                        size="xs"
                        px="0"
                        mr="2"
                        aria-label={`Ground in ${c.nearest.name}`}
                        onClick={() => onGround({ potId: c.nearest?.potId ?? '' })}
                      >
                        ground in that paint
                      </Button>
                    )}
                    <Button
                      look="plain"
                      size="xs"
                      px="0"
                      aria-label={`Ground as if ${c.hex}`}
                      onClick={() => onGround({ asIf: c.hex })}
                    >
                      as if in it
                    </Button>
                  </Flex>
                )}
              </Box>
            </Flex>
          ))}
        </Flex>
      </Section>
    </Box>
  );
}

/** The mix that comes nearest: looked for colour by colour, since it takes its time. */
function Mixed({ hex }: { hex: string }) {
  const mixes = useQuery({
    queryKey: keys.mixesOf(hex),
    queryFn: () => ask(api.GET('/api/colours/mixes', { params: { query: { hex } } })),
  });
  const best = mixes.data?.[0];
  if (mixes.isPending) {
    return (
      <Text role="status" color="soft">
        Every mix is looked at…
      </Text>
    );
  }
  return best ? <Near colour={best.colour} name={best.title} off={best.differsText} /> : null;
}

function Near({ colour, name, off }: { colour: string; name: string; off: string }) {
  return (
    <Flex gap="1.5" align="flex-start">
      <Box
        aria-hidden
        mt="4px"
        w="11px"
        h="11px"
        flexShrink={0}
        borderRadius="full"
        bg={colour}
        borderWidth="1px"
        borderColor="fold"
      />
      <Text>
        {name}{' '}
        <Box as="span" color="soft">
          {off}
        </Box>
      </Text>
    </Flex>
  );
}
