import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A page before one is in: one card, and nothing of the studio behind it. */
export function Door({
  title,
  under,
  children,
}: {
  title: string;
  under?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Flex minH="100%" align="center" justify="center" p="4" position="relative" overflow="hidden">
      <title>{`${title} · Craft Map`}</title>
      <Reeds />
      <Box
        as="main"
        w="100%"
        maxW="440px"
        bg="sheet"
        borderWidth="1px"
        borderColor="hairline"
        borderRadius="lg"
        boxShadow="lg"
        p={{ base: '5', md: '7' }}
        position="relative"
      >
        <Flex align="center" gap="2.5" mb="5">
          <img src="/mark.svg" width="26" height="26" alt="" />
          <Text fontFamily="heading" fontSize="18px" fontWeight="600">
            Craft Map
          </Text>
        </Flex>
        <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600" mb="1">
          {title}
        </Heading>
        {under && (
          <Text color="soft" fontSize="14px" mb="5">
            {under}
          </Text>
        )}
        {children}
      </Box>
    </Flex>
  );
}

/** Reeds along the water's edge: each bends its own way, none of it by chance. */
function Reeds() {
  const reeds = Array.from({ length: 34 }, (_, i) => {
    const x = i * 40 + ((i * 37) % 23);
    const height = 90 + ((i * 53) % 120);
    const bend = ((i * 29) % 46) - 20;
    return { x, height, bend, head: i % 3 === 0 };
  });
  return (
    <Box position="absolute" insetX="0" bottom="0" h="240px" aria-hidden>
      <svg
        width="100%"
        height="240"
        viewBox="0 0 1360 240"
        preserveAspectRatio="xMidYMax slice"
        role="presentation"
      >
        <path
          d="M0 214 Q 170 196 340 214 T 680 214 T 1020 214 T 1360 214 V 240 H 0 Z"
          fill="#DCE9E7"
        />
        <path
          d="M0 228 Q 170 214 340 228 T 680 228 T 1020 228 T 1360 228 V 240 H 0 Z"
          fill="#C9DCDA"
        />
        {reeds.map(({ x, height, bend, head }) => (
          <g key={x} stroke="#8FA38C" fill="none" strokeLinecap="round">
            <path
              d={`M ${x} 240 Q ${x} ${240 - height * 0.6} ${x + bend} ${240 - height}`}
              strokeWidth="2.2"
            />
            {head && (
              <path
                d={`M ${x + bend * 0.86} ${240 - height * 0.93} L ${x + bend * 1.06} ${240 - height * 1.1}`}
                stroke="#A98B5B"
                strokeWidth="7"
              />
            )}
          </g>
        ))}
      </svg>
    </Box>
  );
}
