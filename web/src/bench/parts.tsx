import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export function Card({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      as="section"
      aria-label={title}
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      p="4"
      mb="4"
    >
      <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600" mb="2">
        {title}
      </Heading>
      {children}
    </Box>
  );
}

/** A figure with its unit. */
export function Field({
  label,
  unit,
  value,
  least,
  most,
  onChange,
}: {
  label: string;
  unit: string;
  value: number;
  least: number;
  most: number;
  onChange: (value: number) => void;
}) {
  return (
    <Flex align="center" gap="2">
      <Input
        type="number"
        aria-label={label}
        size="sm"
        w="74px"
        bg="card"
        min={least}
        max={most}
        value={value}
        onChange={(e) => e.target.value !== '' && onChange(Number(e.target.value))}
      />
      <Text fontSize="13px">
        {unit}{' '}
        <Text as="span" color="soft">
          {label.toLowerCase()}
        </Text>
      </Text>
    </Flex>
  );
}
